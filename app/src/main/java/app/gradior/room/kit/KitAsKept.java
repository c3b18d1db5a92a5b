package app.gradior.room.kit;

import app.gradior.kept.Inserted;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A kitchen's kit as it is kept, for its file: all at once, out and in. */
@Service
public class KitAsKept {
    private final KitMapper kit;
    private final LessonMapper lessons;

    KitAsKept(KitMapper kit, LessonMapper lessons) {
        this.kit = kit;
        this.lessons = lessons;
    }

    /**
     * The kit of a kitchen.
     *
     * @param tests by ids of pot and burner when they come out, by their places in these lists when they go in
     */
    public record Kit(List<KeptPot> pots, List<KitBurner> burners, List<KeptJar> jars, List<KitWaterTest> tests) {}

    /** The ids that pots and burners got, in their order. */
    public record Ids(List<Long> pots, List<Long> burners) {}

    public Kit of(long kitchenId) {
        return new Kit(
                kit.pots(kitchenId),
                kit.burners(kitchenId),
                kit.jars(kitchenId).stream()
                        .sorted(Comparator.comparingDouble(KeptJar::fillMl).thenComparing(KeptJar::name))
                        .toList(),
                kit.tests(kitchenId));
    }

    /** This kit instead of what the kitchen has. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Ids replace(long kitchenId, Kit by) {
        kit.tests(kitchenId).forEach(t -> kit.removeTest(kitchenId, t.id()));
        kit.pots(kitchenId).forEach(p -> kit.removePot(kitchenId, p.id()));
        kit.burners(kitchenId).forEach(b -> kit.removeBurner(kitchenId, b.id()));
        kit.jars(kitchenId).forEach(j -> kit.removeJar(kitchenId, j.id()));
        by.pots().forEach(p -> kit.insertPot(p.in(kitchenId)));
        by.burners().forEach(b -> kit.insertBurner(b.in(kitchenId)));
        by.jars().forEach(j -> kit.insertJar(j.in(kitchenId)));
        List<Long> pots = kit.pots(kitchenId).stream().map(KeptPot::id).toList();
        List<Long> burners = kit.burners(kitchenId).stream().map(KitBurner::id).toList();
        for (KitWaterTest t : by.tests()) {
            long pot = pots.get((int) t.potId());
            long burner = burners.get((int) t.burnerId());
            Inserted key = new Inserted();
            kit.insertTest(t.of(0, kitchenId, pot, burner), key);
            kit.endTest(t.of(key.getId(), kitchenId, pot, burner));
        }
        return new Ids(pots, burners);
    }

    /** Of each batch that taught something, whether that counts. */
    public Map<Long, Boolean> counted(long kitchenId) {
        Map<Long, Boolean> counted = new HashMap<>();
        lessons.latest(kitchenId, Integer.MAX_VALUE).forEach(l -> counted.put(l.batchId(), l.counted()));
        return counted;
    }

    /** What a batch taught, if anything, does not count. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void leaveOut(long kitchenId, long batchId) {
        lessons.count(kitchenId, batchId, false);
    }
}
