package dev.steelyard.web.testing;

import dev.steelyard.web.start.demo.DemoDays;
import java.time.LocalDate;
import java.time.ZoneOffset;

/** The coming spring that the demo shop is told of. */
public final class DemoSpring {

    public static final int YEAR = DemoDays.springs(LocalDate.now(ZoneOffset.UTC));

    private DemoSpring() {}
}
