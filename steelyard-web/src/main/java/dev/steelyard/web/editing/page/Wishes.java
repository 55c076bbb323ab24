package dev.steelyard.web.editing.page;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** All that can be wished of one kind of draft, by name. */
public final class Wishes {

    private final Map<String, Wish> byName;

    private Wishes(Stream<Wish> all) {
        byName = all.collect(Collectors.toUnmodifiableMap(Wish::name, Function.identity()));
    }

    /** @throws IllegalStateException where two have one name */
    public static Wishes of(List<List<Wish>> lists) {
        return new Wishes(lists.stream().flatMap(List::stream));
    }

    /**
     * Does what a form asks for to a document, which has what is typed in it already.
     *
     * @throws NotFitting where it does not fit what is there, or nobody knows the wish
     */
    public void apply(Wished wished) {
        String name = wished.form().value("do");
        Wish wish = byName.get(name);
        if (wish == null) {
            throw new NotFitting("“" + name + "” is nothing that can be done here");
        }
        wish.apply(wished);
    }
}
