package dev.steelyard.format;

import dev.steelyard.core.tax.TaxRules;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Reads how a document's prices stand to tax. */
final class TaxReader {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private TaxReader() {}

    static TaxRules read(Obj in) {
        boolean included = in.has("pricesInclude") ? in.flag("pricesInclude", true) : missing(in);
        Map<String, Map<String, BigDecimal>> rates = new LinkedHashMap<>();
        in.fields("rates").forEach((country, classes) -> rates.put(country, rates(in, country, classes)));
        TaxRules tax =
                new TaxRules(included, rates, in.word("per", FormatWords.TAX_PER, false), in.textSet("groupsWithout"));
        in.done();
        return tax;
    }

    private static boolean missing(Obj in) {
        in.fault("pricesInclude", "“pricesInclude” is missing: true where prices are with tax, else false");
        return true;
    }

    private static Map<String, BigDecimal> rates(Obj in, String country, JsonNode classes) {
        String at = in.at("rates") + Json.step(country);
        Map<String, BigDecimal> rates = new LinkedHashMap<>();
        if (!classes.isObject()) {
            in.issues().add(FormatIssue.at(at, "this is " + Values.words(classes) + "; it must be an object"));
            return rates;
        }
        classes.properties().forEach(entry -> {
            String place = at + Json.step(entry.getKey());
            BigDecimal rate = Values.decimal(entry.getValue(), place, in.issues());
            if (rate != null && (rate.signum() < 0 || rate.compareTo(HUNDRED) > 0)) {
                in.issues()
                        .add(FormatIssue.at(
                                place, "a rate of tax goes from 0 to 100 percent, not " + rate.toPlainString()));
                rate = null;
            }
            rates.put(entry.getKey(), rate == null ? BigDecimal.ZERO : rate);
        });
        return rates;
    }
}
