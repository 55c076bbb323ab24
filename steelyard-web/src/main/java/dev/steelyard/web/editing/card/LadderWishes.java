package dev.steelyard.web.editing.card;

import dev.steelyard.core.ladder.LadderGenerator;
import dev.steelyard.web.editing.page.NotFitting;
import dev.steelyard.web.editing.page.Wish;
import dev.steelyard.web.editing.page.Wished;
import java.util.List;

/** Breaks as a whole: of another kind, hung, taken off, generated, pasted. */
final class LadderWishes {

    static final List<Wish> ALL = List.of(
            Wish.making("ladder", wished -> edits(wished).kind(wished.to())),
            Wish.of("generate", LadderWishes::generate));

    private LadderWishes() {}

    private static LadderEdits edits(Wished wished) {
        return new LadderEdits(wished.document());
    }

    private static void generate(Wished wished) {
        LadderGenerator ready = Generator.read(wished.form()).ready();
        if (ready == null) {
            throw new NotFitting("Mend what is marked first; then the breaks can be made");
        }
        edits(wished).take(ready);
    }
}
