package dev.steelyard.web.store.docs;

import com.fasterxml.jackson.core.JsonProcessingException;
import dev.steelyard.format.Json;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springdoc.webmvc.api.OpenApiWebMvcResource;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The published document as a page for people, with requests to try. */
@Controller
class DocsController {

    private static final List<String> ORDER = List.of("Keys", "Prices", "Pages", "Quotes", "Orders", "Goods", "Trials");
    private static final String DOCUMENT = "/api/v1/openapi.json";

    private final OpenApiWebMvcResource document;

    DocsController(OpenApiWebMvcResource document) {
        this.document = document;
    }

    @GetMapping("/api/docs")
    String show(HttpServletRequest request, Model model) throws JsonProcessingException {
        byte[] json = document.openapiJson(request, DOCUMENT, Locale.ENGLISH);
        List<CallTold> calls = CallTold.of(Json.read(new String(json, StandardCharsets.UTF_8)));
        Map<String, List<CallTold>> byTag = new LinkedHashMap<>();
        ORDER.forEach(tag -> byTag.put(
                tag, calls.stream().filter(call -> call.tag().equals(tag)).toList()));
        model.addAttribute("tags", byTag);
        return "store/docs";
    }
}
