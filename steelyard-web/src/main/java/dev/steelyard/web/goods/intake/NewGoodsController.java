package dev.steelyard.web.goods.intake;

import dev.steelyard.format.columns.ColumnGuess;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.columns.FileLook;
import dev.steelyard.format.goods.GoodsCells;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.goods.GoodsReadRow;
import dev.steelyard.format.table.TableLimits;
import dev.steelyard.format.table.Tables;
import dev.steelyard.format.table.UnreadableTable;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchWork;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.sheets.UnknownGoods;
import dev.steelyard.web.goods.sheets.UnknownGoods.Unknown;
import dev.steelyard.web.shop.people.StaffMember;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** New goods that come from no goods sheet: those that a price sheet names, and made-up ones to look around in. */
@Controller
class NewGoodsController {

    private static final String SHIPPED = "/demo/goods-to-look-around-in.csv";

    private final Batches batches;
    private final BatchWork work;
    private final GoodsJob job;
    private final UnknownGoods unknown;

    NewGoodsController(Batches batches, BatchWork work, GoodsJob job, UnknownGoods unknown) {
        this.batches = batches;
        this.work = work;
        this.job = job;
        this.unknown = unknown;
    }

    /** Looks at what a price sheet names as at a goods sheet; the prices are then checked again. */
    @PostMapping("/sheets/goods/named-by/{id:\\d{1,18}}")
    String named(@PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        Batch prices = batches.find(id).orElseThrow(() -> NotThere.batch(id));
        List<GoodsReadRow> rows =
                unknown.of(id).stream().map(NewGoodsController::row).toList();
        long batch = batches.begin(
                Batch.Origin.GOODS, "Goods named by " + prices.title(), ColumnPlan.TYPED, null, who.name());
        work.read(batch, pulse -> job.rows(batch, rows, ColumnPlan.TYPED, pulse));
        return page(batch);
    }

    private static GoodsReadRow row(Unknown one) {
        Map<GoodsColumn, String> texts = new EnumMap<>(GoodsColumn.class);
        texts.put(GoodsColumn.SKU, one.sku());
        texts.put(GoodsColumn.NAME, one.name());
        if (one.shelfPrice() != null) {
            texts.put(GoodsColumn.SHELF_PRICE, GoodsCells.plain(one.shelfPrice()));
        }
        return new GoodsReadRow(one.line(), texts);
    }

    private String page(long batch) {
        return "redirect:" + batches.find(batch).orElseThrow().page();
    }

    /** Looks at goods that ship for looking around; undoing takes them out again in one go. */
    @PostMapping("/sheets/goods/look-around")
    String lookAround(@AuthenticationPrincipal StaffMember who) throws IOException, UnreadableTable {
        Path file = Files.createTempFile("goods", ".csv");
        try (InputStream in = Objects.requireNonNull(getClass().getResourceAsStream(SHIPPED))) {
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
        }
        FileLook look = new FileLook(GoodsColumn.values());
        Tables.read(file, TableLimits.USUAL, look);
        ColumnPlan plan = ColumnGuess.of(look.seen(), GoodsColumn.values(), Set.of(), values -> null)
                .plan();
        long batch = batches.begin(Batch.Origin.GOODS, "Made-up goods to look around in", plan, null, who.name());
        work.read(batch, pulse -> {
            try {
                job.read(batch, file, plan, pulse);
            } finally {
                Files.deleteIfExists(file);
            }
        });
        return page(batch);
    }
}
