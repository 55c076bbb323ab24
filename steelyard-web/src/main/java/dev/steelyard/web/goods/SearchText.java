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
        int one = 0;
        while (one < goods.size()) {
            int farthest = farthest(one, words);
            if (farthest == one) {
                found.add(goods.get(one));
                one++;
            } else {
                one = farthest;
            }
        }
        return found.stream();
    }

    /** The place of the word that is farthest away, looked for from one on: nothing before it has them all. */
    private int farthest(int one, String[] words) {
        int farthest = one;
        for (String word : words) {
            int at = text.indexOf(word, starts[farthest]);
            if (at < 0) {
                return goods.size();
            }
            int place = Arrays.binarySearch(starts, at);
            farthest = place >= 0 ? place : -place - 2;
        }
        return farthest;
    }
}
