package dev.steelyard.web.start.demo;

import dev.steelyard.web.base.image.GoodsImages;
import dev.steelyard.web.goods.GoodsPictures;
import dev.steelyard.web.goods.GoodsPictures.Shown;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of the demo's goods, from files that are named by SKU and place: SHK-1.jpg, SHK-2.jpg. */
@Component
class DemoPictures {

    private final GoodsImages images;
    private final GoodsPictures pictures;
    private final JdbcTemplate sql;

    DemoPictures(GoodsImages images, GoodsPictures pictures, JdbcTemplate sql) {
        this.images = images;
        this.pictures = pictures;
        this.sql = sql;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void add() {
        Map<String, List<String>> bySku = new TreeMap<>();
        try {
            Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:demo/pictures/*.jpg");
            Arrays.sort(files, Comparator.comparing(DemoPictures::name));
            for (Resource file : files) {
                bySku.computeIfAbsent(name(file).replaceFirst("-\\d+\\.jpg$", ""), any -> new ArrayList<>())
                        .add(images.keep(file.getContentAsByteArray()));
            }
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
        bySku.forEach((sku, all) -> sql.query(
                "select id, name from product where sku = ?",
                row -> {
                    String name = row.getString(2);
                    pictures.set(
                            row.getLong(1),
                            all.stream().map(one -> new Shown(one, name)).toList());
                },
                sku));
    }

    private static String name(Resource file) {
        return Objects.requireNonNull(file.getFilename());
    }
}
