package dev.steelyard.format;

import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.ladder.BreakWords;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes how the shop page shows a card and its breaks. */
final class ShopPageWriter {

    private ShopPageWriter() {}

    static void write(ObjectNode node, ShopPage page) {
        node.put("measurements", FormatWords.of(FormatWords.FIELDS, page.measurements()));
        node.put("amount", page.amount());
        node.put("suffix", page.suffix());
        node.put("table", FormatWords.of(FormatWords.TABLES, page.table()));
        node.put("saving", page.saving());
        node.put("shape", FormatWords.of(FormatWords.SHAPES, page.shape()));
        node.put("reckoning", FormatWords.of(FormatWords.RECKONINGS, page.reckoning()));
        if (!page.sides().isEmpty()) {
            ArrayNode sides = node.putArray("sides");
            page.sides().forEach(sides::add);
        }
    }

    static void words(ObjectNode row, BreakWords words) {
        if (words.equals(BreakWords.NONE)) {
            return;
        }
        ObjectNode node = row.putObject("words");
        CardWriter.text(node, "title", words.title());
        CardWriter.text(node, "before", words.before());
        if (words.figure() != BreakWords.Figure.NONE) {
            node.put("figure", words.figure().code());
        }
        CardWriter.text(node, "after", words.after());
        CardWriter.text(node, "mark", words.mark());
    }
}
