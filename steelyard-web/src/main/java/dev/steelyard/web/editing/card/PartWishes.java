package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.page.CommonWishes;
import dev.steelyard.web.editing.page.NotFitting;
import dev.steelyard.web.editing.page.Wish;
import dev.steelyard.web.editing.page.Wished;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** Parts of a card added and taken away. */
final class PartWishes {

    static final List<Wish> ALL = Stream.concat(
                    Arrays.stream(MeasureKinds.values())
                            .map(kind -> Wish.of("add-" + kind.code(), wished -> parts(wished)
                                    .measurement(kind))),
                    Stream.of(
                            Wish.making("add-choice", wished -> parts(wished).choice(false)),
                            Wish.making("add-tick", wished -> parts(wished).choice(true)),
                            Wish.of("add-option", wished -> parts(wished).option(wished.there())),
                            Wish.of("add-limit", wished -> parts(wished).limit()),
                            Wish.making("add-rate", wished -> parts(wished).namedRate(wished.value())),
                            Wish.of("add-shown", wished -> parts(wished).shown()),
                            Wish.of("add-case", wished -> parts(wished).newCase()),
                            Wish.making("add-pack", wished -> parts(wished).pack(wished.there())),
                            Wish.of("write-cases", wished -> parts(wished).cases()),
                            Wish.of("remove", PartWishes::remove)))
            .toList();

    private PartWishes() {}

    private static NewParts parts(Wished wished) {
        return new NewParts(wished.document(), wished.subject().shop().currency());
    }

    /** The last case has no condition, whichever that is now. */
    private static void remove(Wished wished) {
        remove(wished, wished.there());
    }

    static void remove(Wished wished, String at) {
        int cases = wished.document().at("/cases").size();
        if (at.matches("/cases/\\d+") && cases == 1) {
            throw new NotFitting("A card has one case at least; price the piece in another way instead");
        }
        CommonWishes.remove(wished.document(), at);
        int left = wished.document().at("/cases").size();
        if (at.startsWith("/cases/") && left > 0) {
            wished.document().remove("/cases/" + (left - 1) + "/when");
        }
    }
}
