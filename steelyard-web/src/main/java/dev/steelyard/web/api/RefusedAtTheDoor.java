package dev.steelyard.web.api;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.slf4j.LoggerFactory;
import org.springframework.http.MediaType;

/** What the server refuses before the application sees it, such as an address that cannot be decoded. */
final class RefusedAtTheDoor extends ErrorReportValve {

    RefusedAtTheDoor() {
        setShowReport(false);
        setShowServerInfo(false);
    }

    @Override
    protected void report(Request request, Response response, Throwable throwable) {
        String path = Objects.requireNonNullElse(request.getRequestURI(), "");
        boolean answered = response.getContentWritten() > 0 || response.isCommitted();
        if (!ApiErrors.isApi(path) || response.getStatus() < 400 || answered) {
            super.report(request, response, throwable);
            return;
        }
        try {
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream()
                    .write(Objects.requireNonNull(ProblemAnswer.of(LastErrors.problem(response.getStatus()))
                                    .getBody())
                            .getBytes(StandardCharsets.UTF_8));
            response.finishResponse();
        } catch (IOException gone) {
            LoggerFactory.getLogger(RefusedAtTheDoor.class).debug("whoever was refused has gone", gone);
        }
    }
}
