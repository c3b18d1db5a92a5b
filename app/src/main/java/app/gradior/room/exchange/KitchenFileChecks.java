package app.gradior.room.exchange;

import app.gradior.finding.Refusal;
import app.gradior.heat.BurnerKind;
import app.gradior.heat.Look;
import app.gradior.larder.Catalogue;
import app.gradior.larder.Food;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.SauceLine;
import app.gradior.room.book.SauceVersion;
import app.gradior.room.book.SaucesAsKept;
import app.gradior.room.book.StageDraft;
import app.gradior.room.book.StageJson;
import app.gradior.room.exchange.KitchenFile.KitchenOut;
import app.gradior.room.exchange.KitchenFile.SauceOut;
import app.gradior.room.exchange.KitchenFile.SnapshotOut;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.KeptJar;
import app.gradior.room.kit.KeptPot;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitWaterTest;
import app.gradior.room.kit.KitchenKit;
import app.gradior.room.larder.FoodJson;
import app.gradior.room.larder.FoodSnapshots;
import app.gradior.room.larder.FoodsThen;
import app.gradior.room.larder.Larder;
import app.gradior.room.larder.LarderFood;
import app.gradior.room.larder.LarderMeasure;
import app.gradior.room.larder.LarderName;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.sauce.Texture;
import app.gradior.sauce.Use;
import app.gradior.vessel.Jar;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What of a kitchen's file has the shape that the schema gives it, checked as if it had been typed; its batches are {@link BatchFileChecks}'. */
final class KitchenFileChecks {
    private final FileFaults faults;
    private final StageJson stages;
    private final FoodJson foods;
    private final Map<String, Food> then = new HashMap<>();
    private final Map<String, Food> own = new HashMap<>();

    KitchenFileChecks(FileFaults faults, StageJson stages, FoodJson foods) {
        this.faults = faults;
        this.stages = stages;
        this.foods = foods;
    }

    void kitchen(KitchenOut k) {
        faults.at("kitchen", () -> Kitchen.altitude(k.altitudeM()));
        faults.at("kitchen", () -> Kitchen.zone(k.timeZone()));
    }

    void pot(String path, KeptPot p) {
        faults.at(path, () -> KitchenKit.KitPot.of(p).row(0));
    }

    void burner(String path, KitBurner b) {
        faults.at(path, () -> KitchenKit.checked(0, b.name(), BurnerKind.valueOf(b.type()), b.netPowerW()));
    }

    void jar(String path, KeptJar j) {
        faults.at(path, () -> new Jar(j.name(), j.brimMl(), j.fillMl(), j.count()));
    }

    void waterTest(String path, KitWaterTest t, int pots, int burners) {
        faults.place(path + ".potId", t.potId(), pots);
        faults.place(path + ".burnerId", t.burnerId(), burners);
        faults.moment(path + ".startedAt", t.startedAt());
        faults.at(path + ".look", () -> Look.ofKey(t.look()));
        Double endG = t.endG();
        boolean ended = endG != null;
        if (ended != (t.minutes() != null) || ended != (t.pairFactor() != null) || ended != (t.logSd() != null)) {
            faults.add(path, Words.text("kitchen-file-checks.endg-minutes-pairfactor-and-logsd-come"));
        } else if (endG != null) {
            faults.range(path + ".endG", endG, 0, t.startG());
        }
    }

    void food(String path, LarderFood f) {
        Food food = faults.got(path + ".body", () -> foods.read(f.body()));
        if (food != null && own.put(f.foodId(), food) != null) {
            faults.add(path + ".foodId", Words.text("kitchen-file-checks.is-there-twice", f.foodId()));
        }
        if (food != null && !food.id().equals(f.foodId())) {
            faults.add(path + ".body", Words.text("kitchen-file-checks.its-id-is-not", food.id(), f.foodId()));
        }
        if (food != null && !food.per100g().closes()) {
            faults.add(path + ".body", Words.text("kitchen-file-checks.the-parts-do-not-add-up"));
        }
        if (food != null && food.name().length() > 120) {
            faults.add(path + ".body", Words.text("kitchen-file-checks.a-name-has-at-most-characters"));
        }
    }

    /** A food as it was: its hash is that of its content. */
    void snapshot(String path, SnapshotOut s) {
        Food food = faults.got(path + ".food", () -> foods.read(s.food().toString()));
        if (food == null) {
            return;
        }
        if (!FoodSnapshots.hash(s.food().toString()).equals(s.hash())) {
            faults.add(path + ".hash", Words.text("kitchen-file-checks.this-is-not-the-hash-of"));
        }
        if (!food.per100g().closes()) {
            faults.add(path + ".food", Words.text("kitchen-file-checks.the-parts-do-not-add-up"));
        }
        faults.length(path + ".food.name", food.name(), 120);
        then.put(s.hash(), food);
    }

    /** The foods that lines of batches are of. One that nobody knows any more is let pass: its batch shows as odd. */
    FoodsThen foods() {
        return new FoodsThen() {
            @Override
            public Food then(String snapshot) {
                Food food = then.get(snapshot);
                if (food == null) {
                    throw Refusal.unfit("snapshot", Told.of("kitchen-file-checks.no-food-of-this-file-has"));
                }
                return food;
            }

            @Override
            public Food now(String foodId) {
                Food food = own.get(foodId);
                return food != null
                        ? food
                        : Catalogue.standard()
                                .food(foodId)
                                .orElseGet(() -> Catalogue.standard().water());
            }
        };
    }

    void name(String path, LarderName n, Set<String> known) {
        known(path, n.foodId(), known);
    }

    /** A food that is named is one that there is. */
    void known(String path, String foodId, Set<String> known) {
        if (!known.contains(foodId)) {
            faults.add(path + ".foodId", Words.text("kitchen-file-checks.food-is-not-known", foodId));
        }
    }

    void measure(String path, LarderMeasure m) {
        faults.at(path, () -> Larder.measure(m.word(), m.ml()));
    }

    void sauce(String path, SauceOut sauce) {
        int expected = 1;
        for (SaucesAsKept.Version v : sauce.versions()) {
            String at = path + ".versions[" + (expected - 1) + "]";
            SauceVersion row = v.version();
            if (row.version() != expected) {
                faults.add(
                        at + ".version.version",
                        Words.text("kitchen-file-checks.versions-count-from-expected", expected));
            }
            faults.moment(at + ".version.savedAt", row.savedAt());
            SauceBook.Draft draft = faults.got(at + ".version", () -> draft(row, v.lines()));
            if (draft != null) {
                SauceBook.shape(draft)
                        .forEach(f -> faults.add(
                                at + (f.field().startsWith("lines") ? "." : ".version.") + f.field(), f.why()));
                places(at, draft);
            }
            expected++;
        }
    }

    private void places(String path, SauceBook.Draft draft) {
        for (int i = 0; i < draft.stages().size(); i++) {
            StageDraft stage = draft.stages().get(i);
            String at = path + ".version.stages[" + i + "].";
            stage.lines()
                    .forEach(line ->
                            faults.place(at + "lines", line, draft.lines().size()));
            stage.working()
                    .lines()
                    .forEach(line ->
                            faults.place(at + "work.lines", line, draft.lines().size()));
        }
    }

    private SauceBook.Draft draft(SauceVersion row, List<SauceLine> lines) {
        return new SauceBook.Draft(
                row.name(),
                lines.stream()
                        .map(l -> new Lines.Typed(l.text(), l.foodId(), l.massG()))
                        .toList(),
                Texture.valueOf(row.texture()),
                row.targetStep(),
                row.servedC(),
                row.useOf().isEmpty() ? java.util.Optional.empty() : java.util.Optional.of(Use.valueOf(row.useOf())),
                row.yieldMl(),
                row.tags(),
                stages.stages(row.stages()),
                stages.schools(row.schools()),
                row.notes(),
                SauceBook.measures(row.measures() == null ? "" : row.measures()));
    }
}
