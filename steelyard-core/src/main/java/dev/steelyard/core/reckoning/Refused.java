package dev.steelyard.core.reckoning;

import java.io.Serial;
import java.util.List;

/** There is no price. Thrown while a line is worked out and turned into an answer where the line is priced. */
public final class Refused extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    private final transient List<Fault> faults;

    /** @param faults one or more, the first one named first */
    public Refused(List<Fault> faults) {
        super(faults.get(0).message(), null, false, false);
        this.faults = List.copyOf(faults);
    }

    public static Refused at(Place place, String message) {
        return new Refused(List.of(new Fault(place, message)));
    }

    /** A fault of the card. */
    public static Refused at(Place place, Fault.Kind kind, String message) {
        return new Refused(List.of(new Fault(place, kind, message)));
    }

    /** Whether its first fault is at a place. */
    public boolean isAt(Place place) {
        return faults.get(0).place().equals(place);
    }

    public List<Fault> faults() {
        return faults;
    }
}
