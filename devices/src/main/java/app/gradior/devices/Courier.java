package app.gradior.devices;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Random;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings readings to the application over a bad line: a message or its answer may get lost. What was not acknowledged is told again
 * with the same key, so it counts once.
 */
final class Courier {
    private static final double LOST = 0.1;
    private static final double ANSWER_LOST = 0.05;

    private final Api api;
    private final Random random;
    private final Deque<Message> waiting = new ArrayDeque<>();

    Courier(Api api, Random random) {
        this.api = api;
        this.random = random;
    }

    private record Message(String path, ObjectNode body) {}

    void take(String path, ObjectNode body) {
        waiting.add(new Message(path, body));
    }

    int waiting() {
        return waiting.size();
    }

    /**
     * Tells what waits, oldest first, until the line fails.
     *
     * @return how many were acknowledged
     */
    int deliver() {
        int acknowledged = 0;
        while (!waiting.isEmpty()) {
            Message message = waiting.element();
            if (random.nextDouble() < LOST) {
                return acknowledged;
            }
            try {
                api.post(message.path(), message.body());
            } catch (IOException e) {
                return acknowledged;
            }
            if (random.nextDouble() < ANSWER_LOST) {
                return acknowledged;
            }
            // A reading that the application refuses would be refused again: it is done with too.
            waiting.remove();
            acknowledged++;
        }
        return acknowledged;
    }
}
