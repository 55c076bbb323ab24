package dev.steelyard.web.goods.batch;

import dev.steelyard.format.columns.FileLook.Seen;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Files that were sent, the latest few: until somebody has said which of their columns is what, and afterwards, so that it can
 * be said anew.
 */
@Component
public class WaitingSheets {

    private static final Logger log = LoggerFactory.getLogger(WaitingSheets.class);
    private static final int MOST = 8;

    private final Map<String, Waiting> waiting = new LinkedHashMap<>();
    private final Map<Long, String> read = new LinkedHashMap<>();

    /**
     * A file with what is known of it.
     *
     * @param seen its columns as they were found
     */
    public record Waiting(Path file, String name, Batch.Origin origin, String fingerprint, String by, Seen seen) {}

    /** @return by which it is taken up again */
    public synchronized String keep(Waiting one) {
        String token = UUID.randomUUID().toString();
        waiting.put(token, one);
        if (waiting.size() > MOST) {
            String oldest = waiting.keySet().iterator().next();
            drop(waiting.remove(oldest));
            read.values().remove(oldest);
        }
        return token;
    }

    public synchronized Optional<Waiting> find(String token) {
        return Optional.ofNullable(waiting.get(token));
    }

    /** The same file as a sheet of the other kind. */
    public synchronized void turn(String token, Waiting one) {
        waiting.replace(token, one);
    }

    /** Says which batch it was read into. @return the batch it was read into before */
    public synchronized Optional<Long> readInto(String token, long batch) {
        Optional<Long> before = read.entrySet().stream()
                .filter(one -> one.getValue().equals(token))
                .map(Map.Entry::getKey)
                .findFirst();
        before.ifPresent(read::remove);
        read.put(batch, token);
        return before;
    }

    /** By which the file of a batch is taken up again; none where it is kept no more. */
    public synchronized Optional<String> ofBatch(long batch) {
        return Optional.ofNullable(read.get(batch));
    }

    private static void drop(Waiting one) {
        try {
            Files.deleteIfExists(one.file());
        } catch (IOException left) {
            log.warn("{} could not be deleted", one.file(), left);
        }
    }

    @PreDestroy
    synchronized void end() {
        waiting.values().forEach(WaitingSheets::drop);
    }
}
