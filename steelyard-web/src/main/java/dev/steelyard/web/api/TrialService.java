package dev.steelyard.web.api;

import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.reckoning.Wanted;
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
import dev.steelyard.format.Sizes;
import dev.steelyard.format.Trials;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.words.Words;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
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

    TrialService(Shops shops, TrialLimits limits) {
        this.shops = shops;
        this.limits = limits;
    }

    /** An answer for a document; a list of answers for a list of them. */
    JsonNode price(String text, boolean findings, Words words, Wanted wanted) {
        Sizes.tooLong(text).ifPresent(tooLong -> {
            throw new ProblemFound(Problem.TOO_LARGE, tooLong.at() + ": " + tooLong.message(), List.of(tooLong));
        });
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
        long orders = orders(root);
        if (orders > limits.orders()) {
            throw new ProblemFound(
                    Problem.TOO_MANY_ORDERS, "A request has at most " + limits.orders() + " orders, not " + orders);
        }
        long shares = shares(root);
        if (shares > limits.shares()) {
            throw new ProblemFound(
                    Problem.TOO_LARGE,
                    "Deals times lines of all baskets come to at most " + limits.shares() + ", not " + shares);
        }
        wanted.check();
        Documents.Reading reading = Documents.read(root, shops.current().rules());
        wanted.check();
        if (!reading.issues().isEmpty()) {
            FormatIssue first = reading.issues().get(0);
            throw new ProblemFound(
                    Problem.DOCUMENT,
                    (first.at().isEmpty() ? "The whole" : first.at()) + ": " + first.message(),
                    reading.issues());
        }
        ArrayNode answers = Json.array();
        for (Priceable document : reading.documents()) {
            answers.add(
                    document instanceof Document ofCard
                            ? answer(ofCard, findings, words, wanted)
                            : answer((BasketDocument) document, words, wanted));
        }
        return root.isArray() ? answers : answers.get(0);
    }

    private static Stream<JsonNode> documents(JsonNode root) {
        return root.isArray() ? root.valueStream() : Stream.of(root);
    }

    private static long orders(JsonNode root) {
        return documents(root)
                .mapToLong(
                        one -> one.path("orders").size() + one.path("baskets").size())
                .sum();
    }

    /** How many shares of deals in lines an answer could have. */
    private static long shares(JsonNode root) {
        return documents(root)
                .mapToLong(one -> one.path("deals").size()
                        * one.path("baskets")
                                .valueStream()
                                .mapToLong(basket -> basket.path("lines").size())
                                .sum())
                .sum();
    }

    private static ObjectNode begun(Priceable document) {
        ObjectNode answer = Json.object();
        if (document.id() != null) {
            answer.put("id", document.id());
        }
        return answer.put("currency", document.shop().currency().getCurrencyCode());
    }

    private static void expected(ObjectNode answer, boolean expected, @Nullable String mismatch) {
        if (expected) {
            answer.put("asExpected", mismatch == null);
        }
        if (mismatch != null) {
            answer.put("mismatch", mismatch);
        }
    }

    private ObjectNode answer(BasketDocument document, Words words, Wanted wanted) {
        ObjectNode answer = begun(document);
        ArrayNode baskets = answer.putArray("baskets");
        ZonedDateTime now = shops.now();
        for (BasketDocument.Order order : document.baskets()) {
            PricedBasket basket = BasketTrials.price(document, order, now, wanted);
            ObjectNode one = BasketWriter.write(basket, words);
            expected(one, order.expected() != null, BasketTrials.mismatch(order, basket));
            baskets.add(one);
        }
        return answer;
    }

    private ObjectNode answer(Document document, boolean findings, Words words, Wanted wanted) {
        ObjectNode answer = begun(document);
        ArrayNode orders = answer.putArray("orders");
        ZonedDateTime now = shops.now();
        PriceBook book = Trials.book(document);
        for (Document.Order order : document.orders()) {
            LineResult result = Trials.price(document, book, order, now, wanted);
            ObjectNode one = ResultWriter.write(result, words);
            expected(one, order.expected() != null, Trials.mismatch(order, result));
            orders.add(one);
        }
        if (findings) {
            answer.set("findings", findings(document, wanted));
        }
        return answer;
    }

    private ArrayNode findings(Document document, Wanted wanted) {
        CardFindings search = new CardFindings(
                document.shop(), Margins.of(shops.current().smallestMargin()), CardFindings.BUDGET, wanted);
        return FindingWriter.write(
                search.of(
                        document.card(),
                        document.product().items().get(0),
                        shops.now().toLocalDate(),
                        List.of()),
                Words.owners());
    }
}
