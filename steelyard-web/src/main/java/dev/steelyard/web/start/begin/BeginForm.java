package dev.steelyard.web.start.begin;

import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.Currencies;
import dev.steelyard.web.shop.ShopHabits;
import dev.steelyard.web.shop.TypedRate;
import dev.steelyard.web.shop.people.PasswordRules;
import dev.steelyard.web.shop.people.SignInName;
import dev.steelyard.words.Language;
import java.io.Serial;
import java.io.Serializable;
import java.time.ZoneId;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** What was typed so far. The password is kept as its hash only. */
final class BeginForm implements Serializable {

    @Serial
    private static final long serialVersionUID = 1L;

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_WORD = 60;
    private static final int LONGEST_ADDRESS = 400;
    private static final String HOME = "DE";

    private final TreeMap<String, String> typed = new TreeMap<>();
    private @Nullable String passwordHash;
    private String proposedFor = HOME;

    BeginForm() {
        typed.put("country", HOME);
        typed.put("standardName", "Standard");
        typed.put("reducedName", "Reduced");
        propose();
    }

    /** Puts in what a shop of its country begins with. */
    void propose() {
        proposedFor = get("country");
        typed.putAll(Proposals.of(proposedFor));
    }

    /** Whether currency and time zone are still those of another country than the one picked. */
    boolean isOfAnotherCountry() {
        Map<String, String> proposed = Proposals.of(proposedFor);
        return !proposedFor.equals(get("country"))
                && Countries.code(get("country")) != null
                && get("currency").equals(proposed.get("currency"))
                && get("zone").equals(proposed.get("zone"));
    }

    public String get(String field) {
        return typed.getOrDefault(field, "");
    }

    public boolean hasPassword() {
        return passwordHash != null;
    }

    @Nullable
    String passwordHash() {
        return passwordHash;
    }

    /** Whether rates of its country were proposed. */
    public boolean hasRates() {
        return Proposals.hasRates(get("country"));
    }

    public String writtenDown() {
        return Proposals.WRITTEN_DOWN;
    }

    void read(BeginStep step, Map<String, String> sent) {
        step.fields().stream()
                .filter(sent::containsKey)
                .forEach(field ->
                        typed.put(field, sent.get(field).replace("\r\n", "\n").strip()));
    }

    /** Takes a password, where one was typed. @return what is wrong with it, by field */
    Map<String, String> password(String password, String again, UnaryOperator<String> hash) {
        if (password.isEmpty() && again.isEmpty() && hasPassword()) {
            return Map.of();
        }
        String fault = PasswordRules.fault(password, get("name"), get("signIn"));
        if (fault != null) {
            return Map.of("password", fault);
        }
        if (!password.equals(again)) {
            return Map.of("again", "This is another one than above");
        }
        passwordHash = hash.apply(password);
        return Map.of();
    }

    /** What is wrong on a step, by field. */
    Map<String, String> faults(BeginStep step) {
        Map<String, String> faults = new LinkedHashMap<>();
        switch (step) {
            case YOU -> {
                length("name", 1, LONGEST_NAME, faults);
                String signInFault = SignInName.fault(get("signIn"));
                if (signInFault != null) {
                    faults.put("signIn", signInFault);
                }
                if (!hasPassword()) {
                    faults.putIfAbsent("password", "Take a password");
                }
            }
            case SHOP -> {
                length("shopName", 1, LONGEST_NAME, faults);
                length("address", 0, LONGEST_ADDRESS, faults);
                length("taxNumber", 0, LONGEST_WORD, faults);
                check("country", Countries.code(get("country")) != null, "Pick a country", faults);
                check("currency", Currencies.all().containsKey(get("currency")), "Pick a currency", faults);
                check("numbers", get("numbers").matches("comma|point"), "Pick one", faults);
                check("language", Language.of(get("language")).isPresent(), "Pick one", faults);
                check("zone", ZoneId.getAvailableZoneIds().contains(get("zone")), "Pick a time zone", faults);
            }
            case TAX -> {
                rate("standard", faults);
                rate("reduced", faults);
                length("standardName", 1, LONGEST_WORD, faults);
                length("reducedName", get("reduced").isEmpty() ? 0 : 1, LONGEST_WORD, faults);
                if (get("standardName").equalsIgnoreCase(get("reducedName"))) {
                    faults.putIfAbsent("reducedName", "Both have this name");
                }
                check("included", get("included").matches("yes|no"), "Pick one", faults);
            }
            case GOODS -> {}
        }
        return faults;
    }

    private static void check(String field, boolean right, String words, Map<String, String> faults) {
        if (!right) {
            faults.put(field, words);
        }
    }

    private void rate(String field, Map<String, String> faults) {
        String fault = get(field).isEmpty() ? "" : TypedRate.fault(get(field));
        if (!fault.isEmpty()) {
            faults.put(field, fault);
        }
    }

    private void length(String field, int least, int most, Map<String, String> faults) {
        int length = get(field).length();
        if (length < least) {
            faults.put(field, "Type something here");
        } else if (length > most) {
            faults.put(field, "At most " + most + " characters; these are " + length);
        }
    }

    /** How the shop works at first. */
    ShopHabits habits() {
        return new ShopHabits(
                get("numbers").equals("comma"),
                ShopHabits.USUAL.counterOpen(),
                ShopHabits.USUAL.twoEyes(),
                ShopHabits.USUAL.allOrders(),
                ShopHabits.USUAL.lowestNamed(),
                Language.of(get("language")).map(List::of).orElse(ShopHabits.USUAL.languages()));
    }

    Currency currency() {
        return Currency.getInstance(get("currency"));
    }
}
