package app.gradior.room.plan;

import app.gradior.care.Caution;
import app.gradior.care.ShelfLife;
import app.gradior.course.StageResult;
import app.gradior.estimate.Prior;
import app.gradior.estimate.StageBands;
import app.gradior.measure.LineReading;
import app.gradior.plan.PotRanking;
import app.gradior.plan.Routes;
import app.gradior.plan.SauceRoutes;
import app.gradior.plan.Thickening;
import app.gradior.plan.Wish;
import app.gradior.room.book.SauceBook;
import app.gradior.room.book.StagePlan;
import app.gradior.room.kit.KitBurner;
import app.gradior.room.kit.KitchenKit;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.StageKind;
import app.gradior.sauce.StageName;
import app.gradior.simmer.PotOnHeat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What comes of a plan.
 *
 * @param done present when there is a way
 * @param noWay present when there is none
 * @param pots all pots of the kit, those that fit first; empty when nothing can be said of them
 * @param cautions that hold for the whole of it
 */
public record PlanAnswer(
        Setting setting,
        Optional<Done> done,
        Optional<SauceRoutes.NoWay> noWay,
        List<PotRanking.Ranked> pots,
        List<Caution> cautions) {
    public PlanAnswer {
        pots = List.copyOf(pots);
        cautions = List.copyOf(cautions);
    }

    /**
     * A plan with all it names looked up.
     *
     * @param readings the sauce's lines as understood, as written but for the plan's swaps, not scaled
     * @param factor on every line
     * @param pairKnown whether anything was measured of the burner-and-pot pair
     * @param prior what water tests and batches taught of the pair and the sauce
     */
    public record Setting(
            PlanDraft draft,
            SauceBook.Sauce sauce,
            List<LineReading> readings,
            double factor,
            KitchenKit.KitPot pot,
            Optional<KitBurner> burner,
            PotOnHeat onHeat,
            boolean pairKnown,
            Prior prior,
            StagePlan.Laid laid,
            Thickening.Mix mix) {
        public Setting {
            readings = List.copyOf(readings);
        }

        /** The lines together, as written. */
        public Ingredients ingredients() {
            return new Ingredients(readings, sauce.draft().texture());
        }

        /** The stages that a plan goes through, by the names the cook gave them. */
        public List<StageName> names(SauceRoutes.Way way) {
            List<StageName> names = new ArrayList<>();
            for (int i = 0; i < way.stages().size(); i++) {
                int origin = way.origins().get(i);
                String title = origin < 0 ? "" : PieceTitle.of(laid().drafts().get(origin), readings);
                StageKind kind = way.stages().get(i).kind();
                names.add(StageName.of(title, kind));
            }
            return names;
        }
    }

    /**
     * A way and all about it.
     *
     * @param wantedMl yield wished or asked for; empty as it comes
     * @param reduceMinutes minutes left for reducing before it is served; empty without a serving time
     * @param times of one, two and three times as much
     * @param other the pot laid beside it
     * @param stageCautions a list for each stage of the way
     */
    public record Done(
            SauceRoutes.Ways ways,
            Wish.Answer wish,
            OptionalDouble wantedMl,
            OptionalDouble reduceMinutes,
            SauceRoutes.Way way,
            StageBands.Bands bands,
            List<Times> times,
            Optional<Other> other,
            ShelfLife shelfLife,
            List<List<Caution>> stageCautions) {
        public Done {
            times = List.copyOf(times);
            stageCautions = List.copyOf(stageCautions);
        }

        /** The last stage: the sauce as it is done. */
        public StageResult last() {
            List<StageResult> stages = way.cooked().stages();
            return stages.get(stages.size() - 1);
        }

        /** The main reduction. */
        public StageResult main() {
            return way.cooked().stages().get(way.main());
        }
    }

    /**
     * So many times as much.
     *
     * @param minutes in this pot; NaN when it does not go
     * @param fullestShare of this pot
     * @param minutesInTwo half in this pot and half in a second one; NaN when it does not go
     * @param secondPot which
     */
    public record Times(int times, double minutes, double fullestShare, double minutesInTwo, String secondPot) {}

    /**
     * The same sauce in another pot.
     *
     * @param points its ways; empty when there are none
     * @param minutes of reducing for the same yield; NaN when out of reach
     */
    public record Other(String name, List<Routes.Point> points, double minutes) {
        public Other {
            points = List.copyOf(points);
        }
    }
}
