package app.gradior.kitchen;

import app.gradior.finding.Refusal;
import app.gradior.store.KitMapper;
import app.gradior.store.Rows.BurnerRow;
import app.gradior.store.Rows.JarRow;
import app.gradior.store.Rows.PotRow;
import app.gradior.vessel.Jar;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pots, burners and jars of a kitchen. */
@Service
public class KitchenKit {
    private static final double HEAVIEST_POT_G = 20_000;
    private static final double STRONGEST_BURNER_W = 20_000;

    private final KitMapper kit;
    private final Lessons lessons;

    KitchenKit(KitMapper kit, Lessons lessons) {
        this.kit = kit;
        this.lessons = lessons;
    }

    /** What heats a burner. */
    public enum BurnerType {
        GAS("gas"),
        INDUCTION("induction"),
        CERAMIC("ceramic or solid plate"),
        OTHER("other");

        private final String label;

        BurnerType(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** A pot of the kit. */
    public record KitPot(long id, String name, PotShape shape, double emptyG, PotMaterial material, boolean lid) {
        static KitPot of(PotRow row) {
            return new KitPot(
                    row.id(),
                    row.name(),
                    new PotShape(row.topDiameterMm(), row.baseDiameterMm(), row.heightMm(), row.cornerMm()),
                    row.emptyG(),
                    PotMaterial.valueOf(row.material()),
                    row.lid());
        }

        PotRow row(long kitchenId) {
            return new PotRow(
                    id,
                    kitchenId,
                    Refusal.text("name", name, 80),
                    shape.topDiameterMm(),
                    shape.baseDiameterMm(),
                    shape.heightMm(),
                    shape.cornerMm(),
                    Refusal.inRange("emptyG", emptyG, 0, HEAVIEST_POT_G, " g"),
                    material.name(),
                    lid);
        }
    }

    /** All that stands in the kitchen. */
    public Ware ware(long kitchenId) {
        return new Ware(pots(kitchenId), burners(kitchenId), kit.tests(kitchenId), lessons.latest(kitchenId));
    }

    public List<KitPot> pots(long kitchenId) {
        return kit.pots(kitchenId).stream().map(KitPot::of).toList();
    }

    public KitPot pot(long kitchenId, long id) {
        return kit.findPot(kitchenId, id).map(KitPot::of).orElseThrow(() -> Refusal.missing("pot"));
    }

    public List<BurnerRow> burners(long kitchenId) {
        return kit.burners(kitchenId);
    }

    public BurnerRow burner(long kitchenId, long id) {
        return kit.findBurner(kitchenId, id).orElseThrow(() -> Refusal.missing("burner"));
    }

    @Transactional
    public void addPot(long kitchenId, String name, PotShape shape, double emptyG, PotMaterial material) {
        putPot(kitchenId, new KitPot(0, name, shape, emptyG, material, true));
    }

    /** Adds a pot, or changes the one with its id. Batches cooked in it keep the pot as it was. */
    @Transactional
    public void putPot(long kitchenId, KitPot pot) {
        PotRow row = pot.row(kitchenId);
        if (pot.id() == 0) {
            kit.insertPot(row);
        } else if (kit.updatePot(row) == 0) {
            throw Refusal.missing("pot");
        }
    }

    @Transactional
    public void removePot(long kitchenId, long id) {
        if (kit.removePot(kitchenId, id) == 0) {
            throw Refusal.missing("pot");
        }
    }

    @Transactional
    public void addBurner(long kitchenId, String name, BurnerType type, double netPowerW) {
        kit.insertBurner(checked(kitchenId, name, type, netPowerW));
    }

    static BurnerRow checked(long kitchenId, String name, BurnerType type, double netPowerW) {
        return new BurnerRow(
                0,
                kitchenId,
                Refusal.text("burnerName", name, 80),
                type.name(),
                Refusal.inRange("netPowerW", netPowerW, 50, STRONGEST_BURNER_W, " W"));
    }

    @Transactional
    public void removeBurner(long kitchenId, long id) {
        if (kit.removeBurner(kitchenId, id) == 0) {
            throw Refusal.missing("burner");
        }
    }

    public List<JarRow> jars(long kitchenId) {
        return kit.jars(kitchenId);
    }

    /** The jars as the core fills them. */
    public static List<Jar> jars(List<JarRow> rows) {
        return rows.stream()
                .map(row -> new Jar(row.name(), row.brimMl(), row.fillMl(), row.count()))
                .toList();
    }

    @Transactional
    public void addJar(long kitchenId, Jar jar) {
        kit.insertJar(new JarRow(
                0, kitchenId, Refusal.text("jarName", jar.name(), 80), jar.brimMl(), jar.fillMl(), jar.count()));
    }

    @Transactional
    public void countJars(long kitchenId, long id, int count) {
        Refusal.inRange("count", count, 0, 1000, "");
        if (kit.countJars(kitchenId, id, count) == 0) {
            throw Refusal.missing("jar");
        }
    }

    @Transactional
    public void removeJar(long kitchenId, long id) {
        if (kit.removeJar(kitchenId, id) == 0) {
            throw Refusal.missing("jar");
        }
    }

    /** Three pots, two burners and two kinds of jar as most kitchens have them, to be measured and mended. */
    void addStarterKit(long kitchenId) {
        addPot(kitchenId, "16 cm saucepan", new PotShape(160, 155, 80), 850, PotMaterial.STAINLESS);
        addPot(kitchenId, "20 cm saucepan", new PotShape(200, 195, 110), 1250, PotMaterial.STAINLESS);
        addPot(kitchenId, "28 cm sauté pan", new PotShape(280, 255, 70), 1900, PotMaterial.STAINLESS);
        addBurner(kitchenId, "Large burner", BurnerType.GAS, 1500);
        addBurner(kitchenId, "Small burner", BurnerType.GAS, 800);
        addJar(kitchenId, Jar.withHeadspace("Jam jar", 370, 8, 6));
        addJar(kitchenId, Jar.withHeadspace("Small jar", 212, 6, 6));
    }
}
