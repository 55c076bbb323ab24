package dev.steelyard.core.curve;

import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Nodes;
import java.math.BigDecimal;
import java.util.ArrayDeque;
import java.util.Deque;

/** Whether a formula is a polynomial in one of its names, all others fixed. */
final class Degree {

    /** What is no polynomial, as far as can be told. */
    static final int NONE = -1;

    /** Beyond this a fit is not worth its digits. */
    private static final int HIGHEST = 6;

    private final String name;

    private Degree(String name) {
        this.name = name;
    }

    /** Its degree, 0 where the name does not occur; {@link #NONE} where it is no polynomial. */
    static int of(Node node, String name) {
        boolean reads = Nodes.names(node).stream().anyMatch(one -> one.name().equals(name));
        return reads ? new Degree(name).of(node) : 0;
    }

    private int of(Node node) {
        if (node instanceof Node.Name one) {
            return one.name().equals(name) ? 1 : 0;
        } else if (node instanceof Node.Negative negative) {
            return of(negative.of());
        } else if (node instanceof Node.Percent percent) {
            return of(percent.of());
        } else if (node instanceof Node.Binary binary) {
            return of(binary);
        } else if (node instanceof Node.Call call) {
            return call.arguments().stream().allMatch(argument -> Degree.of(argument, name) == 0) ? 0 : NONE;
        }
        return 0;
    }

    /** Down the left side in a loop, since a long sum is as deep as it is long. */
    private int of(Node.Binary binary) {
        Deque<Node.Binary> spine = new ArrayDeque<>();
        Node leftmost = binary;
        while (leftmost instanceof Node.Binary next) {
            spine.push(next);
            leftmost = next.left();
        }
        int degree = of(leftmost);
        while (!spine.isEmpty() && degree != NONE) {
            Node.Binary next = spine.pop();
            degree = joined(next, degree, of(next.right()));
        }
        return degree;
    }

    private static int joined(Node.Binary binary, int left, int right) {
        if (right == NONE) {
            return NONE;
        }
        int joined =
                switch (binary.operator()) {
                    case ADD, SUBTRACT -> Math.max(left, right);
                    case MULTIPLY -> left + right;
                    case DIVIDE -> right == 0 ? left : NONE;
                    case POWER -> left == 0 && right == 0
                            ? 0
                            : binary.right() instanceof Node.Number number
                                            && number.value().signum() > 0
                                            && number.value().compareTo(BigDecimal.valueOf(HIGHEST)) <= 0
                                    ? left * number.value().intValue()
                                    : NONE;
                    default -> left == 0 && right == 0 ? 0 : NONE;
                };
        return joined > HIGHEST ? NONE : joined;
    }
}
