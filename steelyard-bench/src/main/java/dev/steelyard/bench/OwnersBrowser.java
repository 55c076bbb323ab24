package dev.steelyard.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.StringJoiner;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** An owner of the measured shop, signed in: keeps cookies, sends the page's token with what it posts. */
final class OwnersBrowser {

    private static final Pattern TOKEN = Pattern.compile("name=\"csrf-token\" content=\"([^\"]+)\"");
    private static final String BOUNDARY = "----measured";
    private static final int ASKED_MILLIS = 100;

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();
    private final String url;
    private String token = "";

    OwnersBrowser(String url) throws IOException, InterruptedException {
        this.url = url;
        get("/sign-in");
        post("/sign-in", Map.of("username", "maren", "password", "saltmarsh"));
        get("/goods/1");
    }

    HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return send(HttpRequest.newBuilder(URI.create(url + path)).header("Accept", "text/html"));
    }

    byte[] bytes(String path) throws IOException, InterruptedException {
        return client.send(
                        HttpRequest.newBuilder(URI.create(url + path)).build(), HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    HttpResponse<String> post(String path, Map<String, String> form) throws IOException, InterruptedException {
        StringJoiner body = new StringJoiner("&");
        form.forEach((name, value) -> body.add(encoded(name) + "=" + encoded(value)));
        body.add("_csrf=" + encoded(token));
        return send(HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body.toString())));
    }

    HttpResponse<String> upload(String path, String name, byte[] file) throws IOException, InterruptedException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.writeBytes(
                ("--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + token + "\r\n--"
                                + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name
                                + "\"\r\n\r\n")
                        .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(file);
        body.writeBytes(("\r\n--" + BOUNDARY + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    /**
     * Waits until a sheet is in a state, or is no longer worked on, asking for how far it is as its page does, though more often:
     * asking for the whole page would take a processor from the work.
     *
     * @param words of the state; none to wait for the end
     */
    void await(String sheet, String words) throws IOException, InterruptedException {
        String progress = "/sheets/" + sheet.replaceAll(".*/", "") + "/progress";
        HttpResponse<String> now = get(progress);
        while (now.headers().firstValue("HX-Redirect").isEmpty()
                && (words.isEmpty() || !now.body().contains("<b>" + words + "</b>"))) {
            Thread.sleep(ASKED_MILLIS);
            now = get(progress);
        }
    }

    private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        Matcher found = TOKEN.matcher(answer.body());
        token = found.find() ? found.group(1) : token;
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(answer.uri() + ": " + answer.statusCode());
        }
        return answer;
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
