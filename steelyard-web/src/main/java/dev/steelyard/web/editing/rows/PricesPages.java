package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.finding.PriceFindings;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.rows.PricesPage.Fact;
import dev.steelyard.web.editing.rows.PricesPage.Scope;
import dev.steelyard.web.editing.rows.PricesPage.TrialItem;
import dev.steelyard.web.editing.words.SentencePart;
import dev.steelyard.web.shop.CustomerGroup;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the page from a subject and a form: every picture, figure and finding from the same reading of it. */
@Component
class PricesPages {

    private final BaseText base;

    PricesPages(BaseText base) {
        this.base = base;
    }

    /** The form filled with what is saved, its rows by threshold. */
    PriceForm saved(PricedProduct subject, RowsTrialText trial) {
        return filled(subject, subject.saved(), trial);
    }

    /** The form filled with prices that are not saved yet, standing on those that are. */
    PriceForm filled(PricedProduct subject, PriceState state, RowsTrialText trial) {
        int decimals = subject.rounding().unitPriceDecimals();
        return new PriceForm(
                subject.entry().version(),
                subject.variantId(),
                Show.field(state.shelfPrice(), decimals),
                state.over(),
                rows(state, subject.groups(), decimals),
                trial,
                base.write(subject.saved()),
                null);
    }

    /** Breaks with the same threshold and dates share a row, one cell for each group. */
    private static List<RowText> rows(PriceState state, List<CustomerGroup> groups, int decimals) {
        Map<List<Object>, RowText> rows = new LinkedHashMap<>();
        for (Break one : state.rows()) {
            long group = groups.stream()
                    .filter(known -> known.name().equals(one.group()))
                    .map(CustomerGroup::id)
                    .findFirst()
                    .orElse(PriceForm.EVERYONE);
            rows.computeIfAbsent(
                            List.of(one.from(), one.validity()),
                            any -> new RowText(
                                    "" + one.pieces(),
                                    new TreeMap<>(),
                                    text(one.validity().from()),
                                    text(one.validity().until())))
                    .prices()
                    .put(group, Show.field(one.value(), decimals));
        }
        return List.copyOf(rows.values());
    }

    private static String text(@Nullable Object date) {
        return date == null ? "" : date.toString();
    }

    PricesPage page(PricedProduct subject, PriceForm form) {
        ReadPrices read = PriceReader.read(form, subject.groups());
        PriceState state = read.state(form.over());
        Product changed = subject.with(state);
        Item item = subject.itemOf(changed);
        Rounding rounding = subject.rounding();
        Trial trial = Trial.read(form.trial(), subject);
        RowsTrialView answer = trial.price(changed, subject);
        Drawn drawn = draw(item, read, trial, form.axisEnd(), rounding);
        Map<String, String> errors = new LinkedHashMap<>(read.errors());
        if (answer.field() != null) {
            errors.put(answer.field(), Objects.requireNonNull(answer.refusal()));
        }
        return new PricesPage(
                subject.entry().id(),
                subject.entry().name(),
                subject.entry().sku(),
                status(subject),
                subject.entry().isRemoved(),
                scopes(subject),
                facts(subject, item, rounding),
                form,
                subject.shop().currency(),
                Show.field(
                        subject.variant() == null
                                ? null
                                : subject.entry().product().shelfPrice(),
                        rounding.unitPriceDecimals()),
                !changed.variants().isEmpty(),
                subject.groups(),
                tableRows(form, subject, item, trial),
                changed.items().stream().map(any -> new TrialItem(any)).toList(),
                trial.sku().value(),
                answer,
                drawn.sentence(),
                drawn.beam(),
                findings(subject, item, read, rounding),
                errors,
                PriceChanges.between(subject.saved(), state, rounding.unitPriceDecimals()));
    }

    private record Drawn(List<SentencePart> sentence, @Nullable Beam beam) {}

    private static Drawn draw(Item item, ReadPrices read, Trial trial, @Nullable Integer axisEnd, Rounding rounding) {
        PieceCurve everyone = PieceCurve.of(item, null, trial.day(), rounding).orElse(null);
        if (everyone == null) {
            return new Drawn(List.of(), null);
        }
        String second = item.ownRows() == null ? null : secondGroup(item.ownRows(), trial.group());
        PieceCurve ofSecond = second == null
                ? null
                : PieceCurve.of(item, second, trial.day(), rounding).orElseThrow();
        Beam beam = new PriceBeam(everyone, ofSecond, second, read, rounding, axisEnd, trial.quantity())
                .draw(trial.quantity(), trial.group());
        return new Drawn(Sentence.of(everyone, read, rounding.unitPriceDecimals()), beam);
    }

    /** The trial's group where it has breaks of its own, else the first that has. */
    private static @Nullable String secondGroup(PriceRows ladder, @Nullable String preferred) {
        List<String> groups = ladder.breaks().stream()
                .map(Break::group)
                .filter(Objects::nonNull)
                .distinct()
                .sorted()
                .toList();
        return groups.isEmpty() ? null : groups.contains(preferred) ? preferred : groups.get(0);
    }

    private static List<BreakRow> tableRows(PriceForm form, PricedProduct subject, Item item, Trial trial) {
        PieceCurve everyone = item.ownRows() == null
                ? null
                : PieceCurve.of(item, null, trial.day(), subject.rounding()).orElse(null);
        return IntStream.range(0, form.rows().size())
                .mapToObj(i -> {
                    RowText row = form.rows().get(i);
                    List<BreakRow.Cell> cells = new ArrayList<>();
                    cells.add(new BreakRow.Cell(PriceForm.EVERYONE, "Everyone", row.price(PriceForm.EVERYONE), ""));
                    String inherited = BreakRow.inherited(row, everyone);
                    for (CustomerGroup group : subject.groups()) {
                        cells.add(new BreakRow.Cell(group.id(), group.name(), row.price(group.id()), inherited));
                    }
                    return BreakRow.of(i, row, cells, item);
                })
                .toList();
    }

    private static List<FindingView> findings(PricedProduct subject, Item item, ReadPrices read, Rounding rounding) {
        return new PriceFindings(rounding, subject.shop().smallestMargin())
                .of(item, subject.today()).stream()
                        .map(finding -> FindingView.of(finding, read, rounding.unitPriceDecimals()))
                        .toList();
    }

    private static String status(PricedProduct subject) {
        String by = Show.moment(subject.entry().changedAt(), subject.shop().zone()) + " by "
                + subject.entry().changedBy();
        if (subject.entry().isRemoved()) {
            return "taken out of the shop " + by;
        }
        boolean priced = subject.entry().product().items().stream().anyMatch(item -> item.shelfPrice() != null);
        return priced ? "live since " + by : "no shelf price, changed " + by;
    }

    private static List<Scope> scopes(PricedProduct subject) {
        List<Scope> scopes = new ArrayList<>();
        String href = "/goods/" + subject.entry().id();
        Product product = subject.entry().product();
        if (product.variants().isEmpty()) {
            return List.of(new Scope("Prices", note(PriceState.of(product, null)), href, true));
        }
        scopes.add(new Scope("All variants", note(PriceState.of(product, null)), href, subject.variant() == null));
        for (int i = 0; i < product.variants().size(); i++) {
            var variant = product.variants().get(i);
            PriceState state = PriceState.of(product, variant);
            boolean own = !state.rows().isEmpty() || state.shelfPrice() != null;
            scopes.add(new Scope(
                    variant.name(),
                    own ? note(state) : "as all variants",
                    href + "?variant=" + subject.entry().variantIds().get(i),
                    variant.equals(subject.variant())));
        }
        return scopes;
    }

    private static String note(PriceState state) {
        List<String> thresholds =
                state.rows().stream().map(row -> "" + row.pieces()).distinct().toList();
        if (thresholds.isEmpty()) {
            return state.shelfPrice() == null ? "no price yet" : "shelf price only";
        }
        return "breaks from " + String.join(", ", thresholds);
    }

    private static List<Fact> facts(PricedProduct subject, Item item, Rounding rounding) {
        List<Fact> facts = new ArrayList<>();
        facts.add(new Fact("SKU", item.sku().value()));
        facts.add(new Fact("In", String.join(", ", subject.entry().categories())));
        if (subject.entry().brand() != null) {
            facts.add(new Fact("Brand", subject.entry().brand()));
        }
        if (item.unitCost() != null) {
            facts.add(new Fact("Unit cost", Show.money(item.unitCost(), rounding.unitPriceDecimals())));
        }
        facts.add(new Fact("Price decimals", "" + rounding.unitPriceDecimals()));
        return facts;
    }
}
