package dev.steelyard.web.checkout;

import dev.steelyard.web.payment.CardNumber;

/** Who orders, read from the form. */
record Buyer(String name, String email, CardNumber card) {}
