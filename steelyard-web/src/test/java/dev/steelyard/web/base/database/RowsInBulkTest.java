package dev.steelyard.web.base.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.sql.Date;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;

/** Rows that go into a table at once are there as they were given, or none of them is. */
@ExtendWith(WithApp.class)
class RowsInBulkTest {

    private static final List<String> COLUMNS = List.of("id", "said", "price", "day", "truth");

    private JdbcTemplate sql;
    private App app;

    @BeforeEach
    void aTable(App app) {
        this.app = app;
        sql = app.bean(JdbcTemplate.class);
        sql.execute("create or replace table bulk_of_test (id bigint primary key, said varchar(40) collate utf8mb4_bin,"
                + " price decimal(19,6), day date, truth boolean not null default false)");
    }

    @AfterEach
    void noTable() {
        sql.execute("drop table bulk_of_test");
    }

    private void insert(boolean texts, List<@Nullable Object[]> rows) {
        RowsInBulk bulk = new RowsInBulk(sql, texts);
        app.bean(TransactionTemplate.class).executeWithoutResult(status -> bulk.insert("bulk_of_test", COLUMNS, rows));
    }

    private List<Map<String, Object>> there() {
        return sql.queryForList("select id, said, price, day, truth from bulk_of_test order by id");
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void eachIsThereAsItWasGivenWhicheverWayTheDatabaseTakesThem(boolean texts) {
        List<String> said = Arrays.asList(
                "plain", "", null, "a\tb", "a\nb", "a\r\nb", "\\N", "\\", "a\\tb", "'\"", "\u0000", "ö € 🛶", " both ",
                "NULL");
        List<@Nullable Object[]> rows = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            rows.add(new @Nullable Object[] {
                (long) i,
                said.get(i),
                new BigDecimal("1E+3").add(BigDecimal.valueOf(i)),
                LocalDate.of(2027, 3, 1),
                i % 2 == 0
            });
        }
        rows.add(new @Nullable Object[] {99L, null, null, null, false});
        insert(texts, rows);
        assertThat(there())
                .hasSize(rows.size())
                .extracting(row -> row.get("said"))
                .startsWith(said.toArray());
        assertThat(there().get(3))
                .containsEntry("price", new BigDecimal("1003.000000"))
                .containsEntry("day", Date.valueOf("2027-03-01"))
                .containsEntry("truth", false);
        assertThat(there().get(rows.size() - 1)).containsEntry("price", null).containsEntry("day", null);
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void manyThatWerePackedApartAreAllThere(boolean texts) {
        RowsInBulk bulk = new RowsInBulk(sql, texts);
        List<RowsInBulk.Packed> packs = new ArrayList<>();
        for (int pack = 0; pack < 3; pack++) {
            List<@Nullable Object[]> rows = new ArrayList<>();
            for (int i = 0; i < 2_000; i++) {
                rows.add(new @Nullable Object[] {pack * 2_000L + i, "“" + i + "”\t€", null, null, true});
            }
            packs.add(bulk.pack(rows));
        }
        assertThat(packs).extracting(RowsInBulk.Packed::count).containsOnly(2_000);
        app.bean(TransactionTemplate.class)
                .executeWithoutResult(status -> bulk.insertPacked("bulk_of_test", COLUMNS, packs));
        assertThat(there()).hasSize(6_000);
        assertThat(there().get(5_999)).containsEntry("id", 5_999L).containsEntry("said", "“1999”\t€");
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void whereOneCannotBeTakenAsItIsNoneIs(boolean texts) {
        for (Object[] wrong : new Object[][] {
            {1L, "twice the same id", null, null, false},
            {2L, "longer than the forty signs there are for it", null, null, false},
            {2L, "", new BigDecimal("12345678901234567890"), null, false}
        }) {
            List<@Nullable Object[]> rows =
                    List.of(new @Nullable Object[] {1L, "one", null, null, true}, (@Nullable Object[]) wrong);
            assertThatThrownBy(() -> insert(texts, rows))
                    .as(Arrays.toString(wrong))
                    .isInstanceOf(DataAccessException.class);
            assertThat(there()).isEmpty();
        }
    }

    @Test
    void theDatabaseThatComesWithItTakesTexts() {
        assertThat(app.bean(RowsInBulk.class).takesTexts()).isTrue();
    }

    @Test
    void noRowsAreNoStatement() {
        insert(true, List.of());
        assertThat(there()).isEmpty();
    }
}
