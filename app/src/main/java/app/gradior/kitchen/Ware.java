package app.gradior.kitchen;

import app.gradior.estimate.WaterTest;
import app.gradior.store.Rows.BurnerRow;
import app.gradior.store.Rows.WaterTestRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A kitchen's pots, burners and water tests, looked up once for all that one answer needs of them. */
public record Ware(List<KitchenKit.KitPot> pots, List<BurnerRow> burners, List<WaterTestRow> tests) {
    public Ware {
        pots = List.copyOf(pots);
        burners = List.copyOf(burners);
        tests = List.copyOf(tests);
    }

    /** The pot of that id. */
    public KitchenKit.KitPot pot(long id) {
        return pots.stream().filter(p -> p.id() == id).findFirst().orElseThrow(() -> Refusal.missing("pot"));
    }

    /** The burner of that id; empty for 0, not known. */
    public Optional<BurnerRow> burner(long id) {
        if (id == 0) {
            return Optional.empty();
        }
        return Optional.of(
                burners.stream().filter(b -> b.id() == id).findFirst().orElseThrow(() -> Refusal.missing("burner")));
    }

    /** What is known of a pair; empty when it was never tested. */
    public Optional<WaterTest> pair(long potId, long burnerId) {
        List<WaterTest> known = new ArrayList<>();
        for (WaterTestRow row : tests) {
            Double factor = row.pairFactor();
            Double logSd = row.logSd();
            if (row.potId() == potId && row.burnerId() == burnerId && factor != null && logSd != null) {
                known.add(new WaterTest(factor, logSd));
            }
        }
        return known.isEmpty() ? Optional.empty() : Optional.of(WaterTest.together(known));
    }
}
