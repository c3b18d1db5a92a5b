package app.gradior.room.book;

import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.finding.Unfit;
import app.gradior.kept.Inserted;
import app.gradior.measure.LineReader;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.SauceLimits;
import app.gradior.sauce.School;
import app.gradior.sauce.SchoolAnswer;
import app.gradior.sauce.Texture;
import app.gradior.sauce.Use;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The cook's sauces. Saving makes a version; batches remember theirs. */
@Service
public class SauceBook {
    private static final int MOST_STAGES = 24;
    private static final int MOST_OPEN = 500;

    private final SauceMapper sauces;
    private final Lines lines;
    private final StageJson json;
    private final Clock clock;
    private final Cache<Key, Sauce> opened =
            Caffeine.newBuilder().maximumSize(MOST_OPEN).build();

    SauceBook(SauceMapper sauces, Lines lines, StageJson json, Clock clock) {
        this.sauces = sauces;
        this.lines = lines;
        this.json = json;
        this.clock = clock;
    }

    /**
     * A sauce as typed: its draft or a saved version.
     *
     * @param use what it is for; empty for none
     * @param yieldMl what it should give, mL at 20 °C; absent when the cook does not say
     * @param tags words to find it by, parted by commas
     * @param stages in order; empty for all in one pot
     * @param schools where good cooks differ, what this one does
     * @param measures the cups, spoons and pints its lines are written in; empty for those of the kitchen
     */
    public record Draft(
            String name,
            List<Lines.Typed> lines,
            Texture texture,
            double targetStep,
            double servedC,
            Optional<Use> use,
            @Nullable Double yieldMl,
            String tags,
            List<StageDraft> stages,
            Map<School, SchoolAnswer> schools,
            String notes,
            Optional<MeasureSystem> measures) {
        public Draft {
            lines = List.copyOf(lines);
            stages = List.copyOf(stages);
            schools = Map.copyOf(schools);
        }

        /** The same of other lines and stages. */
        public Draft made(List<Lines.Typed> otherLines, List<StageDraft> otherStages) {
            return new Draft(
                    name,
                    otherLines,
                    texture,
                    targetStep,
                    servedC,
                    use,
                    yieldMl,
                    tags,
                    otherStages,
                    schools,
                    notes,
                    measures);
        }

        /** The same with other lines in place of one; what is more than one stands at the end, in the same stage. */
        public Draft swapped(int at, List<Lines.Typed> with) {
            List<Lines.Typed> all = new ArrayList<>(lines);
            List<Integer> added = new ArrayList<>();
            all.set(at, with.get(0));
            for (Lines.Typed more : with.subList(1, with.size())) {
                added.add(all.size());
                all.add(more);
            }
            return made(
                    all,
                    stages.stream()
                            .map(stage -> stage.lines().contains(at) ? stage.withLines(added) : stage)
                            .toList());
        }

        /** The kitchen as it reads these lines. */
        public Kitchen writtenIn(Kitchen kitchen) {
            return measures.map(kitchen::measuring).orElse(kitchen);
        }

        /** A sauce of which only the first slice is known. */
        public static Draft plain(
                String name,
                List<Lines.Typed> lines,
                Texture texture,
                double targetStep,
                double servedC,
                String notes) {
            return new Draft(
                    name,
                    lines,
                    texture,
                    targetStep,
                    servedC,
                    Optional.empty(),
                    null,
                    "",
                    List.of(),
                    Map.of(),
                    notes,
                    Optional.empty());
        }
    }

    /** A saved sauce with its lines understood. */
    public record Sauce(long id, int version, Draft draft, Ingredients ingredients) {
        public String name() {
            return draft.name();
        }
    }

    public List<SauceVersion> sauces(long kitchenId) {
        return sauces.sauces(kitchenId);
    }

    public Sauce sauce(Kitchen kitchen, long id) {
        return open(kitchen, sauces.find(kitchen.id(), id).orElseThrow(() -> Refusal.missing(Thing.SAUCE)));
    }

    public Sauce version(Kitchen kitchen, long id, int version) {
        return open(
                kitchen, sauces.findVersion(kitchen.id(), id, version).orElseThrow(() -> Refusal.missing(Thing.SAUCE)));
    }

    /** All versions of a sauce, newest first. */
    public List<SauceVersion> versions(long kitchenId, long id) {
        return sauces.versions(kitchenId, id);
    }

    /** When each sauce was last cooked, by its id. */
    public Map<Long, LastCooked> cooked(long kitchenId) {
        return sauces.cooked(kitchenId).stream().collect(Collectors.toMap(LastCooked::sauceId, row -> row));
    }

    /** A version never changes: what it means changes only with the kitchen's larder. */
    private record Key(long kitchen, long id, int version, Object larder) {}

    private Sauce open(Kitchen kitchen, SauceVersion row) {
        return opened.get(
                new Key(kitchen.id(), row.id(), row.version(), lines.known(kitchen)), key -> read(kitchen, row));
    }

    private Sauce read(Kitchen kitchen, SauceVersion row) {
        List<Lines.Typed> typed = sauces.lines(kitchen.id(), row.id(), row.version()).stream()
                .map(line -> typed(kitchen, line))
                .toList();
        Texture texture = Texture.valueOf(row.texture());
        Draft draft = new Draft(
                row.name(),
                typed,
                texture,
                row.targetStep(),
                row.servedC(),
                row.useOf().isEmpty() ? Optional.empty() : Optional.of(Use.valueOf(row.useOf())),
                row.yieldMl(),
                row.tags(),
                json.stages(row.stages()),
                json.schools(row.schools()),
                row.notes(),
                measures(row.measures()));
        return new Sauce(row.id(), row.version(), draft, understood(draft.writtenIn(kitchen), typed, texture));
    }

    /** The measures a version is kept with. */
    public static Optional<MeasureSystem> measures(String kept) {
        return kept.isEmpty() ? Optional.empty() : Optional.of(MeasureSystem.valueOf(kept));
    }

    /** A line as it was kept; a correction to a food that is no longer there counts no more, and the line is read anew. */
    private Lines.Typed typed(Kitchen kitchen, SauceLine line) {
        String food = line.foodId();
        boolean there = food != null && lines.catalogue(kitchen).food(food).isPresent();
        return new Lines.Typed(line.text(), there ? food : null, line.massG());
    }

    /** What lines mean together; blank ones are dropped. */
    public Ingredients understood(Kitchen kitchen, List<Lines.Typed> typed, Texture texture) {
        List<LineReading> readings = typed.stream()
                .filter(line -> !line.text().isBlank())
                .map(line -> lines.read(kitchen, line))
                .toList();
        return new Ingredients(readings, texture);
    }

    /**
     * Checks a draft.
     *
     * @return all its faults; lines are named lines[0], lines[1], …
     */
    public List<Fault> faults(Kitchen kitchen, Draft draft) {
        List<Fault> faults = new ArrayList<>(shape(draft));
        List<Lines.Typed> typed =
                draft.lines().stream().filter(line -> !line.text().isBlank()).toList();
        for (int i = 0; i < Math.min(typed.size(), SauceLimits.MOST_LINES); i++) {
            lineFault(draft.writtenIn(kitchen), typed.get(i), i, faults);
        }
        return faults;
    }

    /** Faults of a draft, but for what its lines mean. */
    public static List<Fault> shape(Draft draft) {
        List<Fault> faults = new ArrayList<>();
        if (draft.name().isBlank() || draft.name().strip().length() > 120) {
            faults.add(new Fault("name", Told.of("sauce-book.give-the-sauce-a-name-of")));
        }
        if (!SauceLimits.isStep(draft.targetStep())) {
            faults.add(new Fault("targetStep", Told.of("sauce-book.the-step-wanted-is-from-broth")));
        }
        if (!SauceLimits.isServed(draft.servedC())) {
            faults.add(new Fault("servedC", Told.of("sauce-book.the-serving-temperature-is-from-to")));
        }
        Double yieldMl = draft.yieldMl();
        if (yieldMl != null && !(yieldMl >= SauceLimits.LEAST_YIELD_ML && yieldMl <= SauceLimits.MOST_YIELD_ML)) {
            faults.add(new Fault("yieldMl", Told.of("sauce-book.the-yield-wanted-is-from-ml")));
        }
        if (draft.tags().length() > 300) {
            faults.add(new Fault("tags", Told.of("sauce-book.at-most-characters-of-tags")));
        }
        stageFaults(draft, faults);
        if (draft.notes().length() > 2000) {
            faults.add(new Fault("notes", Told.of("sauce-book.at-most-characters")));
        }
        List<Lines.Typed> typed =
                draft.lines().stream().filter(line -> !line.text().isBlank()).toList();
        if (typed.isEmpty() || typed.size() > SauceLimits.MOST_LINES) {
            faults.add(new Fault("lines", Told.of("sauce-book.write-to-ingredient-lines", SauceLimits.MOST_LINES)));
        }
        return faults;
    }

    private static void stageFaults(Draft draft, List<Fault> faults) {
        if (draft.stages().size() > MOST_STAGES) {
            faults.add(new Fault("stages", Told.of("sauce-book.at-most-stages", MOST_STAGES)));
        }
        for (int i = 0; i < Math.min(MOST_STAGES, draft.stages().size()); i++) {
            StageDraft stage = draft.stages().get(i);
            try {
                stage.end().end(stage.value());
            } catch (Unfit e) {
                faults.add(new Fault("stages[" + i + "]", Told.of("stage.unfit", stage.kind(), e.why())));
            }
        }
    }

    private void lineFault(Kitchen kitchen, Lines.Typed line, int index, List<Fault> faults) {
        String field = "lines[" + index + "]";
        if (line.text().length() > LineReader.LONGEST_LINE) {
            faults.add(new Fault(field, Told.of("sauce-book.at-most-characters-in-a-line")));
            return;
        }
        try {
            if (!lines.read(kitchen, line).usable()) {
                faults.add(new Fault(
                        field,
                        Told.of(
                                "sauce-book.no-food-found-correct-the-line",
                                line.text().strip())));
            }
        } catch (Refusal refusal) {
            refusal.faults().forEach(fault -> faults.add(new Fault(field, fault.why())));
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
                throw Refusal.missing(Thing.SAUCE);
            }
            version = basedOn + 1;
            if (sauces.advance(kitchen.id(), id, version) == 0) {
                throw Refusal.conflict("version", Told.of("sauce-book.this-sauce-was-changed-elsewhere-meanwhile"));
            }
        }
        insertVersion(kitchen, sauceId, version, draft);
        return sauceId;
    }

    private void insertVersion(Kitchen kitchen, long sauceId, int version, Draft draft) {
        sauces.insertVersion(new SauceVersion(
                sauceId,
                kitchen.id(),
                version,
                draft.name().strip(),
                draft.texture().name(),
                draft.targetStep(),
                draft.servedC(),
                draft.use().map(Use::name).orElse(""),
                draft.yieldMl(),
                draft.tags().strip(),
                json.write(draft.stages()),
                json.write(draft.schools()),
                draft.notes(),
                draft.measures().map(MeasureSystem::name).orElse(""),
                LocalDateTime.now(clock)));
        int position = 0;
        for (Lines.Typed line : draft.lines()) {
            if (!line.text().isBlank()) {
                sauces.insertLine(
                        new SauceLine(sauceId, version, position++, line.text().strip(), line.foodId(), line.massG()));
            }
        }
    }
}
