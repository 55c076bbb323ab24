package dev.steelyard.core.formula.ast;

import dev.steelyard.core.unit.Dimension;

/** What a part of a formula comes to. */
public sealed interface Kind {

    Kind PLAIN = new Measure(Dimension.PLAIN);
    Kind MONEY = new Measure(Dimension.MONEY);

    /** A number that measures something. */
    record Measure(Dimension dimension) implements Kind {
        @Override
        public String words() {
            return dimension.words();
        }
    }

    /** A text: a choice's option, or one in quotes. */
    record Text() implements Kind {
        @Override
        public String words() {
            return "a text";
        }
    }

    /** The answer to a condition. */
    record YesNo() implements Kind {
        @Override
        public String words() {
            return "a yes or no";
        }
    }

    /** Not to be told, since something in it is wrong; it says nothing more. */
    record Unknown() implements Kind {
        @Override
        public String words() {
            return "unclear";
        }
    }

    /** What the shop's people call it. */
    String words();
}
