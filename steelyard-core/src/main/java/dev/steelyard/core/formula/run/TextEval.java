package dev.steelyard.core.formula.run;

/** A prepared part that comes to a text. */
@FunctionalInterface
interface TextEval {

    String text(Frame frame);
}
