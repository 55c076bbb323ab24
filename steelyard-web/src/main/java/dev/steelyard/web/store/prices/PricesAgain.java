package dev.steelyard.web.store.prices;

import dev.steelyard.web.base.page.AskedAgain;
import dev.steelyard.web.base.page.AskedAgain.Round;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.PriceCounts;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.store.door.CallAnswer;
import dev.steelyard.words.Language;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Prices that a store asks for again within the same minute, as it does for a list that many look at: told as they were written
 * the last time, with the moment of now.
 */
@Component
class PricesAgain {

    private static final int LONGEST_BODY = 4_096;
    private static final int MOST_KEPT = 1_000;
    private static final String AT = "\"at\":\"";

    private final AskedAgain<Asked, Written> answers = new AskedAgain<>(MOST_KEPT);
    private final JsonMapper mapper;
    private final PriceCounts counts;
    private final Reductions reductions;
    private final Clock clock;

    PricesAgain(JsonMapper mapper, PriceCounts counts, Reductions reductions, Clock clock) {
        this.mapper = mapper;
        this.counts = counts;
        this.reductions = reductions;
        this.clock = clock;
    }

    /** A call, by all that its answer goes by. @param key the number of its key */
    record Asked(long key, String body, Language language) {}

    /**
     * An answer as it was written.
     *
     * @param refused how many of its lines have no price
     * @param before what stands before its moment
     * @param after what stands behind that
     */
    private record Written(PricesAnswer answer, int refused, byte[] before, byte[] after) {

        CallAnswer<PricesAnswer> at(Instant moment, Language language) {
            ByteArrayOutputStream json = new ByteArrayOutputStream(before.length + after.length + AT.length() * 4);
            json.writeBytes(before);
            json.writeBytes(moment.toString().getBytes(StandardCharsets.US_ASCII));
            json.writeBytes(after);
            return new CallAnswer<>(answer.at(moment), language.code(), json.toByteArray());
        }
    }

    /** A call that was read, with its prices. */
    record Made(PricesRequest request, PricesAnswer answer) {}

    /** @param how its prices are made where it was not asked before */
    CallAnswer<PricesAnswer> answer(Asked asked, BookInForce book, Supplier<Made> how) {
        // of the moment before they are made: what comes true meanwhile begins another round
        Round<Asked, Written> now = answers.round(book, reductions.state(), clock.instant());
        Written kept = now.kept(asked);
        if (kept != null) {
            counts.count(kept.answer().lines().size() - kept.refused(), kept.refused());
            return kept.at(Prices.moment(clock.instant()), asked.language());
        }
        Made made = how.get();
        if (asked.body().length() > LONGEST_BODY || !made.request().holdsForAMinute() || !now.again(asked)) {
            return new CallAnswer<>(made.answer(), asked.language().code());
        }
        Written written = write(made.answer());
        now.keep(asked, written);
        return written.at(made.answer().at(), asked.language());
    }

    private Written write(PricesAnswer answer) {
        String json = mapper.writeValueAsString(answer);
        int from = json.indexOf(AT) + AT.length(); // what stands before is a number
        int to = json.indexOf('"', from);
        byte[] after = json.substring(to).getBytes(StandardCharsets.UTF_8);
        byte[] before = json.substring(0, from).getBytes(StandardCharsets.UTF_8);
        int refused = (int)
                answer.lines().stream().filter(line -> line.refused() != null).count();
        return new Written(answer, refused, before, after);
    }
}
