package app.gradior.room.kit;

import app.gradior.batch.BatchPlan;
import app.gradior.estimate.Hand;
import app.gradior.estimate.Learning;
import app.gradior.estimate.Learning.Evidence;
import app.gradior.estimate.Prior;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.reading.ReadingKind;
import app.gradior.room.words.Told;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** A kitchen's pots, burners, water tests and what batches taught, looked up once for all that one answer needs of them. */
public record Equipment(
        List<KitchenKit.KitPot> allPots,
        List<KitBurner> allBurners,
        List<KitWaterTest> tests,
        List<KeptLesson> lessons,
        List<KeptHand> handLessons) {
    public Equipment {
        allPots = List.copyOf(allPots);
        allBurners = List.copyOf(allBurners);
        tests = List.copyOf(tests);
        lessons = List.copyOf(lessons);
        handLessons = List.copyOf(handLessons);
    }

    /** Pots that can be chosen. */
    public List<KitchenKit.KitPot> pots() {
        return allPots.stream().filter(pot -> !pot.retired()).toList();
    }

    /** Burners that can be chosen. */
    public List<KitBurner> burners() {
        return allBurners.stream().filter(burner -> !burner.retired()).toList();
    }

    /** The pot of that id, put away or not: what was planned for it still stands. */
    public KitchenKit.KitPot pot(long id) {
        return allPots.stream()
                .filter(p -> p.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.unfit("pot", Told.of("equipment.this-pot-is-no-longer-in")));
    }

    /** The burner of that id, put away or not; empty for 0, not known. */
    public Optional<KitBurner> burner(long id) {
        if (id == 0) {
            return Optional.empty();
        }
        return Optional.of(allBurners.stream()
                .filter(b -> b.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.unfit("burner", Told.of("equipment.this-burner-is-no-longer-in"))));
    }

    /**
     * That a batch may begin there: what is put away is not cooked in.
     *
     * @param potField the pot's name in the form or request
     * @throws Refusal when the pot or the burner is put away
     */
    public static void ready(String potField, KitchenKit.KitPot pot, String burnerField, Optional<KitBurner> burner) {
        List<Fault> faults = new ArrayList<>();
        if (pot.retired()) {
            faults.add(putAway(potField, pot.name()));
        }
        burner.filter(KitBurner::retired).ifPresent(b -> faults.add(putAway(burnerField, b.name())));
        if (!faults.isEmpty()) {
            throw new Refusal(Refusal.Kind.CONFLICT, faults);
        }
    }

    private static Fault putAway(String field, String name) {
        return new Fault(field, Told.of("equipment.is-put-away-choose-another-or", name));
    }

    /**
     * What is known of something: a factor, and how many batches and tests are behind it.
     *
     * @param batches finished batches that count
     * @param tests water tests
     */
    public record Known(Learning.Learnt learnt, int batches, int tests) {
        /** Whether anything was measured at all. */
        public boolean any() {
            return batches + tests > 0;
        }
    }

    /** What water tests and batches say of a pair, whatever its pot and burner were called then. */
    public Known pair(KitchenKit.KitPot pot, Optional<KitBurner> burner) {
        List<Evidence> evidence = new ArrayList<>();
        if (burner.isPresent()) {
            for (KeptLesson row : lessons) {
                if (row.counted()
                        && Objects.equals(row.potId(), pot.id())
                        && Objects.equals(row.burnerId(), burner.get().id())
                        && row.pairPrecision() > 0) {
                    evidence.add(new Evidence(row.pairLog(), row.pairPrecision()));
                }
            }
        }
        int batches = evidence.size();
        for (KitWaterTest row : tests) {
            Double factor = row.pairFactor();
            Double logSd = row.logSd();
            boolean here = row.potId() == pot.id()
                    && burner.isPresent()
                    && row.burnerId() == burner.get().id();
            if (here && factor != null && logSd != null) {
                evidence.add(new Evidence(Math.log(factor), 1 / (logSd * logSd)));
            }
        }
        return new Known(Learning.pair(evidence), batches, evidence.size() - batches);
    }

    /** What batches say of a sauce's body. */
    public Known body(long sauceId) {
        List<Evidence> evidence = new ArrayList<>();
        for (KeptLesson row : lessons) {
            Long of = row.sauceId();
            if (row.counted() && of != null && of == sauceId && row.bodyPrecision() > 0) {
                evidence.add(new Evidence(row.bodyLog(), row.bodyPrecision()));
            }
        }
        return new Known(Learning.body(evidence), evidence.size(), 0);
    }

    /**
     * A plan on a burner of the kit, with what water tests and batches taught of it and of the sauce.
     *
     * @param sauceId 0 for no sauce of the book
     */
    public BatchPlan known(BatchPlan plan, KitchenKit.KitPot in, Optional<KitBurner> burner, long sauceId) {
        Known pair = pair(in, burner);
        return plan.on(
                burner.map(KitBurner::name).orElse(null),
                burner.map(KitBurner::netPowerW).orElse(null),
                pair.any() ? (Double) pair.learnt().factor() : null,
                prior(in, burner, sauceId));
    }

    /** What is believed of a sauce in a pot on a burner before anything is read; the pair's factor is the pot's. */
    public Prior prior(KitchenKit.KitPot pot, Optional<KitBurner> burner, long sauceId) {
        Learning.Learnt body = body(sauceId).learnt();
        return new Prior(pair(pot, burner).learnt().logSd(), body.factor(), body.logSd(), hands());
    }

    /** How this kitchen's cook reads, by kind, as finished batches showed it; kinds of which they say nothing are left out. */
    public Map<ReadingKind, Hand> hands() {
        Map<ReadingKind, List<Learning.HandLesson>> lessonsOf = new EnumMap<>(ReadingKind.class);
        handLessons.forEach(row ->
                lessonsOf.computeIfAbsent(row.kind(), kind -> new ArrayList<>()).add(row.lesson()));
        Map<ReadingKind, Hand> hands = new EnumMap<>(ReadingKind.class);
        lessonsOf.forEach((kind, of) -> hands.put(kind, Learning.hand(kind, of)));
        return hands;
    }
}
