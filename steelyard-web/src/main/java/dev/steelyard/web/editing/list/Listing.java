package dev.steelyard.web.editing.list;

import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.editing.draft.DraftKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.util.MultiValueMap;
import tools.jackson.databind.node.ObjectNode;

/** What is particular of one kind in its list, and where one is begun. */
public interface Listing {

    DraftKind kind();

    Words words();

    /** All of them in their order. */
    List<Line> lines();

    /** What the list has beside its lines, by the names its template knows it by. */
    default Map<String, Object> beside(Function<String, String> asked) {
        return Map.of();
    }

    /** The ways to begin one. */
    List<? extends Way> ways();

    /** A new one for some goods. */
    ObjectNode begin(Way way, Begin.Picked picked, String name);

    /** One from a document in the open format. */
    Read read(String text);

    /**
     * What they are called on these pages.
     *
     * @param plural “Rate cards”
     * @param called “rate card”
     * @param column the head over their names
     * @param order “tried from the top”
     * @param how the head over the ways to begin one
     * @param pickOne what is said where no way was picked
     * @param example how a document of one begins
     */
    record Words(
            String plural, String called, String column, String order, String how, String pickOne, String example) {}

    /** A way to begin one, with the sentence it is picked by. */
    interface Way {

        /** The word in requests. */
        String code();

        /** Whether it acts on everything, whatever is picked. */
        default boolean ofAll() {
            return false;
        }

        /** The step that what is begun so opens at. */
        String opensAt();

        /** The name of one that is begun so, for goods of a name. */
        String called(Begin.Picked picked);
    }

    /**
     * A document read.
     *
     * @param document none where something is wrong
     */
    record Read(Optional<ObjectNode> document, List<FormatIssue> issues) {}

    /** The parameters of a request by name; empty for those it has not. */
    static Function<String, String> asked(MultiValueMap<String, String> sent) {
        return name -> {
            String value = sent.getFirst(name);
            return value == null ? "" : value;
        };
    }
}
