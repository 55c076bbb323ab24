package dev.steelyard.web.selling.checkout;

/** The key of a payment: its checkout's and which attempt it is. */
final class PaymentKey {

    private PaymentKey() {}

    /** The key of the checkout; the text itself where it is no key of a payment. */
    static String checkout(String paymentKey) {
        int cut = paymentKey.lastIndexOf('/');
        return cut < 0 ? paymentKey : paymentKey.substring(0, cut);
    }
}
