package dev.steelyard.web.store.door;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

/** Answers of any length, one JSON value a line (<a href="https://github.com/ndjson/ndjson-spec">NDJSON</a>), as they come. */
@Component
public class Lines {

    public static final String TYPE = "application/x-ndjson";

    private final JsonMapper mapper;

    Lines(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /** Where lines are written to. */
    public interface To {
        void write(Object value) throws IOException;
    }

    /** What writes them. */
    public interface From {
        void write(To to) throws IOException;
    }

    public ResponseEntity<StreamingResponseBody> answer(From from) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(TYPE))
                .body(out -> from.write(value -> line(value, out)));
    }

    private void line(Object value, OutputStream out) throws IOException {
        out.write((mapper.writeValueAsString(value) + "\n").getBytes(StandardCharsets.UTF_8));
    }
}
