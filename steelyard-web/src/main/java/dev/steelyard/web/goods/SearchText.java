package dev.steelyard.web.goods;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** The words of goods as they are searched: one text for some hundred goods, so that a million are gone through at once. */
final class SearchText {

    private static final char END = '\u0000';

    private final List<SoldProduct> goods;
    private final String text;
    private final int[] starts;

    SearchText(List<SoldProduct> goods) {
        this.goods = goods;
        this.starts = new int[goods.size() + 1];
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < goods.size(); i++) {
            starts[i] = words.length();
            goods.get(i).addWords(words);
            words.append(END);
        }
        starts[goods.size()] = words.length();
        this.text = words.toString();
    }

    /** The goods whose words have all of some folded ones, of which none is empty, in order. */
    Stream<SoldProduct> find(String[] words) {
        if (words.length == 0) {
            return goods.stream();
        }
        List<SoldProduct> found = new ArrayList<>();
        for (int at = text.indexOf(words[0]); at >= 0; ) {
            int place = Arrays.binarySearch(starts, at);
            int one = place >= 0 ? place : -place - 2;
            if (hasAll(one, words)) {
                found.add(goods.get(one));
            }
            at = text.indexOf(words[0], starts[one + 1]);
        }
        return found.stream();
    }

    private boolean hasAll(int one, String[] words) {
        String own = text.substring(starts[one], starts[one + 1]);
        return Arrays.stream(words).allMatch(own::contains);
    }
}
