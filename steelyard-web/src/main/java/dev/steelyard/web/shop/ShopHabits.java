package dev.steelyard.web.shop;

/**
 * How the shop works.
 *
 * @param decimalComma whether numbers are written with a decimal comma: 1.018,00
 * @param counterOpen whether the counter is open to everybody, or for its own people only
 * @param twoEyes whether who changed a draft last cannot be the one who puts it live
 */
public record ShopHabits(boolean decimalComma, boolean counterOpen, boolean twoEyes) {

    /** A decimal point, open to everybody, one pair of eyes. */
    public static final ShopHabits USUAL = new ShopHabits(false, true, false);
}
