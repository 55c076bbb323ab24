package dev.steelyard.core.shared;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class SharedMapTest {

    private static final long SEED = 20261130;

    /** From nothing to more than it was cut for, it holds what a plain map holds; and the map before stays as it was. */
    @Test
    void holdsWhatAPlainMapHolds() {
        Random random = new Random(SEED);
        Map<String, Integer> expected = new HashMap<>();
        SharedMap<String, Integer> map = SharedMap.of(expected);
        for (int round = 0; round < 300; round++) {
            Set<String> gone = new HashSet<>();
            Map<String, Integer> come = new HashMap<>();
            for (int i = 0; i < 40; i++) {
                gone.add("k" + random.nextInt(5_000));
                come.put("k" + random.nextInt(5_000), round);
            }
            SharedMap<String, Integer> before = map;
            Map<String, Integer> asItWas = Map.copyOf(expected);
            map = map.after(gone, come);
            expected.keySet().removeAll(gone);
            expected.putAll(come);
            assertThat(map.size()).isEqualTo(expected.size());
            assertThat(entries(map)).isEqualTo(expected);
            assertThat(entries(before)).isEqualTo(asItWas);
        }
        for (int i = 0; i < 5_000; i++) {
            assertThat(map.get("k" + i)).isEqualTo(expected.get("k" + i));
        }
    }

    /** Whether as many come as were expected, or far fewer, or more. */
    @Test
    void filledAtOnceItHoldsTheLastOfEachKeyAndTellsTheOneBefore() {
        for (int expected : new int[] {0, 1, 500, 1_000, 100_000}) {
            SharedMap.Filling<String, Integer> filling = SharedMap.filling(expected);
            Map<String, Integer> plain = new HashMap<>();
            for (int i = 0; i < 1_500; i++) {
                String key = "k" + i % 1_000;
                assertThat(filling.put(key, i)).isEqualTo(plain.put(key, i));
            }
            SharedMap<String, Integer> map = filling.done();
            assertThat(map.size()).isEqualTo(1_000);
            assertThat(entries(map)).isEqualTo(plain);
            assertThat(map.after(Set.of("k7"), Map.of("k8", -1)).get("k7")).isNull();
            assertThat(map.get("k7")).isEqualTo(1_007);
        }
    }

    private static Map<String, Integer> entries(SharedMap<String, Integer> map) {
        return map.entries().collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
