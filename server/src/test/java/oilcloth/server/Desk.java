package oilcloth.server;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Somebody at the desk, over plain HTTP with cookies and the CSRF token, as a browser would. */
public final class Desk {
    private static final ObjectMapper JSON = new ObjectMapper();

    /** Status and parsed body of an answer. */
    public record Answer(int status, JsonNode body) {}

    private final CookieManager cookies;
    private final HttpClient http;
    private final String base;

    public Desk(int port) {
        this("http://127.0.0.1:" + port, new CookieManager());
    }

    private Desk(String base, CookieManager cookies) {
        this.base = base;
        this.cookies = cookies;
        this.http = HttpClient.newBuilder().cookieHandler(cookies).build();
    }

    public Desk signIn(String username) {
        return signInWith(username, "teasel-county");
    }

    Desk signInWith(String username, String password) {
        get("/api/session");
        Answer answer = send("POST", "/api/session", Map.of("username", username, "password", password));
        if (answer.status() != 200) {
            throw new AssertionError("sign-in: " + answer);
        }
        return this;
    }

    /** A first draft, as nobody has saved one before. */
    public static Map<String, Object> draftOf(String body) {
        return draft(body, -1);
    }

    /** A draft of a letter to save. @param version of the draft that was read */
    static Map<String, Object> draft(String body, int version) {
        return Map.of("body", body, "composed", "", "language", "EN", "byItself", false, "version", version);
    }

    public Answer get(String path) {
        return exchange(HttpRequest.newBuilder(URI.create(base + path)).GET());
    }

    /** The status alone, of an answer that is no JSON. */
    public int getStatus(String path) {
        return answered(HttpRequest.newBuilder(URI.create(base + path)).GET(), HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    /** One file in a form, as a browser sends it. */
    Answer upload(String path, String name, byte[] content) {
        return upload(path, "photo", Map.of(name, content));
    }

    /** Several files in one form. */
    Answer uploadAll(String path, Map<String, byte[]> files) {
        return upload(path, "files", files);
    }

    private Answer upload(String path, String field, Map<String, byte[]> files) {
        String boundary = "a-boundary-of-our-own";
        List<byte[]> parts = new ArrayList<>();
        files.forEach((name, content) -> {
            parts.add(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + field + "\"; filename=\""
                            + name + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                    .getBytes(StandardCharsets.UTF_8));
            parts.add(content);
            parts.add("\r\n".getBytes(StandardCharsets.UTF_8));
        });
        parts.add(("--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return exchange(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .header("X-XSRF-TOKEN", token())
                .POST(HttpRequest.BodyPublishers.ofByteArrays(parts)));
    }

    /** The same browser, with its cookies, at another server. */
    Desk at(int port) {
        return new Desk("http://127.0.0.1:" + port, cookies);
    }

    /** The status alone of a request, whatever its answer is. */
    int knock(String method, String path, Object body) {
        return answered(
                        request(method, path, body).header("X-XSRF-TOKEN", token()),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    byte[] bytes(String path) {
        return answered(HttpRequest.newBuilder(URI.create(base + path)).GET(), HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    public Answer send(String method, String path, Object body) {
        return exchange(request(method, path, body).header("X-XSRF-TOKEN", token()));
    }

    public Answer sendWithoutToken(String method, String path, Object body) {
        return exchange(request(method, path, body));
    }

    private HttpRequest.Builder request(String method, String path, Object body) {
        try {
            return HttpRequest.newBuilder(URI.create(base + path))
                    .header("Content-Type", "application/json")
                    .method(method, HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
        } catch (JsonProcessingException e) {
            throw new IllegalArgumentException(e);
        }
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private Answer exchange(HttpRequest.Builder request) {
        HttpResponse<String> response = answered(request, HttpResponse.BodyHandlers.ofString());
        try {
            return new Answer(response.statusCode(), response.body().isBlank() ? null : JSON.readTree(response.body()));
        } catch (JsonProcessingException e) {
            throw new AssertionError(e);
        }
    }

    private <T> HttpResponse<T> answered(HttpRequest.Builder request, HttpResponse.BodyHandler<T> as) {
        try {
            return http.send(request.build(), as);
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }
}
