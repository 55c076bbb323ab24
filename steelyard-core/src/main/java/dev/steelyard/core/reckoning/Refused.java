package dev.steelyard.core.reckoning;

import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import java.io.Serial;
import java.util.List;

/** There is no price. Thrown while a line is worked out and turned into an answer where the line is priced. */
public final class Refused extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    private final transient List<Fault> faults;

    /** @param faults one or more, the first one named first */
    public Refused(List<Fault> faults) {
        super(null, null, false, false);
        this.faults = List.copyOf(faults);
    }

    public static Refused at(Place place, Refusal code, Part... parts) {
        return new Refused(List.of(Fault.of(place, code, parts)));
    }

    /** A fault of the card. */
    public static Refused at(Place place, Fault.Kind kind, Refusal code, Part... parts) {
        return new Refused(List.of(new Fault(place, kind, Fact.of(code, parts))));
    }

    /** What the first fault is; for those who read logs. */
    @Override
    public String getMessage() {
        return faults.get(0).toString();
    }

    /** Whether its first fault is at a place. */
    public boolean isAt(Place place) {
        return faults.get(0).place().equals(place);
    }

    public List<Fault> faults() {
        return faults;
    }
}
