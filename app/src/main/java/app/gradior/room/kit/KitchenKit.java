package app.gradior.room.kit;

import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.heat.BurnerKind;
import app.gradior.room.house.Furnishing;
import app.gradior.room.practice.Practices;
import app.gradior.room.words.Told;
import app.gradior.room.words.Words;
import app.gradior.vessel.Jar;
import app.gradior.vessel.KeptShape;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pots, burners and jars of a kitchen. */
@Service
public class KitchenKit implements Furnishing {
    private static final double HEAVIEST_POT_G = 20_000;
    /** Heat into the pot that a burner may have, W; arbitrary. */
    public static final double WEAKEST_BURNER_W = 50;

    public static final double STRONGEST_BURNER_W = 20_000;
    /** So many jars of a kind, at most. */
    public static final int MOST_JARS = 1000;

    private final KitMapper kit;
    private final Lessons lessons;
    private final Practices practices;

    KitchenKit(KitMapper kit, Lessons lessons, Practices practices) {
        this.kit = kit;
        this.lessons = lessons;
        this.practices = practices;
    }

    /**
     * A pot of the kit.
     *
     * @param retired whether it is put away: chosen no more, and still what it was to all that used it
     * @param revision grows with each change
     */
    public record KitPot(
            long id,
            String name,
            PotShape shape,
            double emptyG,
            PotMaterial material,
            boolean lid,
            boolean retired,
            int revision) {
        public static KitPot of(KeptPot row) {
            return new KitPot(
                    row.id(),
                    row.name(),
                    row.shape(),
                    row.emptyG(),
                    PotMaterial.valueOf(row.material()),
                    row.lid(),
                    row.retired(),
                    row.revision());
        }

        public KeptPot row(long kitchenId) {
            KeptShape kept = KeptShape.of(shape);
            PotShape.Outline outline = kept.outline();
            return new KeptPot(
                    id,
                    kitchenId,
                    Refusal.text("name", name, 80),
                    kept.topMm(),
                    kept.baseMm(),
                    kept.heightMm(),
                    shape.cornerMm(),
                    Refusal.inRange("emptyG", emptyG, 0, HEAVIEST_POT_G, " g"),
                    material.name(),
                    lid,
                    retired,
                    revision,
                    outline == null ? null : outline.key(),
                    kept.topWidthMm(),
                    kept.baseWidthMm(),
                    kept.burners());
        }
    }

    /** All that stands in the kitchen, and what is put away. */
    public Equipment ware(long kitchenId) {
        return new Equipment(
                kit.pots(kitchenId).stream().map(KitPot::of).toList(),
                kit.burners(kitchenId),
                kit.tests(kitchenId),
                lessons.latest(kitchenId),
                hands(kitchenId));
    }

    /** What finished batches showed of how this kitchen reads, and practice of those cooks who allow it. */
    private List<KeptHand> hands(long kitchenId) {
        List<KeptHand> all = new ArrayList<>(lessons.hands(kitchenId));
        practices
                .hands(kitchenId)
                .forEach((kind, of) -> of.forEach(lesson -> all.add(KeptHand.of(0, kitchenId, kind, lesson))));
        return all;
    }

    /** Pots that can be chosen. */
    public List<KitPot> pots(long kitchenId) {
        return kit.pots(kitchenId).stream()
                .filter(row -> !row.retired())
                .map(KitPot::of)
                .toList();
    }

    /** Pots that are put away. */
    public List<KitPot> potsPutAway(long kitchenId) {
        return kit.pots(kitchenId).stream()
                .filter(KeptPot::retired)
                .map(KitPot::of)
                .toList();
    }

    /** A pot, put away or not. */
    public KitPot pot(long kitchenId, long id) {
        return kit.findPot(kitchenId, id).map(KitPot::of).orElseThrow(() -> Refusal.missing(Thing.POT));
    }

    /** Burners that can be chosen. */
    public List<KitBurner> burners(long kitchenId) {
        return kit.burners(kitchenId).stream().filter(row -> !row.retired()).toList();
    }

    /** Burners that are put away. */
    public List<KitBurner> burnersPutAway(long kitchenId) {
        return kit.burners(kitchenId).stream().filter(KitBurner::retired).toList();
    }

    /** A burner, put away or not. */
    public KitBurner burner(long kitchenId, long id) {
        return kit.findBurner(kitchenId, id).orElseThrow(() -> Refusal.missing(Thing.BURNER));
    }

    @Transactional
    public void addPot(long kitchenId, String name, PotShape shape, double emptyG, PotMaterial material) {
        putPot(kitchenId, new KitPot(0, name, shape, emptyG, material, true, false, 0));
    }

    /**
     * Adds a pot, or changes the one with its id: what was learnt of it stays. Batches cooked in it keep the pot as it was.
     *
     * @throws Refusal when it was changed meanwhile
     */
    @Transactional
    public void putPot(long kitchenId, KitPot pot) {
        KeptPot row = pot.row(kitchenId);
        if (pot.id() == 0) {
            kit.insertPot(row);
        } else if (kit.updatePot(row) == 0) {
            throw changed(pot(kitchenId, pot.id()).name());
        }
    }

    private static Refusal changed(String name) {
        return Refusal.conflict("revision", Told.of("kitchen-kit.was-changed-on-another-device-look", name));
    }

    /** Removes a pot; one that is in use is put away instead, and stays readable in what used it. */
    @Transactional
    public void removePot(long kitchenId, long id) {
        KitPot pot = pot(kitchenId, id);
        if (kit.uses(kitchenId, id, 0)) {
            retirePot(kitchenId, pot, true);
        } else {
            kit.removePot(kitchenId, id);
        }
    }

    /** Takes a pot out again that was put away. */
    @Transactional
    public void takeOutPot(long kitchenId, long id) {
        retirePot(kitchenId, pot(kitchenId, id), false);
    }

    private void retirePot(long kitchenId, KitPot p, boolean away) {
        putPot(
                kitchenId,
                new KitPot(p.id(), p.name(), p.shape(), p.emptyG(), p.material(), p.lid(), away, p.revision()));
    }

    @Transactional
    public void addBurner(long kitchenId, String name, BurnerKind type, double netPowerW) {
        kit.insertBurner(checked(kitchenId, name, type, netPowerW));
    }

    public static KitBurner checked(long kitchenId, String name, BurnerKind type, double netPowerW) {
        return new KitBurner(
                0,
                kitchenId,
                Refusal.text("burnerName", name, 80),
                type.name(),
                Refusal.inRange("netPowerW", netPowerW, WEAKEST_BURNER_W, STRONGEST_BURNER_W, " W"),
                false,
                0);
    }

    /**
     * Gives a burner another name or power: what was learnt of it stays.
     *
     * @throws Refusal when it was changed meanwhile
     */
    @Transactional
    public void changeBurner(long kitchenId, long id, int revision, String name, double netPowerW) {
        KitBurner was = burner(kitchenId, id);
        KitBurner now = checked(kitchenId, name, BurnerKind.valueOf(was.type()), netPowerW);
        put(new KitBurner(id, kitchenId, now.name(), now.type(), now.netPowerW(), was.retired(), revision));
    }

    private void put(KitBurner row) {
        if (kit.updateBurner(row) == 0) {
            throw changed(burner(row.kitchenId(), row.id()).name());
        }
    }

    /** Removes a burner; one that is in use is put away instead, and stays readable in what used it. */
    @Transactional
    public void removeBurner(long kitchenId, long id) {
        KitBurner burner = burner(kitchenId, id);
        if (kit.uses(kitchenId, 0, id)) {
            retire(burner, true);
        } else {
            kit.removeBurner(kitchenId, id);
        }
    }

    /** Takes a burner out again that was put away. */
    @Transactional
    public void takeOutBurner(long kitchenId, long id) {
        retire(burner(kitchenId, id), false);
    }

    private void retire(KitBurner b, boolean away) {
        put(new KitBurner(b.id(), b.kitchenId(), b.name(), b.type(), b.netPowerW(), away, b.revision()));
    }

    public List<KeptJar> jars(long kitchenId) {
        return kit.jars(kitchenId);
    }

    /** The jars as the core fills them. */
    public static List<Jar> jars(List<KeptJar> rows) {
        return rows.stream()
                .map(row -> new Jar(row.name(), row.brimMl(), row.fillMl(), row.count()))
                .toList();
    }

    @Transactional
    public void addJar(long kitchenId, Jar jar) {
        kit.insertJar(new KeptJar(
                0, kitchenId, Refusal.text("jarName", jar.name(), 80), jar.brimMl(), jar.fillMl(), jar.count(), 0));
    }

    @Transactional
    public void countJars(long kitchenId, long id, int count, int revision) {
        Refusal.inRange("count", count, 0, MOST_JARS, "");
        if (kit.countJars(kitchenId, id, count, revision) == 0) {
            String name = kit.jars(kitchenId).stream()
                    .filter(jar -> jar.id() == id)
                    .map(KeptJar::name)
                    .findFirst()
                    .orElseThrow(() -> Refusal.missing(Thing.JAR));
            throw changed(name);
        }
    }

    @Transactional
    public void removeJar(long kitchenId, long id) {
        if (kit.removeJar(kitchenId, id) == 0) {
            throw Refusal.missing(Thing.JAR);
        }
    }

    /** Three pots, two burners and two kinds of jar as most kitchens have them, to be measured and mended. */
    @Override
    @Transactional
    public void furnish(long kitchenId, BurnerKind hob) {
        addPot(
                kitchenId,
                Words.text("kitchen-kit.small-saucepan"),
                new PotShape(160, 155, 80),
                850,
                PotMaterial.STAINLESS);
        addPot(kitchenId, Words.text("kitchen-kit.saucepan"), new PotShape(200, 195, 110), 1250, PotMaterial.STAINLESS);
        addPot(
                kitchenId,
                Words.text("kitchen-kit.cm-saut-pan"),
                new PotShape(280, 255, 70),
                1900,
                PotMaterial.STAINLESS);
        addBurner(kitchenId, Words.text("kitchen-kit.large-burner"), hob, hob.largeW());
        addBurner(kitchenId, Words.text("kitchen-kit.small-burner"), hob, hob.smallW());
        addJar(kitchenId, Jar.withHeadspace(Words.text("kitchen-kit.jam-jar"), 370, 8, 6));
        addJar(kitchenId, Jar.withHeadspace(Words.text("kitchen-kit.small-jar"), 212, 6, 6));
    }
}
