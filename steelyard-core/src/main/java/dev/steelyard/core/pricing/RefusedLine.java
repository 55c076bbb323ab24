package dev.steelyard.core.pricing;

import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.said.Fact;
import java.util.List;

/**
 * No price, and why.
 *
 * @param faults one or more; where several answers are wrong there is one for each, the one to be named first
 */
public record RefusedLine(List<Fault> faults) implements LineResult {

    public RefusedLine {
        faults = List.copyOf(faults);
    }

    /** One fault. */
    public RefusedLine(Place place, Fact what) {
        this(List.of(new Fault(place, what)));
    }

    /** Where the first fault is. */
    public Place place() {
        return faults.get(0).place();
    }

    /** What the first fault is. */
    public Fact what() {
        return faults.get(0).what();
    }
}
