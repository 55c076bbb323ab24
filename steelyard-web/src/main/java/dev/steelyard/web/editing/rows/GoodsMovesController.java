package dev.steelyard.web.editing.rows;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.shop.people.StaffMember;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

/** Goods taken out of the shop and put back, from their page of prices. */
@Controller
@RequestMapping("/goods/{id}")
class GoodsMovesController {

    private final GoodsStore goods;
    private final Books books;

    GoodsMovesController(GoodsStore goods, Books books) {
        this.goods = goods;
        this.books = books;
    }

    @PostMapping("/remove")
    String remove(@PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        goods.remove(id, who.name()).orElseThrow(() -> DraftKind.ROWS.missing(id));
        books.refresh();
        return "redirect:/goods?removed=" + id;
    }

    @PostMapping("/put-back")
    String putBack(@PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        goods.putBack(id, who.name()).orElseThrow(() -> DraftKind.ROWS.missing(id));
        books.refresh();
        return "redirect:/goods/" + id;
    }

    /** Where a variant's prices stood before each had a step of its own. */
    @GetMapping(params = "variant")
    String variant(@PathVariable long id, @RequestParam long variant) {
        GoodsEntry entry = goods.find(id).orElseThrow(() -> DraftKind.ROWS.missing(id));
        int index = entry.variantIds().indexOf(variant);
        if (index < 0) {
            throw new NotThere("This product has no such variant.");
        }
        String step = RowsStep.of(entry.product()).get(index + 1).code();
        return "redirect:"
                + UriComponentsBuilder.fromPath("/goods/{id}")
                        .queryParam("step", "{step}")
                        .encode()
                        .buildAndExpand(id, step)
                        .toUriString();
    }
}
