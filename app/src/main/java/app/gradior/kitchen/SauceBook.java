package app.gradior.kitchen;

import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import app.gradior.store.Inserted;
import app.gradior.store.Rows.LineRow;
import app.gradior.store.Rows.SauceRow;
import app.gradior.store.SauceMapper;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The cook's sauces. Saving makes a version; batches remember theirs. */
@Service
public class SauceBook {
    private static final int MOST_LINES = 80;

    private final SauceMapper sauces;
    private final Lines lines;
    private final Clock clock;

    SauceBook(SauceMapper sauces, Lines lines, Clock clock) {
        this.sauces = sauces;
        this.lines = lines;
        this.clock = clock;
    }

    /** A sauce as typed: its draft or a saved version. */
    public record Draft(
            String name, List<Lines.Typed> lines, Texture texture, double targetStep, double servedC, String notes) {}

    /** A saved sauce with its lines understood. */
    public record Sauce(long id, int version, Draft draft, Ingredients ingredients) {
        public String name() {
            return draft.name();
        }
    }

    public List<SauceRow> sauces(long kitchenId) {
        return sauces.sauces(kitchenId);
    }

    public Sauce sauce(Kitchen kitchen, long id) {
        return open(kitchen, sauces.find(kitchen.id(), id).orElseThrow(() -> Refusal.missing("sauce")));
    }

    public Sauce version(Kitchen kitchen, long id, int version) {
        return open(kitchen, sauces.findVersion(kitchen.id(), id, version).orElseThrow(() -> Refusal.missing("sauce")));
    }

    private Sauce open(Kitchen kitchen, SauceRow row) {
        List<Lines.Typed> typed = sauces.lines(kitchen.id(), row.id(), row.version()).stream()
                .map(line -> new Lines.Typed(line.text(), line.foodId(), line.massG()))
                .toList();
        Texture texture = Texture.valueOf(row.texture());
        Draft draft = new Draft(row.name(), typed, texture, row.targetStep(), row.servedC(), row.notes());
        return new Sauce(row.id(), row.version(), draft, understood(kitchen.measures(), typed, texture));
    }

    /** What lines mean together; blank ones are dropped. */
    public Ingredients understood(MeasureSystem measures, List<Lines.Typed> typed, Texture texture) {
        List<LineReading> readings = typed.stream()
                .filter(line -> !line.text().isBlank())
                .map(line -> lines.read(measures, line))
                .toList();
        return new Ingredients(readings, texture);
    }

    /**
     * Checks a draft.
     *
     * @return all its faults; lines are named lines[0], lines[1], …
     */
    public List<Fault> faults(Kitchen kitchen, Draft draft) {
        List<Fault> faults = new ArrayList<>();
        if (draft.name().isBlank() || draft.name().strip().length() > 120) {
            faults.add(new Fault("name", "Give the sauce a name of 1 to 120 characters."));
        }
        if (!(draft.targetStep() >= 1 && draft.targetStep() <= 9)) {
            faults.add(new Fault("targetStep", "The step wanted is from 1 (Broth) to 9 (Set)."));
        }
        if (!(draft.servedC() >= -20 && draft.servedC() <= 100)) {
            faults.add(new Fault("servedC", "The serving temperature is from −20 to 100 °C."));
        }
        if (draft.notes().length() > 2000) {
            faults.add(new Fault("notes", "At most 2000 characters."));
        }
        List<Lines.Typed> typed =
                draft.lines().stream().filter(line -> !line.text().isBlank()).toList();
        if (typed.isEmpty() || typed.size() > MOST_LINES) {
            faults.add(new Fault("lines", "Write 1 to " + MOST_LINES + " ingredient lines."));
        }
        for (int i = 0; i < Math.min(typed.size(), MOST_LINES); i++) {
            lineFault(kitchen, typed.get(i), i, faults);
        }
        return faults;
    }

    private void lineFault(Kitchen kitchen, Lines.Typed line, int index, List<Fault> faults) {
        String field = "lines[" + index + "]";
        if (line.text().length() > 300) {
            faults.add(new Fault(field, "At most 300 characters in a line."));
            return;
        }
        try {
            if (!lines.read(kitchen.measures(), line).usable()) {
                faults.add(new Fault(
                        field,
                        "“" + line.text().strip() + "”: no food found. Correct the line, or pick the food beside it."));
            }
        } catch (Refusal refusal) {
            refusal.faults().forEach(fault -> faults.add(new Fault(field, fault.message())));
        }
    }

    /**
     * Saves a new sauce, or a new version of one.
     *
     * @param id 0 for a new sauce
     * @param basedOn version the cook edited; ignored for a new sauce
     * @return its id
     */
    @Transactional
    public long save(Kitchen kitchen, long id, int basedOn, Draft draft) {
        List<Fault> faults = faults(kitchen, draft);
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.UNFIT, faults);
        }
        long sauceId = id;
        int version = 1;
        if (id == 0) {
            Inserted key = new Inserted();
            sauces.insert(kitchen.id(), key);
            sauceId = key.getId();
        } else {
            if (sauces.find(kitchen.id(), id).isEmpty()) {
                throw Refusal.missing("sauce");
            }
            version = basedOn + 1;
            if (sauces.advance(kitchen.id(), id, version) == 0) {
                throw Refusal.conflict(
                        "version",
                        "This sauce was changed elsewhere meanwhile: open it again, then repeat the change.");
            }
        }
        insertVersion(kitchen, sauceId, version, draft);
        return sauceId;
    }

    private void insertVersion(Kitchen kitchen, long sauceId, int version, Draft draft) {
        sauces.insertVersion(new SauceRow(
                sauceId,
                kitchen.id(),
                version,
                draft.name().strip(),
                draft.texture().name(),
                draft.targetStep(),
                draft.servedC(),
                draft.notes(),
                LocalDateTime.now(clock)));
        int position = 0;
        for (Lines.Typed line : draft.lines()) {
            if (!line.text().isBlank()) {
                sauces.insertLine(
                        new LineRow(sauceId, version, position++, line.text().strip(), line.foodId(), line.massG()));
            }
        }
    }
}
