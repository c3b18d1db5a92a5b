package app.gradior.web.frame;

import app.gradior.kitchen.BatchChanged;
import app.gradior.kitchen.BatchEvent;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Server-sent events: whoever follows a batch hears of it as soon as something of it is kept for good. */
@Component
public class BatchStreams {
    private static final long HEARTBEAT_S = 15;
    /** More than this on one batch are not kitchens: the oldest is let go. */
    private static final int MOST_LISTENERS = 24;

    private final Map<Long, List<Listener>> listeners = new ConcurrentHashMap<>();
    private final ScheduledExecutorService teller = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "streams");
        thread.setDaemon(true);
        return thread;
    });

    BatchStreams() {
        teller.scheduleWithFixedDelay(this::beat, HEARTBEAT_S, HEARTBEAT_S, TimeUnit.SECONDS);
    }

    /** One message: its event's name and what it says. */
    public record Message(String name, Object data) {}

    private record Listener(SseEmitter emitter, Function<Optional<BatchEvent>, List<Message>> messages) {}

    /**
     * A stream of a batch.
     *
     * @param messages what to say at the opening, when nothing is given, and of an event
     */
    public SseEmitter open(long batchId, Function<Optional<BatchEvent>, List<Message>> messages) {
        SseEmitter emitter = new SseEmitter(0L);
        Listener listener = new Listener(emitter, messages);
        List<Listener> here = listeners.computeIfAbsent(batchId, id -> new CopyOnWriteArrayList<>());
        if (here.size() >= MOST_LISTENERS) {
            here.get(0).emitter().complete();
        }
        here.add(listener);
        emitter.onCompletion(() -> here.remove(listener));
        emitter.onTimeout(() -> here.remove(listener));
        emitter.onError(e -> here.remove(listener));
        teller.execute(() -> tell(listener, Optional.empty()));
        return emitter;
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(BatchChanged change) {
        List<Listener> here = listeners.getOrDefault(change.batchId(), List.of());
        if (!here.isEmpty()) {
            teller.execute(() -> here.forEach(listener -> tell(listener, Optional.of(change.event()))));
        }
    }

    private static void tell(Listener listener, Optional<BatchEvent> event) {
        try {
            for (Message message : listener.messages().apply(event)) {
                listener.emitter()
                        .send(SseEmitter.event().name(message.name()).data(message.data(), MediaType.APPLICATION_JSON));
            }
        } catch (IOException | RuntimeException e) {
            listener.emitter().completeWithError(e);
        }
    }

    private void beat() {
        listeners
                .values()
                .forEach(here -> here.forEach(listener -> {
                    try {
                        listener.emitter().send(SseEmitter.event().comment("here"));
                    } catch (IOException | RuntimeException e) {
                        listener.emitter().completeWithError(e);
                    }
                }));
    }

    /** Open streams would keep a server that is asked to stop from stopping. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        teller.shutdownNow();
        listeners
                .values()
                .forEach(here -> here.forEach(listener -> listener.emitter().complete()));
    }
}
