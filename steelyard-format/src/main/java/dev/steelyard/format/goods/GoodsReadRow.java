package dev.steelyard.format.goods;

import java.util.Map;

/** A row of a goods sheet: the texts of the columns that the sheet has. */
public record GoodsReadRow(int line, Map<GoodsColumn, String> texts) {}
