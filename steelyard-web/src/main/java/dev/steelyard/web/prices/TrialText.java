package dev.steelyard.web.prices;

/** A trial as typed: which SKU, for which group (empty for everyone), how many, on which day. */
record TrialText(String sku, String group, String quantity, String day) {}
