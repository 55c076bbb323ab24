package dev.steelyard.web.start.demo;

import dev.steelyard.web.base.page.ShippedText;
import java.time.Clock;
import java.time.LocalDate;
import java.time.Month;
import org.springframework.stereotype.Component;

/**
 * What the demo shop is made of, with its days of a coming spring: they are written for that of 2027, and moved on by whole
 * years once it is less than a month away, so that what is to come is always still to come.
 */
@Component
public class DemoDays {

    private static final int WRITTEN = 2027;
    private static final String DAYS_OF_IT = "\\b" + WRITTEN + "(?=-\\d\\d-\\d\\d)";

    private final Clock clock;

    DemoDays(Clock clock) {
        this.clock = clock;
    }

    /** The year of the spring that a shop made today is told of. */
    public static int springs(LocalDate today) {
        int next = today.getMonth().compareTo(Month.FEBRUARY) < 0 ? today.getYear() : today.getYear() + 1;
        return Math.max(WRITTEN, next);
    }

    /** A file of the demo. */
    String text(String resource) {
        return moved(ShippedText.of(resource), springs(LocalDate.now(clock)));
    }

    static String moved(String text, int year) {
        return text.replaceAll(DAYS_OF_IT, String.valueOf(year));
    }
}
