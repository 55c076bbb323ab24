package dev.steelyard.web.editing.page;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.SampleFigures;

/** A change of a draft's parts as wholes: something that a button asks for. */
public interface Wish {

    /** The word in requests. */
    String name();

    /**
     * Does it.
     *
     * @throws NotFitting where it does not fit what is there
     */
    void apply(Wished wished);

    /** A wish that is said in a line. */
    static Wish of(String name, Doing doing) {
        return new Named(name, doing);
    }

    /** The same for one that puts figures in which nobody typed: they are marked as samples. */
    static Wish making(String name, Doing doing) {
        return new Named(name, wished -> {
            DraftDocument before = wished.document().copy();
            doing.apply(wished);
            SampleFigures.mark(wished.document(), before);
        });
    }

    /** What a wish does. */
    interface Doing {
        void apply(Wished wished);
    }

    /** A name with what it does. */
    record Named(String name, Doing doing) implements Wish {
        @Override
        public void apply(Wished wished) {
            doing.apply(wished);
        }
    }
}
