package dev.steelyard.core.formula.ast;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/** Walks through what was read. */
public final class Nodes {

    private Nodes() {}

    /** The names in it, as they stand in the text. In a loop: a long sum is as deep as it is long. */
    public static List<Node.Name> names(Node root) {
        List<Node.Name> names = new ArrayList<>();
        Deque<Node> open = new ArrayDeque<>(List.of(root));
        while (!open.isEmpty()) {
            Node node = open.pop();
            if (node instanceof Node.Name name) {
                names.add(name);
            }
            parts(node).forEach(open::push);
        }
        names.sort(Comparator.comparingInt(name -> name.span().from()));
        return names;
    }

    /** What a node is made of. */
    public static List<Node> parts(Node node) {
        if (node instanceof Node.Negative negative) {
            return List.of(negative.of());
        } else if (node instanceof Node.Percent percent) {
            return List.of(percent.of());
        } else if (node instanceof Node.Binary binary) {
            return List.of(binary.left(), binary.right());
        } else if (node instanceof Node.Call call) {
            return call.arguments();
        }
        return List.of();
    }
}
