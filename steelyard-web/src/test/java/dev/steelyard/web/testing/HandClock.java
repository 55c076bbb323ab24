package dev.steelyard.web.testing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that stands until it is moved. */
public final class HandClock extends Clock {

    private volatile Instant now = Instant.parse("2027-03-01T09:00:00Z");

    public void forward(Duration by) {
        now = now.plus(by);
    }

    @Override
    public Instant instant() {
        return now;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("only UTC");
    }
}
