package dev.steelyard.web.base.database;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PoolSizeTest {

    private static final long GIGABYTE = 1L << 30;

    @ParameterizedTest
    @CsvSource({"1, 128", "2, 128", "4, 256", "8, 512", "24, 1024", "256, 1024"})
    void itGrowsWithTheMachineWithinBounds(long gigabytes, long megabytes) {
        assertThat(PoolSize.of(gigabytes * GIGABYTE)).isEqualTo(megabytes);
    }
}
