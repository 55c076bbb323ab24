package dev.steelyard.web.editing.words;

import org.jspecify.annotations.Nullable;

/**
 * Some words of a sentence, or a number in it that is a field's.
 *
 * @param field the id of the field; none for words
 */
public record SentencePart(String text, @Nullable String field) {}
