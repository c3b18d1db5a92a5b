package app.gradior.room.plan;

import app.gradior.care.Storage;
import app.gradior.glaze.Brushing;
import app.gradior.larder.StarchKind;
import app.gradior.plan.Taste;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StagePlan;
import app.gradior.sauce.Portions;
import app.gradior.sauce.Use;
import java.time.LocalDateTime;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A plan as the cook has set it: everything that a plan's page asks, and nothing that follows from it. Kept as JSON with a saved
 * plan.
 *
 * @param version of the sauce; absent for its newest
 * @param by how it is made more or less
 * @param amount the factor, mL at 20 °C, guests, or grams there are, by {@code by}
 * @param line which line there is only so much of, from 0; only for {@link ScaleBy#INGREDIENT}
 * @param use whose portion a guest takes; absent for the sauce's own
 * @param burnerId 0 when not known
 * @param heats look and lid by place of the stage, where the plan differs from the sauce
 * @param wishMl yield wished, mL at 20 °C; absent to take it as it is written
 * @param starch which may help; absent for none
 * @param liquidRatio grams of cold liquid to a gram of starch
 * @param mostSaltPercent saltier is too salty
 * @param serveAt in the kitchen's own time; absent when it does not matter
 * @param nextDay whether it rests overnight because it is better the next day
 * @param movedMinutes how much earlier than it must the cook wants it ready
 * @param swaps lines written anew, by their place
 * @param otherPotId a pot to compare with; 0 for none
 * @param otherBurnerId the burner under it; 0 when not known
 * @param portions how much guests take and what is left; absent for the usual, and in older plans
 * @param mostSugarPercent sweeter is too sweet, g in 100 g; absent when nobody set it
 * @param mostAcidPercent sharper is too sharp, g of acids in 100 g; absent when nobody set it
 * @param brushing what it is brushed on; absent for nothing, and in older plans
 */
// Wide: all that a cook sets of a plan.
public record PlanDraft(
        long sauceId,
        @Nullable Integer version,
        ScaleBy by,
        double amount,
        int line,
        @Nullable Use use,
        long potId,
        long burnerId,
        Map<Integer, StagePlan.Heating> heats,
        double altitudeM,
        double targetStep,
        double servedC,
        @Nullable Double wishMl,
        @Nullable StarchKind starch,
        double liquidRatio,
        double mostSaltPercent,
        @Nullable LocalDateTime serveAt,
        Storage storage,
        boolean nextDay,
        int movedMinutes,
        Map<Integer, String> swaps,
        long otherPotId,
        long otherBurnerId,
        @Nullable Portions portions,
        @Nullable Double mostSugarPercent,
        @Nullable Double mostAcidPercent,
        @Nullable Brushing brushing) {
    /** Saltier than this most tongues call too salty, g in 100 g. */
    public static final double USUAL_MOST_SALT_PERCENT = Taste.SALT.usualMostPercent();

    public PlanDraft {
        heats = Map.copyOf(heats);
        swaps = Map.copyOf(swaps);
    }

    /** The ways to make more or less. */
    public enum ScaleBy {
        FACTOR,
        YIELD,
        GUESTS,
        INGREDIENT,
        /** As much as the food takes that it is brushed on. */
        FOOD;
    }

    /** A sauce as it is written, in that pot. */
    public static PlanDraft asWritten(
            SauceBook.Sauce sauce, long potId, long burnerId, double altitudeM, @Nullable StarchKind starch) {
        return new PlanDraft(
                sauce.id(),
                null,
                ScaleBy.FACTOR,
                1,
                0,
                null,
                potId,
                burnerId,
                Map.of(),
                altitudeM,
                sauce.draft().targetStep(),
                sauce.draft().servedC(),
                null,
                starch,
                1.5,
                USUAL_MOST_SALT_PERCENT,
                null,
                Storage.EAT_NOW,
                false,
                0,
                Map.of(),
                0,
                0,
                null,
                null,
                null,
                null);
    }

    /** How much guests take, and what is left on purpose. */
    public Portions portioned() {
        return portions == null ? Portions.USUAL : portions;
    }

    /** The same with another line in a line's place. */
    public PlanDraft swapped(int at, String newLine) {
        Map<Integer, String> more = new java.util.HashMap<>(swaps);
        more.put(at, newLine);
        return with(serveAt, movedMinutes, more);
    }

    /** The same, ready so much earlier than it must. */
    public PlanDraft moved(int minutes) {
        return with(serveAt, minutes, swaps);
    }

    /** The same served at another time. */
    public PlanDraft servedAt(LocalDateTime at) {
        return with(at, movedMinutes, swaps);
    }

    private PlanDraft with(@Nullable LocalDateTime newServeAt, int newMoved, Map<Integer, String> newSwaps) {
        return new PlanDraft(
                sauceId,
                version,
                by,
                amount,
                line,
                use,
                potId,
                burnerId,
                heats,
                altitudeM,
                targetStep,
                servedC,
                wishMl,
                starch,
                liquidRatio,
                mostSaltPercent,
                newServeAt,
                storage,
                nextDay,
                newMoved,
                newSwaps,
                otherPotId,
                otherBurnerId,
                portions,
                mostSugarPercent,
                mostAcidPercent,
                brushing);
    }
}
