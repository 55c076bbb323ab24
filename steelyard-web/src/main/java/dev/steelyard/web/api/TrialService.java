package dev.steelyard.web.api;

import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.format.Document;
import dev.steelyard.format.Documents;
import dev.steelyard.format.FindingWriter;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.format.Json;
import dev.steelyard.format.ResultWriter;
import dev.steelyard.format.Trials;
import dev.steelyard.web.shop.Shops;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
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
        long orders = reading.documents().stream()
                .mapToLong(one -> one.orders().size())
                .sum();
        if (orders > limits.orders()) {
            throw new ProblemFound(
                    Problem.TOO_MANY_ORDERS, "A request has at most " + limits.orders() + " orders, not " + orders);
        }
        Instant until = clock.instant().plus(limits.time());
        ArrayNode answers = Json.array();
        for (Document document : reading.documents()) {
            answers.add(answer(document, findings, until));
        }
        return root.isArray() ? answers : answers.get(0);
    }

    private ObjectNode answer(Document document, boolean findings, Instant until) {
        ObjectNode answer = Json.object();
        if (document.id() != null) {
            answer.put("id", document.id());
        }
        answer.put("currency", document.shop().currency().getCurrencyCode());
        ArrayNode orders = answer.putArray("orders");
        LocalDateTime now = shops.now();
        for (Document.Order order : document.orders()) {
            if (clock.instant().isAfter(until)) {
                throw new ProblemFound(
                        Problem.TOO_LONG,
                        "Pricing is given " + limits.time().toSeconds() + " seconds; " + orders.size() + " of "
                                + document.orders().size() + " orders of this document were priced in them");
            }
            LineResult result = Trials.price(document, order, now);
            ObjectNode one = ResultWriter.write(result);
            if (order.expected() != null) {
                String mismatch = Trials.mismatch(order, result);
                one.put("asExpected", mismatch == null);
                if (mismatch != null) {
                    one.put("mismatch", mismatch);
                }
            }
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
