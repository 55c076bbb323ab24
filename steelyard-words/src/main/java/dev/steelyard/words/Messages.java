package dev.steelyard.words;

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
    private final Map<String, Message> read = new ConcurrentHashMap<>();
    private final Numerals numerals;

    private Messages(Language language) {
        this.language = language;
        this.numerals = new Numerals(language.locale());
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
    String say(String key, Message.Told told) {
        Message message = read.get(key);
        return (message == null ? read.computeIfAbsent(key, this::message) : message).say(told);
    }

    private Message message(String key) {
        String pattern = patterns.get(key);
        if (pattern == null) {
            throw new IllegalArgumentException("there is no message " + key + " in " + language.code());
        }
        return new Message(pattern, language.locale(), numerals);
    }
}
