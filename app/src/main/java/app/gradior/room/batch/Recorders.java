package app.gradior.room.batch;

import app.gradior.kept.Inserted;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Who or what recorded something, kept once a kitchen with its name, which stays when they are gone. */
@Component
class Recorders {
    private final BatchMapper batches;
    private final Acting acting;

    Recorders(BatchMapper batches, Acting acting) {
        this.batches = batches;
        this.acting = acting;
    }

    /** Who acts now. */
    Acting.Who now() {
        return acting.now();
    }

    long id(long kitchenId, Acting.Who who) {
        return batches.recorder(kitchenId, who.kind().name(), who.of(), who.name())
                .orElseGet(() -> made(kitchenId, who));
    }

    /** The one that a file names; absent for nobody. */
    @Nullable
    Long ofFile(long kitchenId, @Nullable String name) {
        return name == null ? null : (Long) id(kitchenId, new Acting.Who(Acting.Kind.FILE, 0, name));
    }

    private long made(long kitchenId, Acting.Who who) {
        Inserted key = new Inserted();
        batches.insertRecorder(kitchenId, who.kind().name(), who.of(), who.name(), key);
        return key.getId();
    }
}
