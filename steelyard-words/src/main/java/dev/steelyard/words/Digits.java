package dev.steelyard.words;

import com.ibm.icu.number.NumberFormatter;
import com.ibm.icu.text.DateFormat;
import com.ibm.icu.text.SimpleDateFormat;
import com.ibm.icu.util.MeasureUnit;
import com.ibm.icu.util.TimeZone;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Date;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers, units and days as a language writes them. Safe to share between threads. */
final class Digits {

    private static final int MOST_DECIMALS = 4;
    private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");

    /** Units that languages abbreviate otherwise than by their symbol. */
    private static final Map<Unit, MeasureUnit> NAMED = Map.ofEntries(
            Map.entry(Unit.IN, MeasureUnit.INCH),
            Map.entry(Unit.FT, MeasureUnit.FOOT),
            Map.entry(Unit.YD, MeasureUnit.YARD),
            Map.entry(Unit.IN2, MeasureUnit.SQUARE_INCH),
            Map.entry(Unit.FT2, MeasureUnit.SQUARE_FOOT),
            Map.entry(Unit.YD2, MeasureUnit.SQUARE_YARD),
            Map.entry(Unit.IN3, MeasureUnit.CUBIC_INCH),
            Map.entry(Unit.FT3, MeasureUnit.CUBIC_FOOT),
            Map.entry(Unit.YD3, MeasureUnit.CUBIC_YARD),
            Map.entry(Unit.GAL_US, MeasureUnit.GALLON),
            Map.entry(Unit.GAL_IMP, MeasureUnit.GALLON_IMPERIAL),
            Map.entry(Unit.OZ, MeasureUnit.OUNCE),
            Map.entry(Unit.LB, MeasureUnit.POUND));

    private final Language language;
    private final boolean shortened;
    private final Numerals numerals;
    private final Map<Unit, String> symbols = new EnumMap<>(Unit.class);

    /** By skeleton; each use takes a copy, since ICU's are not safe to share and long in the making. */
    private final Map<String, DateFormat> dates = new ConcurrentHashMap<>();

    /** @param shortened whether at most four decimals are shown */
    Digits(Language language, boolean shortened) {
        this.language = language;
        this.shortened = shortened;
        this.numerals = new Numerals(language.locale());
        for (Unit unit : Unit.values()) {
            symbols.put(unit, abbreviation(unit));
        }
    }

    private String abbreviation(Unit unit) {
        MeasureUnit named = NAMED.get(unit);
        if (language == Language.ENGLISH || named == null) {
            return unit.symbol();
        }
        return NumberFormatter.withLocale(language.locale())
                .unit(named)
                .unitWidth(NumberFormatter.UnitWidth.SHORT)
                .format(2)
                .toString()
                .replaceAll("[\\d\\p{Z}]+", " ")
                .strip();
    }

    /** With at least so many decimals. */
    String number(BigDecimal value, int decimals) {
        if (shortened && value.scale() > MOST_DECIMALS) {
            return number(value.setScale(MOST_DECIMALS, RoundingMode.HALF_UP), Math.min(decimals, MOST_DECIMALS));
        }
        return numerals.write(value, decimals);
    }

    String amount(BigDecimal value, Unit unit) {
        return amount(value, 0, unit);
    }

    /** With at least so many decimals. */
    String amount(BigDecimal value, int decimals, Unit unit) {
        String symbol = symbol(unit);
        return symbol.isEmpty() ? number(value, decimals) : number(value, decimals) + " " + symbol;
    }

    String symbol(Unit unit) {
        return symbols.getOrDefault(unit, unit.symbol());
    }

    /** Every number in a text of numbers, units and signs. */
    String inText(String worked) {
        return NUMBER.matcher(worked).replaceAll(found -> {
            BigDecimal value = new BigDecimal(found.group());
            return Matcher.quoteReplacement(number(value, value.scale()));
        });
    }

    String day(LocalDate day) {
        return format(day.atStartOfDay(), "d MMMM yyyy", DateFormat.YEAR_MONTH_DAY);
    }

    String moment(LocalDateTime moment) {
        return format(moment, "d MMMM yyyy, HH:mm", DateFormat.YEAR_MONTH_DAY + "Hm");
    }

    String weekdayAndMoment(LocalDateTime moment) {
        return format(moment, "EEEE d MMMM, HH:mm", DateFormat.WEEKDAY + DateFormat.MONTH_DAY + "Hm");
    }

    /** In English as all pages have it, in others as the language does. */
    private String format(LocalDateTime moment, String english, String skeleton) {
        DateFormat format =
                dates.computeIfAbsent(skeleton, any -> dates(english, skeleton)).clone();
        return format.format(Date.from(moment.toInstant(ZoneOffset.UTC)));
    }

    private DateFormat dates(String english, String skeleton) {
        DateFormat format = language == Language.ENGLISH
                ? new SimpleDateFormat(english, language.locale())
                : DateFormat.getInstanceForSkeleton(skeleton, language.locale());
        format.setTimeZone(TimeZone.GMT_ZONE);
        return format;
    }
}
