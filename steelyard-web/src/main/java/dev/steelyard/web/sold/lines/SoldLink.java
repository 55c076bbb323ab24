package dev.steelyard.web.sold.lines;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;

/** Addresses of what was sold. */
public final class SoldLink {

    private SoldLink() {}

    /** The page about the shop, a product, a card or a deal. */
    public static String to(Which.Of of) {
        return switch (of.kind()) {
            case SHOP -> "/sold";
            case PRODUCT -> "/sold?product=" + URLEncoder.encode(of.sku(), StandardCharsets.UTF_8);
            case CARD -> "/sold?card=" + of.id();
            case DEAL -> "/sold?deal=" + of.id();
        };
    }
}
