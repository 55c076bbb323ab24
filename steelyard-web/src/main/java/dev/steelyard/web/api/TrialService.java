package dev.steelyard.web.api;

import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.format.BasketDocument;
import dev.steelyard.format.BasketTrials;
import dev.steelyard.format.BasketWriter;
import dev.steelyard.format.Document;
import dev.steelyard.format.Documents;
import dev.steelyard.format.FindingWriter;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.format.Json;
import dev.steelyard.format.Priceable;
import dev.steelyard.format.ResultWriter;
import dev.steelyard.format.Trials;
import dev.steelyard.web.shop.Shops;
import java.time.Clock;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Prices documents within the limits of one request. */
@Service
@EnableConfigurationProperties(TrialLimits.class)
class TrialService {

    private final Shops shops;
    private final TrialLimits limits;
    private final Clock clock;

    TrialService(Shops shops, TrialLimits limits, Clock clock) {
        this.shops = shops;
        this.limits = limits;
        this.clock = clock;
    }

    /** An answer for a document; a list of answers for a list of them. */
    JsonNode price(String text, boolean findings) {
        Json.Parsed parsed = Json.parse(text);
        JsonNode root = parsed.root();
        if (root == null) {
            throw new ProblemFound(Problem.DOCUMENT, Objects.requireNonNull(parsed.fault()));
        }
        if (root.size() > limits.documents() && root.isArray()) {
            throw new ProblemFound(
                    Problem.TOO_MANY_DOCUMENTS,
                    "A list has at most " + limits.documents() + " documents, not " + root.size());
        }
        Documents.Reading reading = Documents.read(root, shops.current().rules());
        if (!reading.issues().isEmpty()) {
            FormatIssue first = reading.issues().get(0);
            throw new ProblemFound(
                    Problem.DOCUMENT,
                    (first.at().isEmpty() ? "The whole" : first.at()) + ": " + first.message(),
                    reading.issues());
        }
        long orders =
                reading.ofCards().stream().mapToLong(one -> one.orders().size()).sum()
                        + reading.ofBaskets().stream()
                                .mapToLong(one -> one.baskets().size())
                                .sum();
        if (orders > limits.orders()) {
            throw new ProblemFound(
                    Problem.TOO_MANY_ORDERS, "A request has at most " + limits.orders() + " orders, not " + orders);
        }
        Instant until = clock.instant().plus(limits.time());
        ArrayNode answers = Json.array();
        for (Priceable document : reading.documents()) {
            answers.add(
                    document instanceof Document ofCard
                            ? answer(ofCard, findings, until)
                            : answer((BasketDocument) document, until));
        }
        return root.isArray() ? answers : answers.get(0);
    }

    private static ObjectNode begun(Priceable document) {
        ObjectNode answer = Json.object();
        if (document.id() != null) {
            answer.put("id", document.id());
        }
        return answer.put("currency", document.shop().currency().getCurrencyCode());
    }

    private void inTime(Instant until, int done, int all) {
        if (clock.instant().isAfter(until)) {
            throw new ProblemFound(
                    Problem.TOO_LONG,
                    "Pricing is given " + limits.time().toSeconds() + " seconds; " + done + " of " + all
                            + " orders of this document were priced in them");
        }
    }

    private static void expected(ObjectNode answer, boolean expected, @Nullable String mismatch) {
        if (expected) {
            answer.put("asExpected", mismatch == null);
        }
        if (mismatch != null) {
            answer.put("mismatch", mismatch);
        }
    }

    private ObjectNode answer(BasketDocument document, Instant until) {
        ObjectNode answer = begun(document);
        ArrayNode baskets = answer.putArray("baskets");
        ZonedDateTime now = shops.now();
        for (BasketDocument.Order order : document.baskets()) {
            inTime(until, baskets.size(), document.baskets().size());
            PricedBasket basket = BasketTrials.price(document, order, now);
            ObjectNode one = BasketWriter.write(basket);
            expected(one, order.expected() != null, BasketTrials.mismatch(order, basket));
            baskets.add(one);
        }
        return answer;
    }

    private ObjectNode answer(Document document, boolean findings, Instant until) {
        ObjectNode answer = begun(document);
        ArrayNode orders = answer.putArray("orders");
        ZonedDateTime now = shops.now();
        for (Document.Order order : document.orders()) {
            inTime(until, orders.size(), document.orders().size());
            LineResult result = Trials.price(document, order, now);
            ObjectNode one = ResultWriter.write(result);
            expected(one, order.expected() != null, Trials.mismatch(order, result));
            orders.add(one);
        }
        if (findings) {
            answer.set("findings", findings(document, until));
        }
        return answer;
    }

    private ArrayNode findings(Document document, Instant until) {
        if (clock.instant().isAfter(until)) {
            throw new ProblemFound(
                    Problem.TOO_LONG,
                    "A request is given " + limits.time().toSeconds() + " seconds; they were over before the findings");
        }
        CardFindings search = new CardFindings(document.shop(), shops.current().smallestMargin(), CardFindings.BUDGET);
        return FindingWriter.write(search.of(
                document.card(), document.product().items().get(0), shops.now().toLocalDate(), List.of()));
    }
}
