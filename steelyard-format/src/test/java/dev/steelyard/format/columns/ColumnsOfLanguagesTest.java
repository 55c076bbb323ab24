package dev.steelyard.format.columns;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.format.columns.FileLook.Seen;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableRow;
import dev.steelyard.format.table.UnreadableTable;
import java.math.BigDecimal;
import java.text.DecimalFormatSymbols;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Columns as spreadsheets of many languages write them (CLDR, by way of the JDK): a whole column tells how it is written, and then
 * every cell of it is read as what it was written from. Where it tells nothing it is asked about, never guessed.
 */
class ColumnsOfLanguagesTest {

    private static final int COLUMNS = 60;
    private static final int ROWS = 40;

    /** A sheet of SKUs with one more column. */
    private static ColumnSeen seen(String head, List<String> cells) throws UnreadableTable {
        FileLook look = new FileLook(Column.values());
        look.row(new TableRow(1, List.of(Cell.text("sku"), Cell.text(head))));
        for (int i = 0; i < cells.size(); i++) {
            look.row(new TableRow(i + 2, List.of(Cell.text("GEN-" + i), Cell.text(cells.get(i)))));
        }
        Seen seen = look.seen();
        return seen.columns().get(1);
    }

    private static <T> List<T> some(Random random, Function<Random, T> one) {
        List<T> made = new ArrayList<>();
        for (int i = 0; i < ROWS; i++) {
            made.add(one.apply(random));
        }
        return made;
    }

    private static CsvForm form(Locale language) {
        return DecimalFormatSymbols.getInstance(language).getDecimalSeparator() == ',' ? CsvForm.COMMA : CsvForm.POINT;
    }

    private static BigDecimal price(Random random) {
        return BigDecimal.valueOf(random.nextInt((int) Math.pow(10, 2 + random.nextInt(6))), 2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"en", "de", "fr", "nl", "de-CH", "sv", "pl", "da", "it", "es", "pt", "fi", "cs"})
    void pricesAreReadByTheSignTheirColumnTells(String tag) throws UnreadableTable {
        Locale language = Locale.forLanguageTag(tag);
        NumberFormat plain = NumberFormat.getNumberInstance(language);
        plain.setMinimumFractionDigits(2);
        NumberFormat money = NumberFormat.getCurrencyInstance(language);
        money.setCurrency(Currency.getInstance("EUR"));
        Random random = new Random(20_270_301);
        for (int k = 0; k < COLUMNS; k++) {
            NumberFormat format = k % 2 == 0 ? plain : money;
            List<BigDecimal> prices = some(random, ColumnsOfLanguagesTest::price);
            ColumnSeen column =
                    seen("price", prices.stream().map(format::format).toList());
            assertThat(column.sign()).as("the sign of %s", column.examples()).isEqualTo(form(language));
            assertThat(column.mixed()).isEmpty();
            NumberInCell numbers = NumberInCell.money(form(language), "EUR", true);
            for (BigDecimal price : prices) {
                NumberInCell.Reading reading = numbers.read(Cell.text(format.format(price)));
                assertThat(reading.fault()).as(format.format(price)).isNull();
                assertThat(reading.value()).isEqualByComparingTo(price);
            }
        }
    }

    /** With the other sign no cell becomes another number: it is read as it is, or refused. */
    @ParameterizedTest
    @ValueSource(strings = {"en", "de", "fr", "de-CH", "sv", "it"})
    void aColumnReadWithTheOtherSignIsRefusedRatherThanAnotherPrice(String tag) {
        Locale language = Locale.forLanguageTag(tag);
        NumberFormat plain = NumberFormat.getNumberInstance(language);
        plain.setMinimumFractionDigits(2);
        NumberInCell other =
                NumberInCell.money(form(language) == CsvForm.POINT ? CsvForm.COMMA : CsvForm.POINT, "EUR", true);
        Random random = new Random(20_270_302);
        for (int i = 0; i < COLUMNS * ROWS; i++) {
            BigDecimal price = price(random);
            BigDecimal value = other.read(Cell.text(plain.format(price))).value();
            assertThat(value == null || value.compareTo(price) == 0)
                    .as("%s read as %s", plain.format(price), value)
                    .isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "d.M.yyyy, DAY_FIRST",
        "dd/MM/yyyy, DAY_FIRST",
        "dd-MM-yyyy, DAY_FIRST",
        "M/d/yyyy, MONTH_FIRST",
        "MM/dd/yyyy, MONTH_FIRST"
    })
    void daysAreReadByTheOrderTheirColumnTells(String pattern, DayOrder order) throws UnreadableTable {
        DateTimeFormatter written = DateTimeFormatter.ofPattern(pattern);
        Random random = new Random(20_270_303);
        for (int k = 0; k < COLUMNS; k++) {
            List<LocalDate> days = some(random, any -> LocalDate.of(2027, 1, 1).plusDays(any.nextInt(730)));
            ColumnSeen column =
                    seen("valid from", days.stream().map(written::format).toList());
            assertThat(column.order()).as("the order of %s", column.examples()).isEqualTo(order);
            for (LocalDate day : days) {
                assertThat(order.read("\u00a0" + written.format(day))).isEqualTo(day);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"d.M.yyyy", "M/d/yyyy"})
    void daysThatAreTwoDaysToTwoReadersAreAskedAbout(String pattern) throws UnreadableTable {
        DateTimeFormatter written = DateTimeFormatter.ofPattern(pattern);
        Random random = new Random(20_270_304);
        List<LocalDate> early = some(random, any -> LocalDate.of(2027, 1 + any.nextInt(12), 1 + any.nextInt(12)));
        ColumnSeen column =
                seen("valid from", early.stream().map(written::format).toList());
        assertThat(column.order()).isNull();
        assertThat(column.twoDays()).isNotEmpty();
        assertThat(DayOrder.DAY_FIRST.read(column.twoDays())).isNotEqualTo(DayOrder.MONTH_FIRST.read(column.twoDays()));
    }
}
