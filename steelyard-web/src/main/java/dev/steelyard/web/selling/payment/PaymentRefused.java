package dev.steelyard.web.selling.payment;

/** Why a payment was refused: kept with the checkout, and said in the language of whoever looks. */
public enum PaymentRefused {
    DECLINED("checkout.declined"),
    CALLED_OFF("checkout.called-off");

    private final String key;

    PaymentRefused(String key) {
        this.key = key;
    }

    /** Of the text that says so. */
    public String key() {
        return key;
    }

    /** What a checkout kept; what one kept in words before is a declined card. */
    public static PaymentRefused kept(String text) {
        return text.equals(CALLED_OFF.name()) || text.contains("called off") ? CALLED_OFF : DECLINED;
    }
}
