package dev.steelyard.web.store.door;

import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.base.page.Fingerprint;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lets a request that makes something be sent again: with the same {@code Idempotency-Key} and the same body it is answered
 * as the first time for {@value #HOURS} hours, and nothing is made twice. What is made and what is answered stand in one
 * transaction.
 */
@Component
public class AnsweredOnce {

    private static final String HEADER = "Idempotency-Key";
    private static final int LONGEST = 200;
    private static final int HOURS = 24;

    private final JdbcTemplate sql;
    private final TransactionTemplate transaction;
    private final JsonMapper mapper;
    private final Clock clock;

    AnsweredOnce(JdbcTemplate sql, TransactionTemplate transaction, JsonMapper mapper, Clock clock) {
        this.sql = sql;
        this.transaction = transaction;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** An answer. */
    public record Answer(int status, String json) {

        ResponseEntity<String> response() {
            return ResponseEntity.status(status)
                    .contentType(MediaType.APPLICATION_JSON)
                    .body(json);
        }
    }

    /**
     * Makes something in a transaction, or says again what was made.
     *
     * @param body as it was sent
     * @param make what is to be answered with status 201
     * @throws ProblemFound where the word was used with another body
     */
    public ResponseEntity<String> make(HttpServletRequest request, String body, Supplier<Object> make) {
        String word = request.getHeader(HEADER);
        if (word == null) {
            return new Answer(201, mapper.writeValueAsString(transaction.execute(status -> make.get()))).response();
        }
        if (word.isBlank() || word.length() > LONGEST) {
            throw new ProblemFound(
                    Problem.IDEMPOTENCY, HEADER + " has 1 to " + LONGEST + " characters, not " + word.length());
        }
        long key = StoreCall.key(request).id();
        String hash = Fingerprint.of(request.getRequestURI() + "\n" + body);
        Answer before = before(key, word, hash);
        if (before != null) {
            return before.response();
        }
        try {
            return Optional.ofNullable(transaction.execute(status -> first(key, word, hash, make)))
                    .orElseThrow()
                    .response();
        } catch (DuplicateKeyException meanwhile) {
            return Optional.ofNullable(before(key, word, hash))
                    .orElseThrow(() -> meanwhile)
                    .response();
        }
    }

    /** Whoever sends the same word meanwhile waits for this row. */
    private Answer first(long key, String word, String hash, Supplier<Object> make) {
        sql.update(
                "insert into answered_once (key_id, word, body_hash, status, answer, made_at) values (?, ?, ?, 0, '', ?)",
                key,
                word,
                hash,
                UtcColumns.utc(clock.instant()));
        Answer answer = new Answer(201, mapper.writeValueAsString(make.get()));
        sql.update(
                "update answered_once set status = ?, answer = ? where key_id = ? and word = ?",
                answer.status(),
                answer.json(),
                key,
                word);
        return answer;
    }

    private @Nullable Answer before(long key, String word, String hash) {
        return sql
                .query(
                        "select body_hash, status, answer from answered_once where key_id = ? and word = ?",
                        (row, n) -> {
                            if (!row.getString(1).equals(hash)) {
                                throw new ProblemFound(
                                        Problem.IDEMPOTENCY,
                                        HEADER + " “" + word
                                                + "” was used with another request; take another for this one");
                            }
                            return new Answer(row.getInt(2), row.getString(3));
                        },
                        key,
                        word)
                .stream()
                .findFirst()
                .orElse(null);
    }

    /** Forgets what is older. */
    @Scheduled(fixedDelayString = "1h")
    void forget() {
        sql.update(
                "delete from answered_once where made_at < ?",
                UtcColumns.utc(clock.instant().minus(Duration.ofHours(HOURS))));
    }
}
