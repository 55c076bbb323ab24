package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.Item;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The goods that fit what is being typed into a field that names some. */
@RestController
class NamesController {

    private static final int MOST = 20;
    private static final int LONGEST = 100;

    private final GoodsShelves shelves;

    NamesController(GoodsShelves shelves) {
        this.shelves = shelves;
    }

    record Named(String sku, String name) {}

    @GetMapping("/goods/names")
    List<Named> names(@RequestParam(defaultValue = "") String find) {
        String words = find.strip().substring(0, Math.min(find.strip().length(), LONGEST));
        return shelves.now()
                .book()
                .assortment()
                .sayingAsTyped(words)
                .flatMap(one -> one.product().items().stream())
                .limit(MOST)
                .map(NamesController::named)
                .toList();
    }

    private static Named named(Item item) {
        return new Named(item.sku().value(), item.name());
    }
}
