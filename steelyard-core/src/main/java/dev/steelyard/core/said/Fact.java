package dev.steelyard.core.said;

import java.util.ArrayList;
import java.util.List;

/**
 * One thing there is to say: a refusal, a step, a reason.
 *
 * @param parts one for each of {@link Code#parts()}, {@link Part#NONE} where there is nothing to put in
 */
public record Fact(Code code, List<Part> parts) {

    /** @throws IllegalArgumentException where there is not a part for each name */
    public Fact {
        parts = List.copyOf(parts);
        if (parts.size() != code.parts().size()) {
            throw new IllegalArgumentException(code + " is told with " + code.parts() + ", not with " + parts);
        }
    }

    public static Fact of(Code code, Part... parts) {
        return new Fact(code, List.of(parts));
    }

    /** The part of a name. */
    public Part part(String name) {
        return parts.get(code.parts().indexOf(name));
    }

    /** Whether it has money in it. */
    public boolean tellsMoney() {
        return parts.stream().anyMatch(Part::tellsMoney);
    }

    /** For tests and logs: {@code too-small(label: Length, given: 0.2 m, …)}; parts that are not there are left out. */
    @Override
    public String toString() {
        List<String> said = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            if (!(parts.get(i) instanceof Part.None)) {
                said.add(code.parts().get(i) + ": " + parts.get(i));
            }
        }
        return said.isEmpty() ? code.text() : code.text() + "(" + String.join(", ", said) + ")";
    }
}
