package dev.steelyard.format.goods;

/** Why a row of a goods sheet is refused, and in which column. */
public record GoodsRefusal(GoodsColumn column, String reason) {}
