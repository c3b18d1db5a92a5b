package app.gradior.web.frame;

import app.gradior.room.batch.BatchChanged;
import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** What this node counts of its own work; docs/hosting.md says what to watch. Nothing says of which kitchen. */
@Component
class Meters {
    private final Counter events;

    Meters(MeterRegistry registry, BatchStreams streams) {
        this.events = Counter.builder("gradior.events").register(registry);
        registry.gauge("gradior.streams", streams, BatchStreams::open);
        registry.gauge("gradior.streams.unsaid", streams, BatchStreams::unsaid);
    }

    @TransactionalEventListener(fallbackExecution = true)
    void recorded(BatchChanged change) {
        events.increment();
    }
}
