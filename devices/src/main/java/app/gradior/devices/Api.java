package app.gradior.devices;

import java.io.IOException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the devices need of the application. */
interface Api {
    /**
     * Asks.
     *
     * @param path under /api/v1
     * @throws IOException when the application cannot be reached or is not well
     */
    JsonNode get(String path) throws IOException;

    /**
     * Tells.
     *
     * @return what came of it
     * @throws IOException when the application cannot be reached or is not well: to be told again
     */
    Told post(String path, ObjectNode body) throws IOException;

    /**
     * An answer.
     *
     * @param status of HTTP, below 500
     */
    record Told(int status, JsonNode body) {
        boolean taken() {
            return status == 200 || status == 201;
        }
    }
}
