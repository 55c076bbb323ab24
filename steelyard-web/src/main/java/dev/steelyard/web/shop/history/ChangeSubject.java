package dev.steelyard.web.shop.history;

import java.util.Arrays;
import java.util.Optional;

/** What a change is about. */
public enum ChangeSubject {
    CARD("card", "Rate card"),
    PRICES("prices", "Prices"),
    ROWS("own-prices", "Draft of prices"),
    ORDER("order", "Order of cards"),
    DEAL("deal", "Deal"),
    DEAL_ORDER("deal-order", "Order of deals"),
    TAX("tax", "Tax"),
    BATCH("sheet", "Many prices at once"),
    GOODS("goods", "Goods"),
    SHOP("shop", "Shop"),
    CODES("codes", "Codes"),
    PEOPLE("people", "People"),
    KEYS("keys", "Keys"),
    HOOKS("webhooks", "Webhooks"),
    SIGN_IN("sign-in", "Signing in");

    private final String code;
    private final String words;

    ChangeSubject(String code, String words) {
        this.code = code;
        this.words = words;
    }

    /** The word in addresses. */
    public String code() {
        return code;
    }

    public String words() {
        return words;
    }

    /** Where one of them is, but for its number. */
    String path() {
        return switch (this) {
            case CARD, ORDER -> "/cards/";
            case DEAL, DEAL_ORDER -> "/deals/";
            case PRICES, ROWS, GOODS -> "/goods/";
            case BATCH -> "/sheets/";
            case CODES -> "/codes/";
            case TAX -> "/shop/tax";
            case PEOPLE -> "/shop/people";
            case KEYS -> "/shop/keys";
            case HOOKS -> "/shop/webhooks";
            case SHOP, SIGN_IN -> "/shop";
        };
    }

    static Optional<ChangeSubject> of(String code) {
        return Arrays.stream(values())
                .filter(subject -> subject.code.equals(code))
                .findFirst();
    }
}
