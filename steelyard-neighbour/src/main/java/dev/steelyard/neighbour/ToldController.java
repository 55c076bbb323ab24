package dev.steelyard.neighbour;

import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.time.Clock;
import java.util.Base64;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedDeque;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What Steelyard tells the store: checked by its signature, as the Standard Webhooks specification says, and taken once by its
 * id, since a message may come twice.
 */
@Controller
class ToldController {

    private static final long MOST_SECONDS_OLD = 300;
    private static final int MOST_KEPT = 50;
    private static final String SECRET = "whsec_";

    private final NeighbourSettings settings;
    private final StoreController store;
    private final JsonMapper mapper;
    private final Clock clock = Clock.systemUTC();
    private final Deque<Told> told = new ConcurrentLinkedDeque<>();

    ToldController(NeighbourSettings settings, StoreController store, JsonMapper mapper) {
        this.settings = settings;
        this.store = store;
        this.mapper = mapper;
    }

    /** A message that was taken. */
    record Told(String id, String type, String at, String data) {}

    @PostMapping("/told")
    ResponseEntity<String> take(
            @RequestHeader("webhook-id") String id,
            @RequestHeader("webhook-timestamp") String timestamp,
            @RequestHeader("webhook-signature") String signature,
            @RequestBody String body) {
        boolean recent = timestamp.matches("\\d{1,12}")
                && Math.abs(clock.instant().getEpochSecond() - Long.parseLong(timestamp)) <= MOST_SECONDS_OLD;
        byte[] ours = ("v1," + signature(id + "." + timestamp + "." + body)).getBytes(StandardCharsets.UTF_8);
        boolean signed = List.of(signature.split(" ")).stream()
                .anyMatch(one -> MessageDigest.isEqual(ours, one.getBytes(StandardCharsets.UTF_8)));
        if (!recent || !signed) {
            return ResponseEntity.status(401).body("not signed by Steelyard, or too old");
        }
        if (told.stream().noneMatch(one -> one.id().equals(id))) {
            JsonNode message = mapper.readTree(body);
            told.addFirst(new Told(
                    id,
                    message.path("type").asString(""),
                    message.path("timestamp").asString(""),
                    message.path("data").toString()));
            while (told.size() > MOST_KEPT) {
                told.removeLast();
            }
        }
        return ResponseEntity.noContent().build();
    }

    private String signature(String text) {
        if (!settings.webhookSecret().startsWith(SECRET)) {
            return "";
        }
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(
                    Base64.getDecoder().decode(settings.webhookSecret().substring(SECRET.length())), "HmacSHA256"));
            return Base64.getEncoder().encodeToString(mac.doFinal(text.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException never) {
            throw new IllegalStateException("every Java has HmacSHA256", never);
        }
    }

    @GetMapping("/told")
    String show(HttpSession session, Model model) {
        store.frame(session, null, model);
        model.addAttribute("told", List.copyOf(told));
        return "told";
    }
}
