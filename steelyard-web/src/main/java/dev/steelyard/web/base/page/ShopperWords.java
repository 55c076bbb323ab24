package dev.steelyard.web.base.page;

import dev.steelyard.words.Language;
import dev.steelyard.words.Words;
import org.springframework.context.i18n.LocaleContextHolder;

/** The words of whoever this thread serves, as shoppers read them: in the language of the request. */
public final class ShopperWords {

    private ShopperWords() {}

    public static Words now() {
        return Words.shoppers(
                Language.of(LocaleContextHolder.getLocale().getLanguage()).orElse(Language.ENGLISH));
    }
}
