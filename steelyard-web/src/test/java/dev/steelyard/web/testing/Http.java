package dev.steelyard.web.testing;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A browser without a screen: keeps cookies, sends the page's token with what it posts. */
public final class Http {

    private static final Pattern TOKEN =
            Pattern.compile("name=\"csrf-token\" content=\"([^\"]+)\"|name=\"_csrf\" value=\"([^\"]+)\"");

    private final String url;
    private final HttpClient client;
    private String token = "";
    private String reads = "";

    public Http(String url) {
        this(
                url,
                HttpClient.newBuilder()
                        .cookieHandler(new CookieManager())
                        .followRedirects(HttpClient.Redirect.NORMAL)
                        .build());
    }

    private Http(String url, HttpClient client) {
        this.url = url;
        this.client = client;
    }

    /** The same browser, led to another node. */
    public Http at(String node) {
        return new Http(node, client);
    }

    /** From here on it says which languages it reads, as browsers do ({@code de-CH, fr;q=0.5}). */
    public Http reads(String languages) {
        reads = languages;
        return this;
    }

    /** An answer: status and page. */
    public record Answer(int status, String body, HttpResponse<String> response) {

        /** The address that the first link with some words leads to. */
        public String link(String words) {
            Matcher link = Pattern.compile("<a[^>]*href=\"([^\"]*)\"[^>]*>\\s*" + Pattern.quote(words))
                    .matcher(body);
            if (!link.find()) {
                throw new IllegalStateException("no link “" + words + "”");
            }
            return link.group(1).replace("&amp;", "&");
        }

        /** The page's words without its tags. */
        public String text() {
            return body.replaceAll("(?s)<[^>]*>", " ").replaceAll("\\s+", " ");
        }

        /** The value of the first field of a name. */
        public String field(String name) {
            Matcher field =
                    Pattern.compile("<input[^>]*name=\"" + name + "\"[^>]*").matcher(body);
            if (!field.find()) {
                throw new IllegalStateException("no field " + name);
            }
            Matcher value = Pattern.compile("value=\"([^\"]*)\"").matcher(field.group());
            return value.find() ? value.group(1).replace("&quot;", "\"").replace("&amp;", "&") : "";
        }
    }

    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(url + path))
                .header("Accept", "text/html")
                .GET());
    }

    /** Posts names and values in turn, as a form would. */
    public Answer post(String path, String... namesAndValues) {
        return send(request(path, namesAndValues));
    }

    /** Posts as a page does in the background. */
    public Answer background(String path, String... namesAndValues) {
        return send(request(path, namesAndValues).header("HX-Request", "true"));
    }

    /** Posts a body as a program would. */
    public Answer postBody(String path, String contentType, String body) {
        return send(HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", contentType)
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** What is there, byte for byte. */
    public byte[] bytes(String path) {
        try {
            return client.send(
                            HttpRequest.newBuilder(URI.create(url + path)).GET().build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    /** Posts a form with a file; names and values of the other fields in turn. */
    public Answer upload(String path, String fileName, byte[] file, String... namesAndValues) {
        String boundary = "----a-boundary-of-tests";
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        List<String> pairs = new ArrayList<>(List.of(namesAndValues));
        pairs.addAll(List.of("_csrf", token));
        for (int i = 0; i < pairs.size(); i += 2) {
            body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + pairs.get(i)
                            + "\"\r\n\r\n" + pairs.get(i + 1) + "\r\n")
                    .getBytes(StandardCharsets.UTF_8));
        }
        body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + fileName
                        + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(file);
        body.writeBytes(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(url + path))
                .header("Accept", "text/html")
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    private HttpRequest.Builder request(String path, String... namesAndValues) {
        List<String> pairs = new ArrayList<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            pairs.add(encoded(namesAndValues[i]) + "=" + encoded(namesAndValues[i + 1]));
        }
        pairs.add("_csrf=" + encoded(token));
        return HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(String.join("&", pairs)));
    }

    /** Signs in as one of the demo shop's people. */
    public Http signIn(String name) {
        get("/sign-in");
        Answer answer = post("/sign-in", "username", name, "password", "saltmarsh");
        if (answer.body().contains("do not go together")) {
            throw new IllegalStateException("cannot sign in as " + name);
        }
        get("/goods");
        return this;
    }

    private Answer send(HttpRequest.Builder request) {
        if (!reads.isEmpty()) {
            request.header("Accept-Language", reads);
        }
        try {
            HttpResponse<String> response = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            Matcher found = TOKEN.matcher(response.body());
            if (found.find()) {
                token = found.group(1) != null ? found.group(1) : found.group(2);
            }
            return new Answer(response.statusCode(), response.body(), response);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
