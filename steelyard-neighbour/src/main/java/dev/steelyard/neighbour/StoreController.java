package dev.steelyard.neighbour;

import com.nimbusds.jwt.JWTClaimsSet;
import dev.steelyard.neighbour.SteelyardClient.Away;
import dev.steelyard.neighbour.SteelyardClient.Refused;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.text.ParseException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The store's pages: goods, one of them with the panel, and the cart. */
@Controller
class StoreController {

    static final String VISITOR = "visitor";
    private static final String GOODS = "/api/v1/goods";

    private final NeighbourSettings settings;
    private final SteelyardClient steelyard;
    private final SignedLines lines;
    private final JsonMapper mapper;
    private final Clock clock = Clock.systemUTC();

    StoreController(NeighbourSettings settings, SteelyardClient steelyard, SignedLines lines, JsonMapper mapper) {
        this.settings = settings;
        this.steelyard = steelyard;
        this.lines = lines;
        this.mapper = mapper;
    }

    static Visitor visitor(HttpSession session) {
        Visitor kept = (Visitor) session.getAttribute(VISITOR);
        if (kept == null) {
            kept = new Visitor();
            session.setAttribute(VISITOR, kept);
        }
        return kept;
    }

    /** What every page has. */
    @ModelAttribute
    void frame(HttpSession session, @RequestParam(required = false) @Nullable String look, Model model) {
        Visitor visitor = visitor(session);
        model.addAttribute("t", new StoreTexts(visitor.language()));
        model.addAttribute("lang", visitor.language());
        model.addAttribute("languages", StoreTexts.LANGUAGES);
        model.addAttribute("group", visitor.group());
        model.addAttribute("count", visitor.cart().size());
        model.addAttribute("steelyard", settings.steelyard());
        model.addAttribute("pageKey", settings.pageKey());
        model.addAttribute("customer", visitor.customerToken(settings.customerSecret(), clock.instant()));
        model.addAttribute("dark", "dark".equals(look));
    }

    @GetMapping("/")
    String goods(HttpSession session, Model model) {
        String language = visitor(session).language();
        List<JsonNode> goods = new ArrayList<>();
        String after = "";
        do {
            JsonNode page = steelyard.get(GOODS + "?limit=200&after=" + SteelyardClient.part(after), language);
            page.path("goods").forEach(goods::add);
            after = page.path("next").asString("");
        } while (!after.isEmpty() && goods.size() < 600);
        model.addAttribute("goods", goods.stream().map(StoreController::listed).toList());
        return "list";
    }

    /** One of the goods, as the list shows it. */
    record Listed(String sku, String name, String picture) {}

    private static Listed listed(JsonNode one) {
        return new Listed(
                one.path("sku").asString(),
                one.path("name").asString(),
                one.path("picture").asString());
    }

    @GetMapping("/goods/{sku}")
    String product(
            @PathVariable String sku, @RequestParam(defaultValue = "") String fault, HttpSession session, Model model) {
        JsonNode goods = steelyard.get(
                GOODS + "/" + SteelyardClient.part(sku), visitor(session).language());
        model.addAttribute("product", listed(goods));
        model.addAttribute("picture", goods.path("pictures").path(0).asString(""));
        model.addAttribute("description", goods.path("description").asString(""));
        model.addAttribute("fault", fault);
        return "product";
    }

    /** What the page's form sends: the panel's signed line. */
    @PostMapping("/cart/add")
    String add(@RequestParam String sku, @RequestParam(defaultValue = "") String price, HttpSession session)
            throws ParseException {
        Optional<JWTClaimsSet> line = lines.read(price);
        if (line.isEmpty()) {
            return "redirect:/goods/" + SteelyardClient.part(sku) + "?fault=price";
        }
        JWTClaimsSet claims = line.get();
        Visitor visitor = visitor(session);
        String named = steelyard
                .get(GOODS + "/" + SteelyardClient.part(claims.getStringClaim("sku")), visitor.language())
                .path("name")
                .asString();
        visitor.add(
                claims.getStringClaim("sku"),
                named,
                claims.getLongClaim("quantity"),
                mapper.valueToTree(claims.getJSONObjectClaim("answers")),
                claims.getStringClaim("pack"),
                mapper.valueToTree(Objects.requireNonNullElse(claims.getStringListClaim("variants"), List.of())),
                claims.getStringClaim("line"));
        return "redirect:/cart";
    }

    @GetMapping("/cart")
    String cart(HttpSession session, Model model) {
        model.addAttribute("cart", visitor(session).cart());
        return "cart";
    }

    @PostMapping("/cart/remove")
    String remove(@RequestParam int line, HttpSession session) {
        visitor(session).remove(line);
        return "redirect:/cart";
    }

    /** Lets one try the store as somebody else, or in another language. */
    @PostMapping("/as")
    String as(
            @RequestParam(required = false) @Nullable String lang,
            @RequestParam(required = false) @Nullable String group,
            @RequestParam(defaultValue = "/") String back,
            HttpSession session) {
        Visitor visitor = visitor(session);
        if (lang != null && StoreTexts.LANGUAGES.contains(lang)) {
            visitor.speak(lang);
        }
        if (group != null) {
            visitor.beIn(group.isEmpty() ? null : group);
        }
        return "redirect:" + (back.matches("/[\\w./-]*") ? back : "/");
    }

    /** Steelyard is away: the store stands, and says so. */
    @ExceptionHandler(Away.class)
    String away(HttpSession session, HttpServletResponse response, Model model) {
        response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
        frame(session, null, model);
        return "away";
    }

    @ExceptionHandler(Refused.class)
    String refused(Refused why, HttpSession session, HttpServletResponse response, Model model) {
        response.setStatus(why.status() == 404 ? 404 : HttpStatus.BAD_GATEWAY.value());
        frame(session, null, model);
        model.addAllAttributes(Map.of("why", String.valueOf(why.getMessage())));
        return "refused";
    }
}
