package dev.steelyard.web.sold.lines;

import dev.steelyard.web.sold.lines.Which.Of;
import java.util.BitSet;
import org.jspecify.annotations.Nullable;

/** Goes through the lines that are meant, order by order. */
final class LinePicking {

    private final SoldView of;
    private final NamesSeen names;
    private final Which which;
    private final @Nullable BitSet using;
    private final long product;

    LinePicking(SoldView view, NamesSeen names, Which which) {
        this.of = view;
        this.names = names;
        this.which = which;
        this.using = which.of().kind() == Which.Kind.DEAL ? using(which.of()) : null;
        this.product = names.seen(which.of().sku());
    }

    /** Takes a line that is meant. */
    interface Taking {
        void line(int order, int line);
    }

    void each(Taking to) {
        long first = which.from() == null ? Long.MIN_VALUE : which.from().toEpochDay();
        long last = which.until() == null ? Long.MAX_VALUE : which.until().toEpochDay();
        long group = which.group().equals(Which.EVERYONE) ? NamesSeen.NONE : groupSeen();
        for (int order = 0; order < of.orders(); order++) {
            long day = of.day()[order];
            if (day >= first && day <= last && isGroup(order, group) && isWhere(order) && uses(order)) {
                int end = order + 1 < of.orders() ? (int) of.firstLine()[order + 1] : of.lines();
                for (int line = (int) of.firstLine()[order]; line < end; line++) {
                    if (isOf(line)) {
                        to.line(order, line);
                    }
                }
            }
        }
    }

    private boolean isGroup(int order, long group) {
        return which.group().isEmpty() || of.group()[order] == group;
    }

    private long groupSeen() {
        int seen = names.seen(which.group());
        return seen == NamesSeen.NONE ? SoldLines.UNKNOWN : seen; // a group nobody bought as
    }

    private boolean isWhere(int order) {
        return switch (which.where()) {
            case ANYWHERE -> true;
            case COUNTER -> of.store()[order] == 0;
            case STORE -> of.store()[order] == 1;
        };
    }

    private boolean uses(int order) {
        return using == null || using.get(order);
    }

    private boolean isOf(int line) {
        return switch (which.of().kind()) {
            case SHOP, DEAL -> true;
            case PRODUCT -> of.product()[line] == product;
            case CARD -> of.card()[line] == which.of().id();
        };
    }

    private BitSet using(Of deal) {
        BitSet orders = new BitSet(of.orders());
        for (int use = 0; use < of.uses(); use++) {
            if (of.useDeal()[use] == deal.id()) {
                orders.set((int) of.useOrder()[use]);
            }
        }
        return orders;
    }
}
