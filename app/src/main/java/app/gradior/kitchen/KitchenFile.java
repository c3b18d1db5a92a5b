package app.gradior.kitchen;

import app.gradior.store.Rows.BurnerRow;
import app.gradior.store.Rows.ContainerRow;
import app.gradior.store.Rows.FoodRow;
import app.gradior.store.Rows.JarRow;
import app.gradior.store.Rows.LineRow;
import app.gradior.store.Rows.MeasureRow;
import app.gradior.store.Rows.NameRow;
import app.gradior.store.Rows.PhotoRow;
import app.gradior.store.Rows.PotRow;
import app.gradior.store.Rows.SauceRow;
import app.gradior.store.Rows.WaterTestRow;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A whole kitchen as one JSON file. Things are named by their places in its lists, from 0, so that the file of a kitchen that
 * was read in is the same as the one it was read from, byte by byte. Accounts and tokens stay outside.
 */
final class KitchenFile {
    static final String FORMAT = "gradior.kitchen";
    static final int VERSION = 1;
    /** Fields of a plan that name pots. */
    static final List<String> PLAN_POTS = List.of("potId", "otherPotId");
    /** Fields of a plan that name burners. */
    static final List<String> PLAN_BURNERS = List.of("burnerId", "otherBurnerId");

    private KitchenFile() {}

    /** A version of a sauce, with its lines. */
    record Version(SauceRow version, List<LineRow> lines) {}

    /** A sauce with all its versions, the first first. */
    record SauceOut(List<Version> versions) {}

    /** An event as it was kept. */
    record EventOut(String clientKey, LocalDateTime at, LocalDateTime recordedAt, String type, JsonNode body) {}

    /**
     * A batch.
     *
     * @param sauce its place among the sauces; absent for none
     * @param counted whether what it taught counts
     * @param photos JPEG
     */
    record BatchOut(
            @Nullable Integer sauce,
            @Nullable Integer version,
            String name,
            JsonNode plan,
            String state,
            LocalDateTime startedAt,
            @Nullable LocalDateTime finishedAt,
            boolean counted,
            List<EventOut> events,
            List<ContainerRow> containers,
            List<PhotoRow> photos) {}

    /** A kept plan; pots, burners, sauce and batch by their places. */
    record PlanOut(
            int sauce,
            String name,
            JsonNode draft,
            @Nullable LocalDateTime serveAt,
            JsonNode ticks,
            @Nullable Integer batch,
            LocalDateTime savedAt) {}

    /** The file. */
    record Whole(
            String format,
            int formatVersion,
            List<PotRow> pots,
            List<BurnerRow> burners,
            List<JarRow> jars,
            List<WaterTestRow> waterTests,
            List<FoodRow> foods,
            List<NameRow> names,
            List<MeasureRow> measures,
            List<SauceOut> sauces,
            List<BatchOut> batches,
            List<PlanOut> plans) {}
}
