package dev.steelyard.web.sold.lines;

import dev.steelyard.core.prepared.Answers;

/**
 * The columns as far as they went at a moment; arrays are longer than what may be read of them.
 *
 * @param lines how many there are
 * @param order which order each line is of, counted from 0
 * @param place which card and break, by a number
 * @param answers which answers each line has; -1 for none
 * @param asked the answers by their number
 * @param shapes what was asked in each of them, by a number
 */
@SuppressWarnings("ArrayRecordComponent") // columns are read millions of times, and compared never
record SoldView(
        int lines,
        int orders,
        int uses,
        long[] order,
        long[] item,
        long[] product,
        long[] card,
        long[] answers,
        long[] pieces,
        long[] amount,
        long[] place,
        long[] before,
        long[] turnover,
        long[] reduced,
        long[] known,
        long[] cost,
        long[] orderId,
        long[] firstLine,
        long[] day,
        long[] group,
        long[] store,
        long[] useOrder,
        long[] useDeal,
        long[] useSaved,
        Answers[] asked,
        long[] shapes) {

    int product(int line) {
        return (int) product[line];
    }

    int order(int line) {
        return (int) order[line];
    }

    /** Which answers a line has; -1 for none. */
    int answers(int line) {
        return (int) answers[line];
    }
}
