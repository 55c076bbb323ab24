package dev.steelyard.web.base.page;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.time.Duration;
import java.util.Arrays;
import java.util.Comparator;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.VersionResourceResolver;

/**
 * Scripts that are modules. They name each other by relative addresses, so they share one version: a hash of them all, as a
 * folder in their address. Whichever changes, all have new addresses, and browsers may keep them for good.
 */
@Configuration
class Modules implements WebMvcConfigurer {

    private static final String PLACE = "classpath:/static/assets/modules/";
    private static final Duration FOR_GOOD = Duration.ofDays(365);
    private static final int HASH_LETTERS = 12;

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/modules/**")
                .addResourceLocations(PLACE)
                .setCacheControl(CacheControl.maxAge(FOR_GOOD))
                .resourceChain(true)
                .addResolver(new VersionResourceResolver().addFixedVersionStrategy(version(), "/**"));
    }

    private static String version() {
        try {
            Resource[] all = new PathMatchingResourcePatternResolver().getResources(PLACE + "*.js");
            Arrays.sort(all, Comparator.comparing(one -> String.valueOf(one.getFilename())));
            MessageDigest hash = Fingerprint.digest();
            for (Resource one : all) {
                hash.update(one.getContentAsByteArray());
            }
            return Fingerprint.of(hash).substring(0, HASH_LETTERS);
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
    }
}
