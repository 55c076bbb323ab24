package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.unit.Unit;
import java.util.Arrays;
import java.util.List;

/** The kinds of measurement, with what a new one of each begins as. */
enum MeasureKinds {
    LENGTH("length", "Length", "cm", "20", "500", "1"),
    AREA("area", "Area", "m2", "0.5", "100", "0.1"),
    VOLUME("volume", "Volume", "L", "0.5", "100", "0.5"),
    WEIGHT("weight", "Weight", "kg", "0.5", "500", "0.5"),
    COUNT("count", "Count", "1", "1", "100", "1"),
    NUMBER("number", "Number", "1", "0", "100", "");

    final String code;
    final String title;
    final String unit;
    final String least;
    final String most;
    final String step;

    MeasureKinds(String code, String title, String unit, String least, String most, String step) {
        this.code = code;
        this.title = title;
        this.unit = unit;
        this.least = least;
        this.most = most;
        this.step = step;
    }

    public String code() {
        return code;
    }

    public String title() {
        return title;
    }

    static MeasureKinds of(String code) {
        return Arrays.stream(values())
                .filter(kind -> kind.code.equals(code))
                .findFirst()
                .orElse(LENGTH);
    }

    /** The units a measurement of a kind may be typed in. */
    static List<Unit> units(String code) {
        return Arrays.stream(Measurement.Type.values())
                .filter(type -> type.code().equals(code))
                .findFirst()
                .map(type -> Unit.measuring(type.dimension()))
                .orElse(List.of(Unit.values()));
    }
}
