package app.gradior.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A browser of somebody, as far as HTTP goes: cookies, forms with their token, a way in. */
final class Visitor {
    static final Duration PATIENCE = Duration.ofSeconds(90);
    static final String PASSWORD = "a long password of a cook";

    private final String url;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(PATIENCE)
            .version(HttpClient.Version.HTTP_1_1)
            .build();

    Visitor(RunningApplication application) {
        this(application.url());
    }

    Visitor(String url) {
        this.url = url;
    }

    HttpResponse<String> get(String path, String... headers) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(url + path)).timeout(PATIENCE);
        for (int i = 0; i < headers.length; i += 2) {
            request.header(headers[i], headers[i + 1]);
        }
        return send(request.build());
    }

    private HttpResponse<String> send(HttpRequest request) {
        return send(request, HttpResponse.BodyHandlers.ofString());
    }

    <T> HttpResponse<T> send(HttpRequest request, HttpResponse.BodyHandler<T> handler) {
        try {
            return http.send(request, handler);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What it took until the first byte of the page itself was there, ms. */
    double firstByteMs(String path) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url + path)).build();
        long began = System.nanoTime();
        try (InputStream body =
                send(request, HttpResponse.BodyHandlers.ofInputStream()).body()) {
            body.read();
            double ms = (System.nanoTime() - began) / 1e6;
            body.readAllBytes();
            return ms;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    HttpResponse<String> post(String form, String action, Map<String, String> fields) {
        Matcher token = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"")
                .matcher(get(form).body());
        assertThat(token.find()).isTrue();
        Map<String, String> all = new LinkedHashMap<>(fields);
        all.put("_csrf", token.group(1));
        StringBuilder body = new StringBuilder();
        all.forEach((name, value) -> body.append(body.isEmpty() ? "" : "&")
                .append(name)
                .append('=')
                .append(URLEncoder.encode(value, StandardCharsets.UTF_8)));
        return send(HttpRequest.newBuilder(URI.create(url + action))
                .timeout(PATIENCE)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body.toString()))
                .build());
    }

    HttpResponse<String> signIn(String name, String password) {
        return post("/login", "/login", Map.of("username", name, "password", password));
    }

    HttpResponse<String> signUp(String name) {
        return post(
                "/setup",
                "/setup",
                Map.of(
                        "name", "Kitchen of " + name,
                        "login", name,
                        "password", PASSWORD,
                        "measures", "METRIC",
                        "fahrenheit", "false",
                        "altitude", "0",
                        "timeZone", "UTC"));
    }

    String session() {
        return cookies().stream()
                .filter(cookie -> cookie.getName().equals("gradior"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    List<HttpCookie> cookies() {
        return cookies.getCookieStore().getCookies();
    }

    void plant(String session) {
        HttpCookie cookie = new HttpCookie("gradior", session);
        cookie.setPath("/");
        cookie.setVersion(0);
        cookies.getCookieStore().add(URI.create(url), cookie);
    }

    /** Whose kitchen the pages are of; empty when nobody is signed in. */
    String kitchen() {
        HttpResponse<String> page = get("/kitchen");
        Matcher name = Pattern.compile("<a href=\"/kitchen\">([^<]+)</a>").matcher(page.body());
        return page.statusCode() == 200 && name.find() ? name.group(1) : "";
    }
}
