package app.gradior.room.plan;

import app.gradior.batch.Batch;
import app.gradior.batch.BatchEvent;
import app.gradior.batch.BatchPlan;
import app.gradior.batch.BatchState;
import app.gradior.batch.BatchTelling;
import app.gradior.batch.EventBody;
import app.gradior.batch.Origin;
import app.gradior.batch.Understood;
import app.gradior.finding.Refusal;
import app.gradior.larder.StarchKind;
import app.gradior.measure.LineReading;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StageDraft;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.EndKind;
import app.gradior.sauce.StageKind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** From a finished batch to the next: a plan like it, or a version of its sauce as it was really made. */
@Service
public class NextBatch {
    private static final double STEP_MORE = 0.5;
    private static final double LESS_SALT = 0.8;
    private static final double MORE = 1.25;
    private static final double SAME = 0.01;

    private final SauceBook book;
    private final KitchenKit kit;
    private final Lines lines;

    NextBatch(SauceBook book, KitchenKit kit, Lines lines) {
        this.book = book;
        this.kit = kit;
        this.lines = lines;
    }

    /**
     * The fields of a plan like that batch.
     *
     * @param but thicker, thinner, salt or more; empty for the same
     * @param degrees writes a temperature as the plan's form takes it
     */
    public Map<String, String> plan(Kitchen kitchen, Batch batch, String but, DoubleFunction<String> degrees) {
        SauceBook.Sauce sauce = sauce(kitchen, batch);
        BatchPlan plan = batch.plan();
        double factor = factor(sauce, plan);
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("sauce", String.valueOf(sauce.id()));
        fields.put("version", String.valueOf(sauce.version()));
        fields.put("by", PlanDraft.ScaleBy.FACTOR.name());
        fields.put("amount", plain(but.equals("more") ? MORE * factor : factor, 3));
        double step = plan.targetStep() + (but.equals("thicker") ? STEP_MORE : but.equals("thinner") ? -STEP_MORE : 0);
        fields.put("step", plain(Math.max(1, Math.min(9, step)), 1));
        fields.put("served", degrees.apply(plan.servedC()));
        BatchPlan.Planned planned = plan.planned();
        if (but.equals("salt") && planned != null) {
            fields.put("salt", plain(Math.max(0.1, LESS_SALT * planned.saltPercent()), 1));
        }
        fields.put("starch", starch(plan).map(StarchKind::key).orElse("none"));
        Origin origin = batch.origin();
        kit.pots(kitchen.id()).stream()
                .filter(p -> Objects.equals(p.id(), origin.potId()))
                .findFirst()
                .ifPresent(p -> fields.put("pot", String.valueOf(p.id())));
        kit.burners(kitchen.id()).stream()
                .filter(b -> Objects.equals(b.id(), origin.burnerId()))
                .findFirst()
                .ifPresent(b -> fields.put("burner", String.valueOf(b.id())));
        return fields;
    }

    private SauceBook.Sauce sauce(Kitchen kitchen, Batch batch) {
        Long id = batch.sauceId();
        Integer version = batch.sauceVersion();
        if (id == null) {
            throw Refusal.unfit("sauce", Told.of("next-batch.no-sauce"));
        }
        return version == null ? book.sauce(kitchen, id) : book.version(kitchen, id, version);
    }

    /** How many times the sauce as written it was: by the first line that both have. */
    private static double factor(SauceBook.Sauce sauce, BatchPlan plan) {
        for (LineReading reading : sauce.ingredients().usable()) {
            for (Understood line : plan.lines()) {
                if (line.text().equals(reading.text()) && reading.massG() > 0) {
                    return line.massG() / reading.massG();
                }
            }
        }
        return 1;
    }

    private Optional<StarchKind> starch(BatchPlan plan) {
        return plan.course().stream()
                .filter(stage -> !stage.pours().isEmpty())
                .map(stage -> plan.lines().get(stage.pours().get(0)).food())
                .flatMap(food -> food.starchKind().stream())
                .findFirst();
    }

    private static String plain(double value, int decimals) {
        return app.gradior.measure.Numbers.plain(value, decimals).replace(",", "");
    }

    /**
     * Saves a version of the sauce as this batch was really made: its amounts, without what was left out, with what was added where it
     * was added, the slurry that was poured, and the minutes that stages by the clock really took.
     *
     * @return the sauce's id
     */
    @Transactional
    public long recipe(Kitchen kitchen, Batch batch) {
        SauceBook.Sauce written = sauce(kitchen, batch);
        SauceBook.Sauce latest = book.sauce(kitchen, written.id());
        BatchPlan plan = batch.plan();
        SauceBook.Draft old = written.draft();
        Made made = new Made(old.writtenIn(kitchen), batch);
        return book.save(
                kitchen,
                written.id(),
                latest.version(),
                old.made(made.typed, plan.stages() == null ? old.stages() : made.stages));
    }

    /** What a batch was made of, line by line and stage by stage. */
    private final class Made {
        private final List<Lines.Typed> typed = new ArrayList<>();
        private final List<StageDraft> stages = new ArrayList<>();
        private final Map<Integer, Integer> places = new HashMap<>();
        private final Kitchen kitchen;
        private final Batch batch;

        Made(Kitchen kitchen, Batch batch) {
            this.kitchen = kitchen;
            this.batch = batch;
            List<List<Integer>> ofStages = new ArrayList<>();
            for (BatchPlan.PlanStage stage : batch.plan().course()) {
                List<Integer> in = new ArrayList<>();
                for (int line : stage.lines()) {
                    if (!batch.ticks().out().contains(line)) {
                        in.add(typed.size());
                        places.put(line, typed.size());
                        typed.add(line(batch.lines().get(line)));
                    }
                }
                ofStages.add(in);
            }
            events(ofStages);
            for (int i = 0; i < ofStages.size(); i++) {
                stages.add(stage(i, ofStages.get(i)));
            }
        }

        /** A line as written where that still means what went in; else with its food and grams put right. */
        private Lines.Typed line(Understood in) {
            LineReading now = lines.read(kitchen, in.text());
            boolean same =
                    now.food().map(food -> food.id().equals(in.food().id())).orElse(false)
                            && Math.abs(now.massG() - in.massG()) < SAME * Math.max(1, in.massG());
            return same
                    ? Lines.Typed.of(in.text())
                    : new Lines.Typed(in.text(), in.food().id(), in.massG());
        }

        private void events(List<List<Integer>> ofStages) {
            Map<String, List<Understood>> additions = batch.additions();
            double starchG = 0;
            double liquidG = 0;
            Optional<StarchKind> starch = Optional.empty();
            int pouredIn = 0;
            for (BatchState.Placed placed : batch.folded().standing()) {
                BatchEvent event = placed.event();
                int at = Math.min(placed.stage(), ofStages.size() - 1);
                while (at > 0 && batch.plan().course().get(at).kind().movesPieces()) {
                    at--;
                }
                List<Understood> in = additions.getOrDefault(event.clientKey(), List.of());
                if (event.body() instanceof EventBody.Slurry slurry) {
                    if (!event.isUnderstood()) {
                        throw BatchTelling.notUnderstood(event);
                    }
                    starchG += in.get(0).massG();
                    liquidG += in.get(1).massG();
                    starch = Optional.of(slurry.starch());
                    pouredIn = at;
                } else {
                    for (Understood line : in) {
                        ofStages.get(at).add(typed.size());
                        typed.add(line(line));
                    }
                }
            }
            if (starch.isPresent() && starchG > 0) {
                StarchKind kind = starch.get();
                String food = lines.catalogue(kitchen).powder(kind).id();
                ofStages.get(pouredIn).add(typed.size());
                typed.add(new Lines.Typed(plain(starchG, 1) + " g " + Words.say(kind), food, starchG));
                ofStages.get(pouredIn).add(typed.size());
                typed.add(Lines.Typed.of(plain(liquidG, 0) + " g water"));
            }
        }

        private StageDraft stage(int place, List<Integer> in) {
            BatchPlan.PlanStage stage = batch.plan().course().get(place);
            double value = stage.value();
            if (stage.end() == EndKind.MINUTES && stage.kind() != StageKind.SLURRY) {
                value = really(place, stage).orElse(value);
            }
            return new StageDraft(stage.kind(), stage.title(), in, stage.look(), stage.lid(), stage.end(), value)
                    .with(stage.working().at(places::get));
        }

        /** Minutes at its heat that a stage by the clock really took: what it took, less the warming up that was planned. */
        private Optional<Double> really(int place, BatchPlan.PlanStage stage) {
            List<Instant> ends = batch.stageEnds();
            if (place >= ends.size()) {
                return Optional.empty();
            }
            double from = place == 0 ? 0 : batch.minuteOf(ends.get(place - 1));
            double warmUp = Math.max(0, stage.minutes() - stage.value());
            return Optional.of((double) Math.max(1, Math.round(batch.minuteOf(ends.get(place)) - from - warmUp)));
        }
    }
}
