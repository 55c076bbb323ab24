package dev.steelyard.web.editing.rows;

import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.curve.PieceCurve.Stretch;
import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.words.SentencePart;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What the prices do, in a sentence whose numbers can be edited where they stand. */
final class Sentence {

    private static final int MOST_BREAKS = 8;

    private final List<SentencePart> parts = new ArrayList<>();
    private final RowFields fields;
    private final int decimals;

    private Sentence(RowFields fields, int decimals) {
        this.fields = fields;
        this.decimals = decimals;
    }

    /** “Every piece costs 7.40; from 10 it is 6.90, from 25 it is 6.20.” */
    static List<SentencePart> of(PieceCurve everyone, RowFields fields, int decimals) {
        Sentence sentence = new Sentence(fields, decimals);
        List<Stretch> stretches = everyone.stretches();
        sentence.words("Every piece costs ");
        Stretch first = stretches.get(0);
        sentence.number(Show.money(first.perPiece().value(), decimals), sentence.priceField(first));
        List<Stretch> breaks = stretches.subList(1, stretches.size());
        for (int i = 0; i < Math.min(breaks.size(), MOST_BREAKS); i++) {
            sentence.breakAt(breaks.get(i), i == 0 ? "; from " : ", from ");
        }
        int left = breaks.size() - MOST_BREAKS;
        sentence.words(left > 0 ? ", and " + left + " more breaks." : ".");
        return List.copyOf(sentence.parts);
    }

    private void breakAt(Stretch stretch, String joint) {
        words(joint);
        number(Show.whole(stretch.from()), fields.from(key(stretch)));
        words(" it is ");
        number(Show.money(stretch.perPiece().value(), decimals), priceField(stretch));
    }

    private @Nullable String priceField(Stretch stretch) {
        return stretch.by() == null ? fields.shelfPrice() : fields.price(key(stretch));
    }

    private static BreakKey key(Stretch stretch) {
        return Objects.requireNonNull(stretch.by()).key();
    }

    private void words(String text) {
        parts.add(new SentencePart(text, null));
    }

    private void number(String text, @Nullable String field) {
        parts.add(new SentencePart(text, field));
    }
}
