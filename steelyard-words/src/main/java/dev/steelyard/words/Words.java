package dev.steelyard.words;

import com.ibm.icu.text.Collator;
import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.ListFormatter.Type;
import com.ibm.icu.text.ListFormatter.Width;
import com.ibm.icu.util.ULocale;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Wording;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.TextStyle;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Says facts in a language: to owners in English with all there is to know, to shoppers without formulas, conditions and
 * names that only the shop uses, with at most four decimals. Immutable and safe to share between threads.
 */
public final class Words {

    private static final String HAS = "has";
    private static final Message.Told NOTHING = name -> null;
    private static final Words OWNERS = new Words(Language.ENGLISH, true, "en");
    private static final Map<Language, Words> SHOPPERS = new EnumMap<>(Map.of(
            Language.ENGLISH, new Words(Language.ENGLISH, false, "shop-en", "en"),
            Language.GERMAN, new Words(Language.GERMAN, false, "shop-de"),
            Language.FRENCH, new Words(Language.FRENCH, false, "shop-fr"),
            Language.DUTCH, new Words(Language.DUTCH, false, "shop-nl")));

    private final Language language;
    private final boolean owners;
    private final Digits digits;
    private final Messages messages;
    private final Messages pages;
    private final ListFormatter and;
    private final ListFormatter or;

    private Words(Language language, boolean owners, String... files) {
        this.language = language;
        this.owners = owners;
        this.digits = new Digits(language, !owners);
        this.messages = Messages.of(language, files);
        this.pages = Messages.of(language, "pages-" + language.code());
        this.and = ListFormatter.getInstance(language.locale(), Type.AND, Width.WIDE);
        this.or = ListFormatter.getInstance(language.locale(), Type.OR, Width.WIDE);
    }

    /** For owners, in English. */
    public static Words owners() {
        return OWNERS;
    }

    /** For shoppers. */
    public static Words shoppers(Language language) {
        return SHOPPERS.getOrDefault(language, OWNERS);
    }

    public Language language() {
        return language;
    }

    /** A fact; empty where there is nothing to be told to these readers. */
    public String say(@Nullable Fact fact) {
        if (fact == null) {
            return "";
        }
        return messages.say(fact.code().id(), withWhetherThere(new FactTold(fact)));
    }

    /** The parts of a fact by their names, each said once and only where the message shows it. */
    private final class FactTold implements Message.Told {

        private final List<String> names;
        private final List<Part> parts;
        private final @Nullable Object[] said;

        private FactTold(Fact fact) {
            this.names = fact.code().parts();
            this.parts = fact.parts();
            this.said = new Object[parts.size()];
        }

        @Override
        public @Nullable Object of(String name) {
            int at = names.indexOf(name);
            return at < 0 ? null : said(at);
        }

        private Object said(int at) {
            Object kept = said[at];
            if (kept == null) {
                kept = parts.get(at) instanceof Part.Count count ? (Object) count.value() : say(parts.get(at));
                said[at] = kept;
            }
            return kept;
        }
    }

    /** The argument that tells whether a part is there. */
    static String has(String name) {
        return HAS + Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }

    /** The same, and by {@link #has} whether each is there. */
    private static Message.Told withWhetherThere(Message.Told told) {
        return name -> {
            Object value = told.of(name);
            if (value != null || name.length() <= HAS.length() || !name.startsWith(HAS)) {
                return value;
            }
            Object asked = told.of(FirstLetter.small(name.substring(HAS.length())));
            return asked == null || "".equals(asked) ? "no" : "yes";
        };
    }

    /** A fact as a sentence: with a large first letter. */
    public String sentence(Fact fact) {
        return FirstLetter.large(say(fact));
    }

    /** A word or two for a finding. */
    public String title(Finding.Code code) {
        return messages.say("title." + code.text(), NOTHING);
    }

    /** A part of a fact. */
    public String say(Part part) {
        if (part instanceof Part.None) {
            return "";
        } else if (part instanceof Part.Count count) {
            return digits.number(BigDecimal.valueOf(count.value()), 0);
        } else if (part instanceof Part.Number number) {
            return digits.number(number.value(), 0);
        } else if (part instanceof Part.Money money) {
            return digits.number(money.value(), money.decimals());
        } else if (part instanceof Part.Amount amount) {
            return digits.amount(amount.value(), amount.unit());
        } else if (part instanceof Part.UnitOf unit) {
            return digits.symbol(unit.unit());
        } else if (part instanceof Part.KindOf kind) {
            return kind(kind.dimension());
        } else if (part instanceof Part.Name name) {
            return in(name.wording());
        } else if (part instanceof Part.Called called) {
            return owners ? called.name() : in(called.words());
        } else if (part instanceof Part.Typed typed) {
            return typed.text();
        } else if (part instanceof Part.Worked worked) {
            return owners ? worked.text() : worked.plain() ? digits.inText(worked.text()) : "";
        } else if (part instanceof Part.Day day) {
            return digits.day(day.day());
        } else if (part instanceof Part.Country country) {
            return country(country.code());
        } else if (part instanceof Part.PaidBy payment) {
            return payment(payment.label());
        } else if (part instanceof Part.Of of) {
            return say(of.fact());
        }
        Part.All all = (Part.All) part;
        List<String> said = all.parts().stream()
                .map(this::say)
                .filter(one -> !one.isEmpty())
                .toList();
        return switch (all.join()) {
            case AND -> and.format(said);
            case OR -> or.format(said);
            case LIST -> String.join(", ", said);
            case APART -> String.join("; ", said);
            case PLUS -> String.join(" + ", said);
        };
    }

    /** A way to pay, by the word that deals name it by: as this language calls it, where Steelyard knows it. */
    public String payment(String label) {
        String key = "payment." + label.replace(' ', '-');
        return messages.pattern(key) == null ? label : messages.say(key, NOTHING);
    }

    private String kind(Dimension dimension) {
        String key = dimension.equals(Dimension.LENGTH)
                ? "kind.length"
                : dimension.equals(Dimension.AREA)
                        ? "kind.area"
                        : dimension.equals(Dimension.VOLUME)
                                ? "kind.volume"
                                : dimension.equals(Dimension.WEIGHT)
                                        ? "kind.weight"
                                        : dimension.equals(Dimension.PLAIN) ? "kind.plain" : null;
        return key == null ? dimension.words() : messages.say(key, NOTHING);
    }

    /** What an owner wrote, in this language or else in the shop's own. */
    public String in(Wording wording) {
        return owners ? wording.own() : wording.in(language.code());
    }

    /** A text of a page, by its key; arguments as names and values in turn, numbers as {@code Long}. */
    public String text(String key, Object... arguments) {
        return pages.say(key, withWhetherThere(name -> {
            int at = place(arguments, name);
            return at < 0 ? null : arguments[at];
        }));
    }

    /** Where the value of a name stands; -1 where it is not named. */
    private static int place(Object[] arguments, String name) {
        for (int i = 0; i + 1 < arguments.length; i += 2) {
            if (name.equals(arguments[i])) {
                return i + 1;
            }
        }
        return -1;
    }

    /** A number with at least so many decimals: {@code 1,362.50}. */
    public String number(BigDecimal value, int decimals) {
        return digits.number(value, decimals);
    }

    /** A share in percent, with one decimal: {@code 16.2 %}. */
    public String percent(BigDecimal part, BigDecimal of) {
        BigDecimal percent = part.multiply(BigDecimal.valueOf(100)).divide(of, 1, RoundingMode.HALF_UP);
        return percent(percent);
    }

    public String percent(BigDecimal percent) {
        return text("percent", "number", digits.number(percent.stripTrailingZeros(), 0));
    }

    public String whole(long value) {
        return digits.number(BigDecimal.valueOf(value), 0);
    }

    public String amount(BigDecimal value, Unit unit) {
        return digits.amount(value, unit);
    }

    /** One or another of some. */
    public String anyOf(List<String> names) {
        return or.format(names);
    }

    /** Money, or an amount with its unit. */
    public String figure(Figure figure) {
        return figure.unit() == null
                ? digits.number(figure.value(), figure.decimals())
                : digits.amount(figure.value(), figure.decimals(), figure.unit());
    }

    public String symbol(Unit unit) {
        return digits.symbol(unit);
    }

    public String day(LocalDate day) {
        return digits.day(day);
    }

    /** “Friday”. */
    public String weekday(DayOfWeek day) {
        return day.getDisplayName(TextStyle.FULL, language.locale().toLocale());
    }

    /** “Friday 16 April, 22:00”, without its year. */
    public String weekdayAndMoment(LocalDateTime moment) {
        return digits.weekdayAndMoment(moment);
    }

    public String moment(LocalDateTime moment) {
        return digits.moment(moment);
    }

    /** How names are put in order. */
    public Comparator<String> order() {
        Collator collator = Collator.getInstance(language.locale()).freeze();
        return collator::compare;
    }

    /** The name of a country, by its ISO 3166-1 code. */
    public String country(String code) {
        return ULocale.getDisplayCountry("und_" + code, language.locale());
    }
}
