package dev.steelyard.core.shared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.shared.SharedList.Change;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SharedListTest {

    private static final long SEED = 20261130;
    private static final Comparator<String> ORDER = Comparator.naturalOrder();

    private static List<String> numbers(int from, int to) {
        return IntStream.range(from, to).mapToObj("%06d"::formatted).toList();
    }

    /** Whatever goes and comes, it is the list that sorting all anew makes. */
    @Test
    void isWhatSortingAnewMakes() {
        Random random = new Random(SEED);
        List<String> expected = new ArrayList<>(numbers(0, 3_000));
        SharedList<String> list = SharedList.of(expected);
        for (int round = 0; round < 200; round++) {
            List<String> gone = new ArrayList<>();
            for (int i = random.nextInt(40); i > 0 && !expected.isEmpty(); i--) {
                gone.add(expected.remove(random.nextInt(expected.size())));
            }
            List<String> come = new ArrayList<>();
            for (int i = random.nextInt(60); i > 0; i--) {
                String one = "%06d-%d-%d".formatted(random.nextInt(4_000), round, i);
                come.add(one);
                expected.add(one);
            }
            expected.sort(ORDER);
            SharedList<String> next = list.after(new Change<>(gone, come), ORDER);
            assertThat(list.to(next).gone()).containsExactlyInAnyOrderElementsOf(gone);
            assertThat(list.to(next).come()).containsExactlyInAnyOrderElementsOf(come);
            list = next;
            assertThat(new ArrayList<>(list)).isEqualTo(expected);
            int place = random.nextInt(expected.size());
            assertThat(list.get(place)).isEqualTo(expected.get(place));
        }
        assertThat(list.parts()).allMatch(part -> !part.isEmpty() && part.size() <= 1_024);
    }

    @Test
    void sharesThePartsThatStay() {
        SharedList<String> list = SharedList.of(numbers(0, 100_000));
        SharedList<String> next =
                list.after(new Change<>(List.of(list.get(5_000)), List.of("005000 anew", "zzz")), ORDER);
        List<List<String>> left = new ArrayList<>(next.parts());
        left.removeIf(part -> list.parts().stream().anyMatch(other -> other == part));
        assertThat(left).hasSize(2);
    }

    @Test
    void emptiesAndFillsAgain() {
        List<String> few = numbers(0, 3);
        SharedList<String> none = SharedList.of(few).after(new Change<>(few, List.of()), ORDER);
        assertThat(none).isEmpty();
        assertThat(none.after(new Change<>(List.of(), List.of("b", "a")), ORDER))
                .containsExactly("a", "b");
    }

    @Test
    void saysWhatIsNotThere() {
        assertThatThrownBy(() -> SharedList.of(numbers(0, 3)).after(new Change<>(List.of("x"), List.of()), ORDER))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("x");
        assertThatThrownBy(() -> SharedList.of(numbers(0, 3)).get(3)).isInstanceOf(IndexOutOfBoundsException.class);
        assertThatThrownBy(() -> SharedList.of(numbers(0, 3)).get(-1)).isInstanceOf(IndexOutOfBoundsException.class);
    }

    /** What is made of a part is made once, and of those that changed anew. */
    @Test
    void keepsWhatWasMadeOfParts() {
        AtomicInteger made = new AtomicInteger();
        LatestParts<String, Integer> lengths = new LatestParts<>(part -> {
            made.incrementAndGet();
            return part.size();
        });
        SharedList<String> list = SharedList.of(numbers(0, 10_000));
        assertThat(lengths.of(list).mapToInt(i -> i).sum()).isEqualTo(10_000);
        int parts = made.get();
        assertThat(parts).isEqualTo(list.parts().size());
        assertThat(lengths.of(list).count()).isEqualTo(parts);
        SharedList<String> next = list.after(new Change<>(List.of(list.get(0)), List.of("x", "y")), ORDER);
        assertThat(lengths.of(next).mapToInt(i -> i).sum()).isEqualTo(10_001);
        assertThat(made.get() - parts).isEqualTo(2);
    }
}
