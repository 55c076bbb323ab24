package dev.steelyard.web.api;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Objects;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.slf4j.LoggerFactory;

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
            ApiErrors.write(LastErrors.problem(response.getStatus()), response);
            response.finishResponse();
        } catch (IOException | UncheckedIOException gone) {
            LoggerFactory.getLogger(RefusedAtTheDoor.class).debug("whoever was refused has gone", gone);
        }
    }
}
