package app.gradior.plan;

import app.gradior.care.Cautions;
import app.gradior.care.StageCautions;
import app.gradior.course.SauceRun;
import app.gradior.course.StageResult;
import app.gradior.finding.Finding;
import app.gradior.mixture.SpecificVolume;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotMaterial;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which pot to take for a sauce: those that fit, the quickest first, then the others with the reason why not. */
public final class PotRanking {
    private static final double HOT_C = 100;

    private PotRanking() {}

    /**
     * A pot that there is.
     *
     * @param id whatever tells it from the others
     */
    public record Candidate(long id, String name, PotOnHeat pot, PotMaterial material) {}

    /**
     * How a pot would do.
     *
     * @param why not to take it; empty when it fits
     * @param minutes for all stages; infinite when they cannot be done in it
     * @param fullestShare of its capacity at the fullest, 0 and up; over 1 when it does not hold the sauce
     * @param lowestMm level at the end of the main reduction; NaN when it does not get there
     */
    public record Ranked(
            Candidate candidate, Optional<Finding> why, double minutes, double fullestShare, double lowestMm) {
        public boolean fits() {
            return why.isEmpty();
        }
    }

    /**
     * Ranks pots for stages that end by weight, as those of a way do.
     *
     * @param way as worked out in any pot
     * @param acid whether the sauce attacks a reactive pot
     */
    public static List<Ranked> of(
            List<Candidate> candidates, SauceRoutes.Way way, boolean acid, double bodyFactor, double servedC) {
        List<Ranked> ranked = new ArrayList<>();
        for (Candidate candidate : candidates) {
            ranked.add(rank(candidate, way, acid, bodyFactor, servedC));
        }
        ranked.sort(Comparator.comparing((Ranked r) -> !r.fits()).thenComparingDouble(Ranked::minutes));
        return ranked;
    }

    private static Ranked rank(
            Candidate candidate, SauceRoutes.Way way, boolean acid, double bodyFactor, double servedC) {
        double capacity = candidate.pot().shape().capacityMl();
        double share = fullestShare(way.cooked(), capacity);
        if (share > 1) {
            return new Ranked(
                    candidate,
                    Optional.of(new PotFinding.TooSmall(capacity, share * capacity)),
                    Double.POSITIVE_INFINITY,
                    share,
                    Double.NaN);
        }
        SauceRun.Cooked cooked = SauceRun.cookBriefly(way.stages(), candidate.pot(), bodyFactor, servedC);
        double minutes = cooked.stuck().isPresent() ? Double.POSITIVE_INFINITY : cooked.minutes();
        Optional<StageResult> main = way.main() < cooked.stages().size()
                ? Optional.of(cooked.stages().get(way.main()))
                : Optional.empty();
        double lowest = main.map(stage -> stage.end().levelMm()).orElse(Double.NaN);
        return new Ranked(candidate, why(candidate, cooked.stuck(), share, main, acid), minutes, share, lowest);
    }

    private static Optional<Finding> why(
            Candidate candidate,
            Optional<SauceRun.Stuck> stuck,
            double share,
            Optional<StageResult> main,
            boolean acid) {
        if (stuck.isPresent()) {
            return Optional.of(stuck.get().why());
        }
        if (share > Cautions.FULLEST_SHARE) {
            return Optional.of(new PotFinding.TooFull(share));
        }
        if (acid && candidate.material().reactive()) {
            return Optional.of(new PotFinding.Reactive(candidate.material()));
        }
        return main.flatMap(StageCautions::shallow).map(shallow -> new PotFinding.TooLow(shallow.levelMm()));
    }

    /** The share of a pot that a sauce, with what cooks in it, fills at the start of its fullest stage. */
    public static double fullestShare(SauceRun.Cooked cooked, double capacityMl) {
        double most = 0;
        for (StageResult stage : cooked.stages()) {
            most = Math.max(most, (stage.in().volumeMl20c() + stage.foodMl()) * SpecificVolume.expansion(HOT_C));
        }
        return most / capacityMl;
    }
}
