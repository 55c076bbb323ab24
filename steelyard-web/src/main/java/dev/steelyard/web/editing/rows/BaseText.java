package dev.steelyard.web.editing.rows;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.Validity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Writes the prices a page began with into a hidden field, and reads them back when somebody else was quicker. */
@Component
class BaseText {

    private final JsonMapper mapper;

    BaseText(JsonMapper mapper) {
        this.mapper = mapper;
    }

    private record Row(
            int from, BigDecimal price, @Nullable String group, @Nullable LocalDate starts, @Nullable LocalDate ends) {}

    private record Base(@Nullable BigDecimal shelfPrice, Over over, List<Row> rows) {}

    String write(PriceState state) {
        return mapper.writeValueAsString(new Base(
                state.shelfPrice(),
                state.over(),
                state.rows().stream()
                        .map(row -> new Row(
                                row.pieces(),
                                row.value(),
                                row.group(),
                                row.validity().from(),
                                row.validity().until()))
                        .toList()));
    }

    /** The prices written; none where the text is not ours. */
    @Nullable
    PriceState read(String text) {
        try {
            Base base = mapper.readValue(text, Base.class);
            return new PriceState(
                    base.shelfPrice(),
                    base.over(),
                    base.rows().stream()
                            .map(row -> new Break(
                                    row.from(), row.price(), row.group(), new Validity(row.starts(), row.ends())))
                            .toList());
        } catch (JacksonException | IllegalArgumentException | NullPointerException notOurs) {
            return null;
        }
    }
}
