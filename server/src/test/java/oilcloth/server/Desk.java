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
import java.util.Map;

/** Somebody at the desk, over plain HTTP with cookies and the CSRF token, as a browser would. */
public final class Desk {
    private static final ObjectMapper JSON = new ObjectMapper();

    /** Status and parsed body of an answer. */
    public record Answer(int status, JsonNode body) {}

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String base;

    public Desk(int port) {
        this.base = "http://127.0.0.1:" + port;
    }

    public Desk signIn(String username) {
        get("/api/session");
        Answer answer = send("POST", "/api/session", Map.of("username", username, "password", "teasel-county"));
        if (answer.status() != 200) {
            throw new AssertionError("sign-in: " + answer);
        }
        return this;
    }

    public Answer get(String path) {
        return exchange(HttpRequest.newBuilder(URI.create(base + path)).GET());
    }

    /** The status alone, of an answer that is no JSON. */
    public int getStatus(String path) {
        try {
            return http.send(
                            HttpRequest.newBuilder(URI.create(base + path))
                                    .GET()
                                    .build(),
                            HttpResponse.BodyHandlers.discarding())
                    .statusCode();
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
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
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body().isBlank() ? null : JSON.readTree(response.body()));
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }
}
