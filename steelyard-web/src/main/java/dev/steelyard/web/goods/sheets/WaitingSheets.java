package dev.steelyard.web.goods.sheets;

import dev.steelyard.format.table.CsvForm;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Files that were sent and wait for somebody to say which of their columns are left out; the latest few. */
@Component
class WaitingSheets {

    private static final Logger log = LoggerFactory.getLogger(WaitingSheets.class);
    private static final int MOST = 20;

    private final Map<String, Waiting> waiting = Collections.synchronizedMap(new LinkedHashMap<>());

    /**
     * A file with what is known of it.
     *
     * @param unknown heads that mean nothing here
     */
    record Waiting(Path file, String name, CsvForm form, String fingerprint, String by, List<String> unknown) {}

    /** @return by which it is taken up again */
    String keep(Waiting one) {
        String token = UUID.randomUUID().toString();
        synchronized (waiting) {
            waiting.put(token, one);
            if (waiting.size() > MOST) {
                String oldest = waiting.keySet().iterator().next();
                drop(waiting.remove(oldest));
            }
        }
        return token;
    }

    Optional<Waiting> find(String token) {
        return Optional.ofNullable(waiting.get(token));
    }

    /** Once, for whoever goes on with it. */
    Optional<Waiting> take(String token) {
        return Optional.ofNullable(waiting.remove(token));
    }

    private static void drop(Waiting one) {
        try {
            Files.deleteIfExists(one.file());
        } catch (IOException left) {
            log.warn("{} could not be deleted", one.file(), left);
        }
    }
}
