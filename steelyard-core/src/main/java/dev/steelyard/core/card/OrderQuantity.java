package dev.steelyard.core.card;

import dev.steelyard.core.number.Quantity;
import java.util.List;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;

/**
 * How many pieces one line can have, within what any line can have.
 *
 * @param atLeast none for no least number of its own
 * @param atMost none for no largest number of its own
 * @param multipleOf only multiples of it, counted from 0; none for any
 */
public record OrderQuantity(@Nullable Long atLeast, @Nullable Long atMost, @Nullable Long multipleOf) {

    /** Whatever any line can have. */
    public static final OrderQuantity ANY = new OrderQuantity(null, null, null);

    /** The same with a largest number where there is none. */
    public OrderQuantity orAtMost(long pieces) {
        return atMost != null || pieces >= Quantity.MOST ? this : new OrderQuantity(atLeast, pieces, multipleOf);
    }

    /** The difference between two that fit. */
    public long step() {
        return multipleOf == null ? 1 : multipleOf;
    }

    /** The smallest that fits; none where nothing does. */
    public OptionalLong smallest() {
        return from(Quantity.LEAST);
    }

    /** The largest that fits; none where nothing does. */
    public OptionalLong largest() {
        return upTo(Quantity.MOST);
    }

    public boolean fits(long pieces) {
        return pieces >= least() && pieces <= most() && pieces % step() == 0;
    }

    /** The smallest that fits from a number on; none where there is none. */
    public OptionalLong from(long pieces) {
        long up = Math.floorDiv(Math.max(pieces, least()) + step() - 1, step()) * step();
        return fits(up) ? OptionalLong.of(up) : OptionalLong.empty();
    }

    /** The largest that fits up to a number; none where there is none. */
    public OptionalLong upTo(long pieces) {
        long down = Math.floorDiv(Math.min(pieces, most()), step()) * step();
        return fits(down) ? OptionalLong.of(down) : OptionalLong.empty();
    }

    /** Those that fit nearest to a number that does not: the one below and the one above, as far as there are any. */
    public List<Long> nearest(long pieces) {
        return LongStream.concat(upTo(pieces).stream(), from(pieces).stream())
                .distinct()
                .boxed()
                .toList();
    }

    private long least() {
        return atLeast == null ? Quantity.LEAST : Math.max(Quantity.LEAST, atLeast);
    }

    private long most() {
        return atMost == null ? Quantity.MOST : Math.min(Quantity.MOST, atMost);
    }
}
