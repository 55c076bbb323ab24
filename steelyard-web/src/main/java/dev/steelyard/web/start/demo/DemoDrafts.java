package dev.steelyard.web.start.demo;

import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.KeepResult;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.shop.Shops;
import java.time.Instant;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The demo shop's rate cards and deals, each live. Some have a version that begins later, some a draft that waits.
 */
@Component
class DemoDrafts {

    private static final String OWNER = "Maren";
    private static final String OTHER_OWNER = "Jonas";

    private final Drafts drafts;
    private final Releases releases;
    private final Shops shops;
    private final DemoDays days;

    DemoDrafts(Drafts drafts, Releases releases, Shops shops, DemoDays days) {
        this.days = days;
        this.drafts = drafts;
        this.releases = releases;
        this.shops = shops;
    }

    void make() {
        make(DraftKind.CARD, "demo/cards.json");
        make(DraftKind.DEAL, "demo/deals.json");
    }

    private void make(DraftKind kind, String resource) {
        for (JsonNode one : Json.read(days.text(resource))) {
            Draft made = drafts.create(kind, DraftDocument.read(Json.write(one)), OWNER);
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

    private Draft changed(Draft draft, JsonNode whole, JsonNode change) {
        ObjectNode document = ((ObjectNode) whole).deepCopy();
        change.path("set").properties().forEach(field -> {
            JsonPointer at = JsonPointer.compile(field.getKey());
            JsonNode parent = document.at(at.head());
            ((ObjectNode) parent).set(at.last().getMatchingProperty(), field.getValue());
        });
        KeepResult kept = drafts.keep(
                        draft.id(), draft.number(), DraftDocument.read(Json.write(document)), "{}", OTHER_OWNER)
                .orElseThrow();
        return ((KeepResult.Kept) kept).entry();
    }

    private void release(Draft draft, @Nullable Instant starts, String why, String by) {
        long seen = releases.of(draft.id()).latest();
        releases.putLive(draft.id(), new Releases.Wish(draft.number(), draft.number(), seen, starts, why), by)
                .orElseThrow();
    }
}
