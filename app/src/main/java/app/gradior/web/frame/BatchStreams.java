package app.gradior.web.frame;

import app.gradior.batch.BatchEvent;
import app.gradior.room.batch.BatchChanged;
import app.gradior.room.house.Tokens;
import app.gradior.room.words.Language;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Server-sent events: whoever follows a batch hears of it as soon as something of it is kept for good: that it happened at once, what it
 * makes of the batch when that is worked out. That is done once for all who ask the same, one kitchen after the other, and once for several
 * events in a row; and told to each by a thread of its own for as long as that takes, so that a slow listener keeps nobody waiting. A stream
 * ends with the session or the token that opened it.
 */
@Component
public class BatchStreams {
    private static final Logger LOG = LoggerFactory.getLogger(BatchStreams.class);
    private static final long HEARTBEAT_S = 15;
    /** More than this of one kitchen are not its devices: the oldest is let go. */
    static final int MOST_OF_A_KITCHEN = 24;

    /** Whoever was not heard of for so long on another node is gone, and that node perhaps with them. */
    private static final long FORGOTTEN_S = 3 * HEARTBEAT_S;

    private static final int MOST_OF_ALL = 2000;
    /** A listener that is so far behind is gone, or as good as. */
    private static final int MOST_UNSAID = 64;

    private static final int MOST_TELLERS = 48;
    private static final String SESSION = "session:";

    private final List<Listener> listeners = new CopyOnWriteArrayList<>();
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(named("streams"));
    private final ThreadPoolExecutor tellers = new ThreadPoolExecutor(
            0,
            MOST_TELLERS,
            30,
            TimeUnit.SECONDS,
            new SynchronousQueue<>(),
            named("teller"),
            new ThreadPoolExecutor.CallerRunsPolicy());
    /** What happened, in its order. */
    private final ExecutorService crier = Executors.newSingleThreadExecutor(named("stream-news"));
    /** What it makes of batches: never on every core, and beside what pages have worked out ({@link LivePots}). */
    private final ExecutorService thinkers = Executors.newFixedThreadPool(
            Math.max(1, Runtime.getRuntime().availableProcessors() - 1), named("stream-state"));

    private final FairQueue turns = new FairQueue(thinkers);
    /** What is to be worked out, and was not begun. */
    private final Set<Topic> wanted = ConcurrentHashMap.newKeySet();

    private final ApplicationEventPublisher publisher;
    /** Who has a page open on another node, and when that was last heard, ns. */
    private final Map<Elsewhere, Long> elsewhere = new ConcurrentHashMap<>();

    BatchStreams(ApplicationEventPublisher publisher) {
        this.publisher = publisher;
        clock.scheduleWithFixedDelay(this::beat, HEARTBEAT_S, HEARTBEAT_S, TimeUnit.SECONDS);
    }

    private static java.util.concurrent.ThreadFactory named(String name) {
        return task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        };
    }

    /** Somebody came to a batch's page on this node, is there still, or went. */
    public record Presence(long kitchenId, long batchId, String who, boolean here) {}

    private record Elsewhere(long batchId, String who, String node) {}

    /** What those of one kind are told of a batch. */
    private record Topic(long batchId, String kind) {}

    /**
     * What a listener is told.
     *
     * @param of what happened, cheap to say
     * @param now how the batch is now, at the opening and after what happened; may take long
     */
    public record News(Function<BatchEvent, List<Message>> of, Supplier<List<Message>> now) {}

    /** One message: its event's name and what it says; a heartbeat has no name. */
    public record Message(String name, Object data) {
        private static final Message BEAT = new Message("", "");
    }

    /**
     * Who listens.
     *
     * @param kind what is told of an event: all of one kind are told the same of a batch
     * @param key the session or token that the stream ends with
     * @param who the name of whoever has the page open; empty for a program
     * @param still whether that is still good
     */
    public record Audience(String kind, long kitchenId, String key, String who, BooleanSupplier still) {
        public static Audience page(long kitchenId, String sessionId, String who, BooleanSupplier still) {
            return new Audience("page", kitchenId, SESSION + sessionId, who, still);
        }

        public static Audience program(long kitchenId, long tokenId, Language language, BooleanSupplier still) {
            return new Audience("program " + language.tag(), kitchenId, "token:" + tokenId, "", still);
        }
    }

    private final class Listener {
        private final Audience audience;
        private final long batchId;
        private final SseEmitter emitter;
        private final News news;
        private final Deque<Message> unsaid = new ArrayDeque<>();
        private boolean telling;
        /** Whether it is to be told how the batch is. */
        private final AtomicBoolean asks = new AtomicBoolean(true);

        Listener(Audience audience, long batchId, SseEmitter emitter, News news) {
            this.audience = audience;
            this.batchId = batchId;
            this.emitter = emitter;
            this.news = news;
        }

        void say(List<Message> messages) {
            synchronized (unsaid) {
                unsaid.addAll(messages);
                if (unsaid.size() > MOST_UNSAID) {
                    unsaid.clear();
                    clock.execute(this::end);
                    return;
                }
                if (telling || unsaid.isEmpty()) {
                    return;
                }
                telling = true;
            }
            tellers.execute(this::tell);
        }

        private void tell() {
            while (true) {
                Message message;
                synchronized (unsaid) {
                    message = unsaid.poll();
                    if (message == null) {
                        telling = false;
                        return;
                    }
                }
                try {
                    emitter.send(
                            message.name().isEmpty()
                                    ? SseEmitter.event().comment("here")
                                    : SseEmitter.event()
                                            .name(message.name())
                                            .data(message.data(), MediaType.APPLICATION_JSON));
                } catch (IOException e) {
                    gone(this); // what serves it has seen it, and ends it
                    return;
                } catch (RuntimeException e) {
                    gone(this);
                    endWith(e);
                    return;
                }
            }
        }

        private void endWith(RuntimeException fault) {
            try {
                emitter.completeWithError(fault);
            } catch (IllegalStateException e) {
                LOG.debug("a stream had ended by itself: {}", e.getMessage());
            }
        }

        void end() {
            gone(this);
            emitter.complete();
        }
    }

    /** A stream of a batch. */
    public SseEmitter open(Audience audience, long batchId, News news) {
        SseEmitter emitter = new SseEmitter(0L);
        Listener listener = new Listener(audience, batchId, emitter, news);
        List<Listener> own = listeners.stream()
                .filter(l -> l.audience.kitchenId() == audience.kitchenId())
                .toList();
        if (own.size() >= MOST_OF_A_KITCHEN) {
            own.get(0).end();
        }
        if (listeners.size() >= MOST_OF_ALL) {
            listeners.get(0).end();
        }
        boolean newcomer = also(batchId, "").stream().noneMatch(audience.who()::equals);
        listeners.add(listener);
        if (newcomer) {
            cameOrWent(listener);
        }
        emitter.onCompletion(() -> gone(listener));
        emitter.onTimeout(() -> gone(listener));
        emitter.onError(e -> gone(listener));
        tellHowItIs(listener);
        return emitter;
    }

    /**
     * Who has a batch's page open now, but for one session.
     *
     * @param sessionId the one that asks; empty for nobody
     */
    public List<String> also(long batchId, String sessionId) {
        Stream<String> here = listeners.stream()
                .filter(one -> one.batchId == batchId)
                .map(one -> one.audience)
                .filter(one -> !one.who().isEmpty() && !one.key().equals(SESSION + sessionId))
                .map(Audience::who);
        long since = System.nanoTime() - TimeUnit.SECONDS.toNanos(FORGOTTEN_S);
        Stream<String> there = elsewhere.entrySet().stream()
                .filter(one -> one.getKey().batchId() == batchId && one.getValue() - since > 0)
                .map(one -> one.getKey().who());
        return Stream.concat(here, there).distinct().sorted().toList();
    }

    private void gone(Listener listener) {
        if (listeners.remove(listener)
                && also(listener.batchId, "").stream().noneMatch(listener.audience.who()::equals)) {
            cameOrWent(listener);
        }
    }

    /** The others at the same pot see who came or went. */
    private void cameOrWent(Listener who) {
        if (!who.audience.who().isEmpty()) {
            lookAgain(who.batchId, one -> one != who);
            publish(who, listeners.contains(who));
        }
    }

    private void lookAgain(long batchId, Predicate<Listener> which) {
        listeners.stream()
                .filter(one -> one.batchId == batchId && which.test(one))
                .filter(one -> !one.audience.who().isEmpty())
                .forEach(one -> one.say(List.of(new Message("changed", Map.of()))));
    }

    private void publish(Listener listener, boolean here) {
        publisher.publishEvent(
                new Presence(listener.audience.kitchenId(), listener.batchId, listener.audience.who(), here));
    }

    /** Somebody is at a batch's page on another node, or went from it. */
    void elsewhere(long batchId, String who, String node, boolean here) {
        Elsewhere one = new Elsewhere(batchId, who, node);
        List<String> before = also(batchId, "");
        if (here) {
            elsewhere.put(one, System.nanoTime());
        } else {
            elsewhere.remove(one);
        }
        if (!also(batchId, "").equals(before)) {
            lookAgain(batchId, any -> true);
        }
    }

    /** Streams that are open on this node. */
    int open() {
        return listeners.size();
    }

    /** Batches of which it is not worked out yet how they are: grows when this node cannot keep up. */
    int unsaid() {
        return wanted.size();
    }

    /** Whether somebody on this node follows it. */
    boolean follows(long batchId) {
        return listeners.stream().anyMatch(one -> one.batchId == batchId);
    }

    private static List<Message> worked(long batchId, Supplier<List<Message>> what) {
        try {
            return what.get();
        } catch (RuntimeException e) {
            LOG.warn("nothing to tell of batch {}: {}", batchId, e.toString());
            return List.of();
        }
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(BatchChanged change) {
        if (follows(change.batchId())) {
            crier.execute(() -> tellAll(change));
        }
    }

    private void tellAll(BatchChanged change) {
        Map<String, List<Message>> news = new HashMap<>();
        for (Listener listener : listeners) {
            if (listener.batchId == change.batchId()) {
                listener.say(news.computeIfAbsent(
                        listener.audience.kind(),
                        kind -> worked(
                                listener.batchId, () -> listener.news.of().apply(change.event()))));
                listener.asks.set(true);
                tellHowItIs(listener);
            }
        }
    }

    /** Has it worked out, in its kitchen's turn, how a batch is now; unless that is wanted already, and not begun. */
    private void tellHowItIs(Listener one) {
        Topic topic = new Topic(one.batchId, one.audience.kind());
        if (wanted.add(topic)) {
            turns.add(one.audience.kitchenId(), () -> {
                wanted.remove(topic);
                List<Listener> ask = listeners.stream()
                        .filter(l -> l.batchId == topic.batchId()
                                && l.audience.kind().equals(topic.kind())
                                && l.asks.getAndSet(false))
                        .toList();
                if (!ask.isEmpty()) {
                    List<Message> told = worked(topic.batchId(), ask.get(0).news.now());
                    ask.forEach(l -> l.say(told));
                }
            });
        }
    }

    private void beat() {
        Map<String, Boolean> good = new HashMap<>();
        long since = System.nanoTime() - TimeUnit.SECONDS.toNanos(FORGOTTEN_S);
        elsewhere.values().removeIf(heard -> heard - since <= 0);
        listeners.stream().filter(one -> !one.audience.who().isEmpty()).forEach(one -> publish(one, true));
        for (Listener listener : new ArrayList<>(listeners)) {
            if (good.computeIfAbsent(listener.audience.key(), key -> isGood(listener))) {
                listener.say(List.of(Message.BEAT));
            } else {
                listener.end();
            }
        }
    }

    /** While nobody can be asked, a stream goes on. */
    private static boolean isGood(Listener listener) {
        try {
            return listener.audience.still().getAsBoolean();
        } catch (RuntimeException e) {
            return true;
        }
    }

    private void end(Predicate<Audience> over) {
        listeners.stream().filter(l -> over.test(l.audience)).toList().forEach(Listener::end);
    }

    @EventListener
    void ended(SessionEnded session) {
        end(audience -> audience.key().equals(SESSION + session.id()));
    }

    @EventListener
    void revoked(Tokens.Revoked token) {
        end(audience -> audience.key().equals("token:" + token.id()));
    }

    /** Open streams would keep a server that is asked to stop from stopping. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        clock.shutdownNow();
        crier.shutdownNow();
        thinkers.shutdownNow();
        List<Listener> last = List.copyOf(listeners);
        listeners.clear(); // where they come again tells of them
        last.forEach(Listener::end);
        tellers.shutdownNow();
    }
}
