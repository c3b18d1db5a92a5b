package app.gradior.batch;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/**
 * What to answer for each kind of event: a table in place of a chain of questions after its type.
 *
 * @param <A> what an answer needs beside the event
 * @param <R> what is answered
 */
public final class EventCases<A, R> {
    private final Map<Class<? extends EventBody>, BiFunction<EventBody, A, R>> cases = new LinkedHashMap<>();
    private final BiFunction<EventBody, A, R> otherwise;

    private EventCases(BiFunction<EventBody, A, R> otherwise) {
        this.otherwise = otherwise;
    }

    /** A table that answers so for all kinds that get no answer of their own. */
    public static <A, R> EventCases<A, R> otherwise(BiFunction<EventBody, A, R> answer) {
        return new EventCases<>(answer);
    }

    /** A table without an answer for other kinds: it has to name every kind; {@link #unnamed} tells which it does not. */
    public static <A, R> EventCases<A, R> each() {
        return new EventCases<>((event, a) -> {
            throw new IllegalStateException("nothing is said of events of type " + event.type());
        });
    }

    /**
     * Answers so for events of that kind.
     *
     * @throws IllegalStateException when that kind has an answer already
     */
    public <B extends EventBody> EventCases<A, R> on(Class<B> kind, BiFunction<B, A, R> answer) {
        if (cases.put(kind, (event, a) -> answer.apply(kind.cast(event), a)) != null) {
            throw new IllegalStateException("two answers for " + kind.getSimpleName());
        }
        return this;
    }

    /** Does so for events of that kind, and answers as for all others. */
    public <B extends EventBody> EventCases<A, R> does(Class<B> kind, BiConsumer<B, A> work) {
        return on(kind, (event, a) -> {
            work.accept(event, a);
            return otherwise.apply(event, a);
        });
    }

    /** Answers so for events of those kinds, whatever else they say. */
    @SafeVarargs
    public final EventCases<A, R> on(R answer, Class<? extends EventBody>... kinds) {
        for (Class<? extends EventBody> kind : kinds) {
            on(kind, (event, a) -> answer);
        }
        return this;
    }

    /** The answer for an event. */
    public R of(EventBody event, A argument) {
        return cases.getOrDefault(event.getClass(), otherwise).apply(event, argument);
    }

    /** Kinds of event that have no answer of their own. */
    public List<Class<?>> unnamed() {
        return Stream.of(EventBody.class.getPermittedSubclasses())
                .filter(kind -> !cases.containsKey(kind))
                .toList();
    }
}
