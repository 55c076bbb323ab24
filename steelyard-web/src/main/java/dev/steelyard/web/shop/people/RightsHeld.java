package dev.steelyard.web.shop.people;

import java.util.List;
import java.util.Set;
import org.springframework.http.HttpMethod;
import org.springframework.http.server.PathContainer;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * Which right each address asks for: the one place where that stands. Requests are held to it, and buttons whose address
 * would refuse are not shown. Addresses that no rule names ask for nothing to be read, and for drafting to be written.
 */
final class RightsHeld {

    private static final PathPatternParser PARSER = new PathPatternParser();
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    /** The word by which the editors say what is wished. */
    static final String WISH = "do";

    /** The first that fits counts. */
    private static final List<Rule> WRITING = List.of(
            rule(
                    Right.LOOK,
                    "/sign-out",
                    "/you/**",
                    "/goods/columns",
                    "/sheets/out",
                    "/goods/picked",
                    "/goods/picked/out"),
            rule(Right.KEEP, "/shop/**"),
            rule(Right.DRAFT, "/cards/{id}/live/ask", "/deals/{id}/live/ask", "/goods/{id}/live/ask"),
            rule(
                    Right.LIVE,
                    "/cards/{id}/live/**",
                    "/deals/{id}/live/**",
                    "/goods/{id}/live/**",
                    "/cards/order",
                    "/deals/order",
                    "/cards/pause",
                    "/cards/resume",
                    "/deals/pause",
                    "/deals/resume",
                    "/cards/{id}/remove",
                    "/cards/{id}/put-back",
                    "/deals/{id}/remove",
                    "/deals/{id}/put-back",
                    "/goods/{id}/remove",
                    "/goods/{id}/put-back",
                    "/goods/{id}/about",
                    "/goods/{id}/languages",
                    "/goods/{id}/pictures/**",
                    "/goods/new",
                    "/goods/shelves",
                    "/goods/margins",
                    "/goods/shelves/languages",
                    "/goods/picked/label",
                    "/goods/picked/labelled",
                    "/sheets/{id}/apply",
                    "/sheets/goods/{id}/apply",
                    "/sheets/{id}/undo",
                    "/codes/**"));

    private static final Rule KEEPERS =
            rule(Right.KEEP, "/shop/people/**", "/shop/keys/**", "/shop/webhooks/**", "/shop/nodes/**");
    private static final Rule EDITORS = rule(Right.DRAFT, "/cards/{id}/edit", "/deals/{id}/edit", "/goods/{id}/edit");

    private RightsHeld() {}

    private record Rule(Right right, List<PathPattern> patterns) {

        boolean fits(PathContainer path) {
            return patterns.stream().anyMatch(pattern -> pattern.matches(path));
        }
    }

    private static Rule rule(Right right, String... patterns) {
        return new Rule(right, List.of(patterns).stream().map(PARSER::parse).toList());
    }

    /**
     * The right a request asks for.
     *
     * @param wish what an editor wishes; empty elsewhere
     */
    static Right of(String method, String address, String wish) {
        PathContainer path = PathContainer.parsePath(address);
        if (KEEPERS.fits(path)) {
            return Right.KEEP;
        }
        if (READING.contains(method)) {
            return Right.LOOK;
        }
        if (EDITORS.fits(path)) {
            return switch (wish) {
                case "look" -> Right.LOOK;
                case "save" -> Right.LIVE;
                default -> Right.DRAFT;
            };
        }
        return WRITING.stream()
                .filter(rule -> rule.fits(path))
                .findFirst()
                .map(Rule::right)
                .orElse(Right.DRAFT);
    }

    /** The right that a form or button to an address asks for. */
    static Right ofForm(String address) {
        return of(HttpMethod.POST.name(), address.split("[?#]", 2)[0], "");
    }
}
