package app.gradior.room.shelf;

import app.gradior.batch.Batch;
import app.gradior.care.Keeping;
import app.gradior.care.ShelfLife;
import app.gradior.care.Storage;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.kept.Inserted;
import app.gradior.room.batch.BatchGoes;
import app.gradior.room.batch.Batches;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Told;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands in fridge and freezer, and until when. Dates may be shortened freely; lengthening one wants a reason. */
@Service
public class Shelf {
    /** So many days ahead is soon. */
    public static final int SOON_DAYS = 3;

    private static final int MOST_AT_ONCE = 60;
    private static final int LONGEST_DAYS = 730;

    private final ShelfMapper containers;
    private final Finishing finishing;
    private final Batches batches;
    private final Clock clock;

    Shelf(ShelfMapper containers, Finishing finishing, Batches batches, Clock clock) {
        this.containers = containers;
        this.finishing = finishing;
        this.batches = batches;
        this.clock = clock;
    }

    /** What a container is. */
    public enum State {
        /** Closed; then OPENED, USED or THROWN. */
        STORED,
        /** Begun; then USED or THROWN. */
        OPENED,
        /** Eaten: the end. */
        USED,
        /** Thrown away, and why: the end. */
        THROWN
    }

    public LocalDate today(Kitchen kitchen) {
        return LocalDate.ofInstant(clock.instant(), kitchen.zone());
    }

    public List<KeptContainer> kept(Kitchen kitchen) {
        return containers.kept(kitchen.id(), today(kitchen).plusDays(10L * LONGEST_DAYS));
    }

    /** What is to be used within days. */
    public List<KeptContainer> soon(Kitchen kitchen) {
        return containers.kept(kitchen.id(), today(kitchen).plusDays(SOON_DAYS));
    }

    /** What was filled of a batch that is removed goes with it. */
    @EventListener
    public void batchGoes(BatchGoes gone) {
        containers.removeOf(gone.kitchenId(), gone.batchId());
    }

    public List<ShelfContainer> ofBatch(long kitchenId, long batchId) {
        return containers.ofBatch(kitchenId, batchId);
    }

    /** Containers of a batch that are not empty yet. */
    public List<ShelfContainer> standing(long kitchenId, long batchId) {
        return ofBatch(kitchenId, batchId).stream()
                .filter(c -> c.state().equals(State.STORED.name()) || c.state().equals(State.OPENED.name()))
                .toList();
    }

    /**
     * Containers as they were filled.
     *
     * @param count how many alike
     */
    public record Filled(String name, int count, double ml) {}

    /**
     * Puts a batch's containers on the shelf.
     *
     * @param useBy as the cook wants it
     * @param reason for a later date than the default's; else empty
     */
    @Transactional
    public void pack(Kitchen kitchen, long batchId, List<Filled> filled, Storage what, LocalDate useBy, String reason) {
        Finishing.View view = finishing.of(kitchen, batches.batch(kitchen.id(), batchId));
        LocalDate packed = today(kitchen);
        LocalDate usual = ShelfLife.of(view.ingredients(), view.done(), what).useBy(packed);
        List<Fault> faults = new ArrayList<>();
        checkDate(faults, useBy, usual, packed, reason);
        if (!what.cools()) {
            faults.add(new Fault("what", Told.of("shelf.say-whether-it-goes-to-the")));
        }
        if (filled.isEmpty()) {
            faults.add(new Fault("filled", Told.of("shelf.say-what-was-filled-a-name")));
        }
        int all = 0;
        for (Filled one : filled) {
            all += one.count();
            if (one.name().isBlank()
                    || one.name().length() > 120
                    || one.count() < 1
                    || !(one.ml() >= 1 && one.ml() <= 20_000)) {
                faults.add(new Fault("filled", Told.of("shelf.a-name-or-more-of-them", one.name())));
            }
        }
        if (all > MOST_AT_ONCE) {
            faults.add(new Fault("filled", Told.of("shelf.containers-at-most-at-once", all, MOST_AT_ONCE)));
        }
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        for (Filled one : filled) {
            for (int i = 0; i < one.count(); i++) {
                containers.insert(
                        new ShelfContainer(
                                0,
                                kitchen.id(),
                                batchId,
                                one.name().strip(),
                                one.ml(),
                                what.name(),
                                packed,
                                useBy,
                                reason.strip(),
                                State.STORED.name(),
                                null,
                                "",
                                0),
                        new Inserted());
            }
        }
    }

    /** Where the containers of a batch that are not empty stand, and until when, in the order they were filled. */
    public List<Keeping> keepings(long kitchenId, long batchId) {
        return standing(kitchenId, batchId).stream()
                .map(c -> new Keeping(Storage.valueOf(c.place()), c.useBy()))
                .toList();
    }

    /**
     * A container whose date is later than what is in it now allows, since the batch was corrected after it was packed.
     *
     * @param id of the container
     * @param usual the cautious date
     */
    public record TooLate(long id, String name, LocalDate useBy, LocalDate usual) {}

    /** Containers of a batch that still stand and whose date is too late; those with a reason of the cook's own are let be. */
    public List<TooLate> tooLate(Kitchen kitchen, Batch batch) {
        if (batch.finishedAt() == null) {
            return List.of();
        }
        List<ShelfContainer> standing = standing(kitchen.id(), batch.id()).stream()
                .filter(c -> c.reason().isEmpty())
                .toList();
        if (standing.isEmpty()) {
            return List.of();
        }
        Finishing.View view = finishing.of(kitchen, batch);
        return standing.stream()
                .map(c -> new TooLate(
                        c.id(),
                        c.name(),
                        c.useBy(),
                        ShelfLife.of(view.ingredients(), view.done(), Storage.valueOf(c.place()))
                                .useBy(c.packedOn())))
                .filter(late -> late.useBy().isAfter(late.usual()))
                .toList();
    }

    /** A container of a file: refused when it could not have come about here. */
    public static void check(ShelfContainer c) {
        State state = State.valueOf(c.state());
        boolean fits = Storage.valueOf(c.place()).cools()
                && !c.name().isBlank()
                && c.name().length() <= 120
                && c.ml() >= 1
                && c.ml() <= 20_000
                && c.reason().length() <= 300
                && c.why().length() <= 300
                && !c.useBy().isBefore(c.packedOn())
                && !c.useBy().isAfter(c.packedOn().plusDays(LONGEST_DAYS))
                && (state == State.STORED || c.stateOn() != null);
        if (!fits) {
            throw new IllegalArgumentException("container “" + c.name() + "” has a field out of range");
        }
    }

    private static void checkDate(List<Fault> faults, LocalDate useBy, LocalDate usual, LocalDate from, String reason) {
        if (useBy.isBefore(from) || useBy.isAfter(from.plusDays(LONGEST_DAYS))) {
            faults.add(new Fault("useBy", Told.of("shelf.use-by-from-today-to-two", useBy)));
        }
        if (useBy.isAfter(usual) && reason.isBlank()) {
            faults.add(new Fault("reason", Told.of("shelf.later-than-the-cautious-date-for", usual)));
        }
        if (reason.length() > 300) {
            faults.add(new Fault("reason", Told.of("shelf.at-most-characters")));
        }
    }

    /** Opened, used or thrown away. */
    @Transactional
    public void mark(Kitchen kitchen, long id, State state, String why) {
        ShelfContainer row = containers.find(kitchen.id(), id).orElseThrow(() -> Refusal.missing(Thing.CONTAINER));
        State now = State.valueOf(row.state());
        boolean forward = now == State.STORED && state != State.STORED
                || now == State.OPENED && (state == State.USED || state == State.THROWN);
        if (!forward) {
            throw Refusal.conflict("state", Told.of("shelf.is-already", row.name(), now));
        }
        if (state == State.THROWN && why.isBlank()) {
            throw Refusal.unfit("why", Told.of("shelf.note-why-was-thrown-away-it", row.name()));
        }
        update(row.marked(state.name(), today(kitchen), why.length() > 300 ? why.substring(0, 300) : why));
    }

    /** Another date: earlier freely, later with a reason. */
    @Transactional
    public void date(Kitchen kitchen, long id, LocalDate useBy, String reason) {
        ShelfContainer row = containers.find(kitchen.id(), id).orElseThrow(() -> Refusal.missing(Thing.CONTAINER));
        List<Fault> faults = new ArrayList<>();
        checkDate(faults, useBy, row.useBy(), row.packedOn(), reason);
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        update(row.dated(useBy, reason.isBlank() ? row.reason() : reason.strip()));
    }

    private void update(ShelfContainer row) {
        if (containers.update(row) == 0) {
            throw Refusal.conflict("revision", Told.of("shelf.was-changed-on-another-device-look", row.name()));
        }
    }
}
