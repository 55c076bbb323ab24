package dev.steelyard.web.store.hooks;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import dev.steelyard.format.Json;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import tools.jackson.databind.JsonNode;

/** A store's end of a webhook. */
final class Receiver implements AutoCloseable {

    private final HttpServer server;
    private final List<Got> got = new CopyOnWriteArrayList<>();
    private volatile int answers = 204;
    private volatile Duration pause = Duration.ZERO;

    Receiver() {
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        server.createContext("/told", this::take);
        server.start();
    }

    /** What came. */
    record Got(String id, long time, String signature, String body) {

        JsonNode json() {
            return Json.read(body);
        }

        String type() {
            return json().path("type").asString();
        }
    }

    private void take(HttpExchange call) throws IOException {
        String body = new String(call.getRequestBody().readAllBytes(), StandardCharsets.UTF_8);
        got.add(new Got(
                call.getRequestHeaders().getFirst("webhook-id"),
                Long.parseLong(call.getRequestHeaders().getFirst("webhook-timestamp")),
                call.getRequestHeaders().getFirst("webhook-signature"),
                body));
        try {
            Thread.sleep(pause.toMillis());
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
        }
        if (answers / 100 == 3) {
            call.getResponseHeaders().add("Location", "/told");
        }
        call.sendResponseHeaders(answers, -1);
        call.close();
    }

    /** From now on it takes its time. */
    void answerAfter(Duration time) {
        pause = time;
    }

    /** From now on it answers so. */
    void answer(int status) {
        answers = status;
    }

    String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/told";
    }

    List<Got> got() {
        return got;
    }

    List<Got> got(String type) {
        return got.stream().filter(one -> one.type().equals(type)).toList();
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
