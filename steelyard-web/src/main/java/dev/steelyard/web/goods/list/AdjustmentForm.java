package dev.steelyard.web.goods.list;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.sheet.Adjustment;
import dev.steelyard.core.sheet.Ending;
import dev.steelyard.web.base.page.TypedNumbers;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.util.MultiValueMap;

/** By how much prices are to change, as it is typed beside the goods that were picked. */
final class AdjustmentForm {

    private static final BigDecimal LEAST = BigDecimal.valueOf(-100);
    private static final BigDecimal MOST = BigDecimal.valueOf(1000);

    private AdjustmentForm() {}

    /** @return none where something cannot be read; what it is stands among the faults then, by its field */
    static @Nullable Adjustment read(MultiValueMap<String, String> sent, String which, Map<String, String> faults) {
        String typed = text(sent, which + ".by").replace("−", "-");
        DecimalText.Reading reading = TypedNumbers.read(typed);
        BigDecimal by = reading.value();
        if (by == null) {
            faults.put(which + ".by", Objects.requireNonNull(reading.fault()).message());
            return null;
        }
        boolean percent = !text(sent, which + ".kind").equals("AMOUNT");
        if (percent && (by.compareTo(LEAST) < 0 || by.compareTo(MOST) > 0)) {
            faults.put(which + ".by", by.toPlainString() + " % is not from −100 to 1000");
            return null;
        }
        String typedWithin = text(sent, which + ".within").replace("%", "").strip();
        DecimalText.Reading within = TypedNumbers.read(typedWithin);
        if (!typedWithin.isEmpty() && (within.value() == null || within.value().signum() < 0)) {
            faults.put(
                    which + ".within",
                    within.fault() == null
                            ? "0 percent or more, not " + typedWithin
                            : within.fault().message());
            return null;
        }
        return new Adjustment(
                percent ? Adjustment.Kind.PERCENT : Adjustment.Kind.AMOUNT,
                by,
                Ending.of(text(sent, which + ".ending")).orElse(Ending.NONE),
                typedWithin.isEmpty() ? Adjustment.USUALLY_WITHIN : within.value());
    }

    /** “ +4 %, ending .95”. */
    static String words(Adjustment by) {
        String sign = by.by().signum() < 0 ? " −" : " +";
        return sign
                + by.by().abs().toPlainString()
                + (by.kind() == Adjustment.Kind.PERCENT ? " %" : "")
                + (by.ending() == Ending.NONE ? "" : ", ending " + by.ending().words());
    }

    private static String text(MultiValueMap<String, String> sent, String name) {
        return Objects.requireNonNullElse(sent.getFirst(name), "").strip();
    }
}
