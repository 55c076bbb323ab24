package dev.steelyard.web.base.page;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What the application is called by those who are told an address of it. */
@Component
public class PublicAddress {

    private final String set;

    /** @param set empty where nothing is set: then it is called as it was asked */
    PublicAddress(@Value("${steelyard.public-address:}") String set) {
        this.set = set;
    }

    /** A whole address. @param path that begins with a slash */
    public String of(HttpServletRequest request, String path) {
        return (set.isEmpty()
                        ? ServletUriComponentsBuilder.fromContextPath(request).toUriString()
                        : set)
                + path;
    }
}
