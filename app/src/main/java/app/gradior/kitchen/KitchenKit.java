package app.gradior.kitchen;

import app.gradior.store.KitMapper;
import app.gradior.store.Rows.BurnerRow;
import app.gradior.store.Rows.PotRow;
import app.gradior.vessel.PotMaterial;
import app.gradior.vessel.PotShape;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pots and burners of a kitchen. */
@Service
public class KitchenKit {
    private static final double HEAVIEST_POT_G = 20_000;
    private static final double STRONGEST_BURNER_W = 20_000;

    private final KitMapper kit;

    KitchenKit(KitMapper kit) {
        this.kit = kit;
    }

    /** A pot of the kit. */
    public record KitPot(long id, String name, PotShape shape, double emptyG, PotMaterial material) {
        static KitPot of(PotRow row) {
            return new KitPot(
                    row.id(),
                    row.name(),
                    new PotShape(row.topDiameterMm(), row.baseDiameterMm(), row.heightMm()),
                    row.emptyG(),
                    PotMaterial.valueOf(row.material()));
        }
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
        kit.insertPot(new PotRow(
                0,
                kitchenId,
                Refusal.text("name", name, 80),
                shape.topDiameterMm(),
                shape.baseDiameterMm(),
                shape.heightMm(),
                Refusal.inRange("emptyG", emptyG, 0, HEAVIEST_POT_G, " g"),
                material.name()));
    }

    @Transactional
    public void addBurner(long kitchenId, String name, double netPowerW) {
        kit.insertBurner(new BurnerRow(
                0,
                kitchenId,
                Refusal.text("burnerName", name, 80),
                Refusal.inRange("netPowerW", netPowerW, 50, STRONGEST_BURNER_W, " W")));
    }

    /** Three pots and two burners as most kitchens have them, to be measured and mended. */
    void addStarterKit(long kitchenId) {
        addPot(kitchenId, "16 cm saucepan", new PotShape(160, 155, 80), 850, PotMaterial.STAINLESS);
        addPot(kitchenId, "20 cm saucepan", new PotShape(200, 195, 110), 1250, PotMaterial.STAINLESS);
        addPot(kitchenId, "28 cm sauté pan", new PotShape(280, 255, 70), 1900, PotMaterial.STAINLESS);
        addBurner(kitchenId, "Large burner", 1500);
        addBurner(kitchenId, "Small burner", 800);
    }
}
