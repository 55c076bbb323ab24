package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.said.Wording;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.words.SentencePart;
import dev.steelyard.web.selling.shown.DealText;
import dev.steelyard.web.selling.shown.GoodsWords;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What a deal does, in a sentence made from its real numbers; each number can be edited where it stands. */
final class DealSentence {

    private static final int MOST_ROWS = 4;

    private final DraftDocument document;
    private final PriceBook book;
    private final List<SentencePart> parts = new ArrayList<>();

    private DealSentence(DraftDocument document, PriceBook book) {
        this.document = document;
        this.book = book;
    }

    /** @param deal as far as it can be read */
    static List<SentencePart> of(Deal deal, DraftDocument document, PriceBook book) {
        DealSentence sentence = new DealSentence(document, book);
        if (deal.gives() instanceof OnLadder ladder) {
            sentence.ladder(ladder);
        } else if (deal.gives() instanceof BuyAndGet both) {
            sentence.buyAndGet(both);
        } else {
            sentence.payment((ByPayment) deal.gives());
        }
        return List.copyOf(sentence.parts);
    }

    /** The same as plain text, for lists. */
    static String text(Deal deal, DraftDocument document, PriceBook book) {
        return of(deal, document, book).stream().map(SentencePart::text).collect(Collectors.joining());
    }

    private void say(String words) {
        parts.add(new SentencePart(words, null));
    }

    private void number(String at) {
        String text = document.text(at);
        parts.add(new SentencePart(text.isEmpty() ? "…" : text, at));
    }

    private String goods(@Nullable GoodsSet goods) {
        return goods == null || goods.isEverything() ? "" : GoodsWords.of(goods, book, Wording::of, Words.owners());
    }

    private void ladder(OnLadder ladder) {
        String goods = goods(ladder.covered());
        String of = goods.isEmpty() ? "" : " of " + goods;
        for (int i = 0; i < Math.min(MOST_ROWS, ladder.rows().size()); i++) {
            boolean over = ladder.rows().get(i).over();
            say(i == 0 ? begin(ladder, over) : over ? "; over " : "; from ");
            number("/rows/" + i + "/from");
            if (i == 0) {
                say(after(ladder, over, of, goods));
            } else {
                say(": ");
            }
            value(ladder.value(), "/rows/" + i + "/value");
        }
        say(ladder.rows().size() > MOST_ROWS ? "; and so on" : "");
        if (ladder.atMost() != null) {
            say(", at most ");
            number("/atMost");
            say(ladder.atMost() == 1 ? " time" : " times");
        }
        say(".");
    }

    private static String begin(OnLadder ladder, boolean over) {
        String verb = ladder.counts() == Counts.SPEND ? "Spend " : "Take ";
        return ladder.forEvery() ? "For every " : over ? verb + "more than " : verb;
    }

    private static String after(OnLadder ladder, boolean over, String of, String goods) {
        String more = over ? "" : " or more";
        return switch (ladder.counts()) {
            case SPEND -> (ladder.forEvery() ? " spent" : more) + (goods.isEmpty() ? "" : " on " + goods) + ": ";
            case PIECES -> more + " pieces"
                    + switch (ladder.each()) {
                        case TOGETHER -> of + ", mixed as you like: ";
                        case PRODUCT -> " of one product" + of + ": ";
                        case SKU -> " of one SKU" + of + ": ";
                    };
            case PRODUCTS -> more + " different products" + of + ": ";
            case SKUS -> more + " different kinds" + of + ": ";
        };
    }

    private void value(Value value, String at) {
        switch (value) {
            case PERCENT_OFF -> {
                number(at);
                say(" % off");
            }
            case AMOUNT_OFF -> {
                number(at);
                say(" off in all");
            }
            case AMOUNT_OFF_EACH -> {
                number(at);
                say(" off each");
            }
            case PRICE_EACH -> {
                number(at);
                say(" each");
            }
            case FREE -> say("free");
        }
    }

    private void buyAndGet(BuyAndGet both) {
        boolean same = both.buy().equals(both.get());
        String bought = goods(both.buy());
        say("For every ");
        number("/buy/pieces");
        say(" bought"
                + switch (both.same()) {
                    case TOGETHER -> "";
                    case PRODUCT -> " of one product";
                    case SKU -> " of one SKU";
                }
                + (bought.isEmpty() ? "" : " of " + bought) + ", ");
        number("/get/pieces");
        String given = goods(both.get());
        say((same ? " more" : given.isEmpty() ? "" : " of " + given)
                + (both.getPieces() == 1 ? " is " : " are ")
                + DealText.given(both, 2, Words.owners())
                + (both.atMost() == null ? "." : ", at most "));
        if (both.atMost() != null) {
            number("/atMost");
            say(both.atMost() == 1 ? " time." : " times.");
        }
    }

    private void payment(ByPayment gives) {
        boolean adds = gives.amount().signum() < 0;
        say("Paying by " + document.text("/payment") + (adds ? " adds " : " takes "));
        if (adds) {
            say(gives.amount().negate().toPlainString());
        } else {
            number("/amount");
        }
        say((gives.value() == Value.PERCENT_OFF ? " %" : "") + (adds ? " to all." : " off all."));
    }
}
