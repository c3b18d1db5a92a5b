package app.gradior.devices;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The API over HTTP, with a personal token. */
final class HttpApi implements Api {
    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final int SERVER_FAULT = 500;

    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();
    private final JsonMapper json = JsonMapper.builder().build();
    private final String base;
    private final String token;

    /**
     * At an address.
     *
     * @param url such as http://127.0.0.1:8080
     */
    HttpApi(String url, String token) {
        this.base = url + "/api/v1";
        this.token = token;
    }

    @Override
    public JsonNode get(String path) throws IOException {
        HttpResponse<String> response = send(request(path).GET().build());
        if (response.statusCode() != 200) {
            throw new IOException(path + " answered " + response.statusCode() + ": " + response.body());
        }
        return read(response);
    }

    @Override
    public Told post(String path, ObjectNode body) throws IOException {
        HttpResponse<String> response = send(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json.writeValueAsString(body)))
                .build());
        if (response.statusCode() >= SERVER_FAULT) {
            throw new IOException(path + " answered " + response.statusCode());
        }
        return new Told(response.statusCode(), read(response));
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(base + path))
                .timeout(PATIENCE)
                .header("Authorization", "Bearer " + token);
    }

    private HttpResponse<String> send(HttpRequest request) throws IOException {
        try {
            return client.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("interrupted", e);
        }
    }

    private JsonNode read(HttpResponse<String> response) throws IOException {
        try {
            return json.readTree(response.body());
        } catch (JacksonException e) {
            throw new IOException("no JSON came back", e);
        }
    }
}
