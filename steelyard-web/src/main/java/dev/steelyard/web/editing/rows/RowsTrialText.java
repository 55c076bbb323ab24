package dev.steelyard.web.editing.rows;

/** A trial as typed: which SKU, for which group (empty for everyone), how many, on which day. */
record RowsTrialText(String sku, String group, String quantity, String day) {}
