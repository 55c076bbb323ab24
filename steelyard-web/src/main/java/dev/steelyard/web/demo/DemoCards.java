package dev.steelyard.web.demo;

import dev.steelyard.format.Json;
import dev.steelyard.web.kept.Draft;
import dev.steelyard.web.kept.DraftDocument;
import dev.steelyard.web.kept.Drafts;
import dev.steelyard.web.kept.KeepResult;
import dev.steelyard.web.kept.Kind;
import dev.steelyard.web.kept.Releases;
import dev.steelyard.web.shop.Shops;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The demo shop's rate cards, each live and with check weights. One has prices that begin later, one a draft that waits.
 */
@Component
class DemoCards {

    private static final String OWNER = "Maren";
    private static final String OTHER_OWNER = "Jonas";

    private final Drafts cards;
    private final Releases releases;
    private final Shops shops;

    DemoCards(Drafts cards, Releases releases, Shops shops) {
        this.cards = cards;
        this.releases = releases;
        this.shops = shops;
    }

    void make() {
        for (JsonNode one : Json.read(text("demo/cards.json"))) {
            Draft made = cards.create(Kind.CARD, DraftDocument.read(Json.write(one)), "{}", OWNER);
            release(made, null, "", OWNER);
            if (one.has("later")) {
                LocalDateTime from = LocalDateTime.parse(one.at("/later/from").asString());
                Draft later = changed(made, one, one.get("later"));
                release(
                        later,
                        from.atZone(shops.current().zone()).toInstant(),
                        one.at("/later/why").asString(),
                        OTHER_OWNER);
            }
            if (one.has("draft")) {
                changed(made, one, one.get("draft"));
            }
        }
    }

    private Draft changed(Draft card, JsonNode whole, JsonNode change) {
        ObjectNode document = ((ObjectNode) whole).deepCopy();
        change.path("set").properties().forEach(field -> {
            JsonPointer at = JsonPointer.compile(field.getKey());
            JsonNode parent = document.at(at.head());
            ((ObjectNode) parent).set(at.last().getMatchingProperty(), field.getValue());
        });
        KeepResult kept = cards.keep(
                        card.id(), card.number(), DraftDocument.read(Json.write(document)), "{}", OTHER_OWNER)
                .orElseThrow();
        return ((KeepResult.Kept) kept).entry();
    }

    private void release(Draft card, @Nullable Instant starts, String why, String by) {
        long seen = releases.of(card.id()).latest();
        releases.putLive(card.id(), new Releases.Wish(card.number(), card.number(), seen, starts, why), by)
                .orElseThrow();
    }

    private static String text(String resource) {
        try {
            return new ClassPathResource(resource).getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
