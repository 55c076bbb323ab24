package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.web.editing.draft.CountsElsewhere;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.words.PlaceWords;
import dev.steelyard.web.goods.EditResult;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.PriceEdit;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** A product's own prices count as they stand with the goods. */
@Component
class RowsCounting implements CountsElsewhere {

    private final GoodsStore goods;
    private final Shops shops;

    RowsCounting(GoodsStore goods, Shops shops) {
        this.goods = goods;
        this.shops = shops;
    }

    @Override
    public DraftKind kind() {
        return DraftKind.ROWS;
    }

    @Override
    public Optional<Now> now(long id) {
        return goods.find(id)
                .map(entry -> new Now(
                        RowsDocument.of(entry.product(), entry.alone()),
                        entry.changedAt(),
                        entry.changedBy(),
                        entry.removedAt()));
    }

    @Override
    public DraftDocument put(long id, DraftDocument version, String why, String by) throws Unfit {
        GoodsEntry entry = goods.find(id).orElseThrow(() -> new Unfit("the product is no longer there"));
        Product product = entry.product();
        List<String> groups = shops.groups().stream().map(CustomerGroup::name).toList();
        RowsReading reading = RowsReading.of(version, product, groups);
        if (!reading.issues().isEmpty()) {
            throw new Unfit(PlaceWords.of(reading.issues().get(0).at()) + ": "
                    + reading.issues().get(0).message());
        }
        List<PriceEdit.Part> parts = new ArrayList<>();
        reading.parts().forEach((at, part) -> {
            Long variant = at.isEmpty() ? null : entry.variantIds().get(index(product.variants(), at));
            parts.add(new PriceEdit.Part(variant, part.shelfPrice(), part.breaks()));
        });
        EditResult result = goods.save(
                        new PriceEdit(id, entry.version(), reading.over(), reading.alone(), parts, why), by)
                .orElseThrow(() -> new Unfit("the product is no longer there"));
        if (result instanceof EditResult.Saved saved) {
            return RowsDocument.of(saved.entry().product(), saved.entry().alone());
        }
        throw new Unfit("Somebody else changed the product at that moment");
    }

    private static int index(List<Variant> variants, String at) {
        return variants.stream().map(RowsDocument::place).toList().indexOf(at);
    }
}
