package dev.steelyard.web.goods.batch;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.words.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is odd about a row as it is kept: a line for each note, its code before a tab. */
public final class NoteText {

    private static final int LONGEST = 8_000;
    private static final String BETWEEN = "\t";

    private NoteText() {}

    /** None for no notes. */
    public static @Nullable String of(List<Note> notes) {
        StringBuilder text = new StringBuilder();
        for (Note note : notes) {
            String line = note.code().name() + BETWEEN + words(note).replace('\n', ' ');
            if (text.length() + line.length() < LONGEST) {
                text.append(text.isEmpty() ? "" : "\n").append(line);
            }
        }
        return text.isEmpty() ? null : text.toString();
    }

    /** The same in words, as they are read back: for whoever has a processor to spare for that. */
    public static List<Note> said(List<Note> notes) {
        return notes.stream()
                .map(note -> note.finding() == null ? note : new Note(note.code(), words(note)))
                .toList();
    }

    private static String words(Note note) {
        return note.finding() == null ? note.words() : Words.owners().sentence(note.finding());
    }

    public static List<Note> read(@Nullable String text) {
        return text == null
                ? List.of()
                : text.lines()
                        .map(line -> line.split(BETWEEN, 2))
                        .map(parts -> new Note(Note.Code.valueOf(parts[0]), parts[1]))
                        .toList();
    }

    /** What the text of a row that is odd in one way is like, in SQL. */
    public static String like(Note.Code way) {
        return "%" + way.name() + BETWEEN + "%";
    }

    /** A text that fits where it is kept. */
    public static String shortened(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }
}
