package dev.steelyard.web.goods.intake;

import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.goods.GoodsSheetWriter;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.goods.GoodsTexts;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.Allowed;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Goods taken out as a sheet, those out of the shop too, all as they were at one moment. */
@Controller
class GoodsOutController {

    private static final int AT_A_TIME = 1_000;

    private final GoodsTexts texts;
    private final Shops shops;
    private final JdbcTemplate sql;

    GoodsOutController(GoodsTexts texts, Shops shops, JdbcTemplate sql) {
        this.texts = texts;
        this.shops = shops;
        this.sql = sql;
    }

    @GetMapping("/sheets/goods/out")
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void out(
            @RequestParam(defaultValue = "XLSX") TableKind kind,
            @RequestParam(defaultValue = "POINT") CsvForm form,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        response.setContentType(kind.mediaType());
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, FileNames.attachment("goods", "goods", kind.ending()));
        Set<GoodsColumn> kept = Allowed.toSeeCosts(request) ? Set.of() : Set.of(GoodsColumn.UNIT_COST);
        List<Long> all = sql.queryForList("select id from product order by id", Long.class);
        try (GoodsSheetWriter sheet = new GoodsSheetWriter(
                kind, form, response.getOutputStream(), shops.current().currency(), kept)) {
            for (int from = 0; from < all.size(); from += AT_A_TIME) {
                for (GoodsTexts.Now one : texts.of(all.subList(from, Math.min(all.size(), from + AT_A_TIME)))) {
                    sheet.add(one.texts());
                }
            }
        }
    }
}
