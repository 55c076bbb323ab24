package dev.steelyard.web.goods.list;

import dev.steelyard.web.base.page.Ids;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import org.springframework.web.util.UriComponentsBuilder;

/** Finds the goods that were picked, as they are now. */
@Component
class Picking {

    private final GoodsShelves shelves;
    private final GoodsFinder finder;

    Picking(GoodsShelves shelves, GoodsFinder finder) {
        this.shelves = shelves;
        this.finder = finder;
    }

    /** Without scripts the boxes of the page are sent themselves, as {@code pick}. */
    Picked read(MultiValueMap<String, String> sent) {
        String ids = text(sent, "ids");
        String all = text(sent, "all");
        String query = text(sent, "query");
        GoodsShelf shelf = shelves.now();
        if (all.equals("true")) {
            return new Picked("", all, query, finder.find(GoodsFilter.read(decoded(query)), shelf, GoodsOrder.NAME));
        }
        List<String> boxes = ids.isEmpty() ? sent.getOrDefault("pick", List.of()) : Arrays.asList(ids.split(","));
        List<Long> numbers =
                boxes.stream().filter(text -> Ids.is(text)).map(Long::valueOf).toList();
        return new Picked(String.join(",", boxes), "", query, shelf.of(numbers));
    }

    private static MultiValueMap<String, String> decoded(String query) {
        MultiValueMap<String, String> plain = new LinkedMultiValueMap<>();
        UriComponentsBuilder.fromUriString("/?" + query)
                .build()
                .getQueryParams()
                .forEach((name, values) -> values.stream()
                        .filter(Objects::nonNull)
                        .forEach(value -> plain.add(name, URLDecoder.decode(value, StandardCharsets.UTF_8))));
        return plain;
    }

    private static String text(MultiValueMap<String, String> sent, String name) {
        return Objects.requireNonNullElse(sent.getFirst(name), "").strip();
    }
}
