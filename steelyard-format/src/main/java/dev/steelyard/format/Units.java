package dev.steelyard.format;

import dev.steelyard.core.unit.Unit;
import tools.jackson.databind.node.ObjectNode;

/** Writes a unit with its UCUM code beside it. */
final class Units {

    private Units() {}

    static void put(ObjectNode node, String field, Unit unit) {
        node.put(field, unit.code());
        node.put(Obj.ucumOf(field), unit.ucum());
    }
}
