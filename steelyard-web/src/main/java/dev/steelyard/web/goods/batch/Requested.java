package dev.steelyard.web.goods.batch;

import java.util.List;

/**
 * What became of rows that a program sent.
 *
 * @param batch in which they are kept, as those of a sheet are
 * @param stopped why nothing was applied though it was to be; empty where that is not so
 * @param over why the shop's bound on dearer orders does not let it be applied; empty where it does
 */
public record Requested(long batch, List<RequestedRow> rows, String stopped, String over) {}
