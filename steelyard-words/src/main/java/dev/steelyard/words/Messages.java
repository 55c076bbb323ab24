package dev.steelyard.words;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** The messages of one language, by key, in ICU's message format; of several files the first that has a key counts. */
final class Messages {

    private final Language language;
    private final Map<String, String> patterns = new HashMap<>();
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();

    private Messages(Language language) {
        this.language = language;
    }

    /** @param files beside this class, without their ending */
    static Messages of(Language language, String... files) {
        Messages messages = new Messages(language);
        for (String file : files) {
            read(file).forEach((key, text) -> messages.patterns.putIfAbsent((String) key, (String) text));
        }
        return messages;
    }

    /** All messages of a file. */
    static Properties read(String file) {
        Properties read = new Properties();
        try (InputStream stream = Messages.class.getResourceAsStream(file + ".properties")) {
            if (stream == null) {
                throw new IllegalArgumentException("there is no file of messages " + file);
            }
            read.load(new InputStreamReader(stream, StandardCharsets.UTF_8));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return read;
    }

    @Nullable
    String pattern(String key) {
        return patterns.get(key);
    }

    /** @throws IllegalArgumentException where there is no message of this key */
    String say(String key, Map<String, Object> parts) {
        MessageFormat format = formats.computeIfAbsent(key, this::format);
        StringBuffer said = new StringBuffer();
        synchronized (format) { // ICU's are not safe to share
            format.format(parts, said, null);
        }
        return said.toString();
    }

    private MessageFormat format(String key) {
        String pattern = patterns.get(key);
        if (pattern == null) {
            throw new IllegalArgumentException("there is no message " + key + " in " + language.code());
        }
        return new MessageFormat(pattern, language.locale());
    }
}
