package dev.steelyard.core.sheet;

/**
 * A price as it is stored.
 *
 * @param id of the price row, or of the product or variant whose shelf price it is
 */
public record KeptPrice(RowKey.Kind kind, long id, PriceLine line) {

    public RowKey key() {
        return RowKey.of(kind, id, line);
    }
}
