package dev.steelyard.web.goods.intake;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The names that applying a goods sheet makes, as they are kept with it. */
@Repository
class MadeNames {

    private final JdbcTemplate sql;
    private final JsonMapper mapper;

    MadeNames(JdbcTemplate sql, JsonMapper mapper) {
        this.sql = sql;
        this.mapper = mapper;
    }

    @Transactional
    public void keep(long batch, NewNames.Made made) {
        sql.update("update price_batch set makes = ? where id = ?", mapper.writeValueAsString(made), batch);
    }

    @Transactional(readOnly = true)
    public NewNames.Made find(long batch) {
        return sql
                .queryForList("select makes from price_batch where id = ? and makes is not null", String.class, batch)
                .stream()
                .findFirst()
                .map(json -> mapper.readValue(json, NewNames.Made.class))
                .orElse(NewNames.Made.NOTHING);
    }
}
