package app.gradior.room.exchange;

import app.gradior.measure.MeasureSystem;
import app.gradior.room.batch.BatchPhoto;
import app.gradior.room.book.SaucesAsKept;
import app.gradior.room.house.Kitchen;
import app.gradior.room.shelf.ShelfContainer;
import app.gradior.room.words.Language;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A whole kitchen as one JSON file. Things are named by their places in its lists, from 0, so that the file of a kitchen that
 * was read in is the same as the one it was read from, byte by byte. Accounts and tokens stay outside.
 */
public final class KitchenFile {
    static final String FORMAT = "gradior.kitchen";
    /**
     * Version 1 had no section of the kitchen itself, and up to 2 lines of batches were read anew; both are still read, and what
     * they recorded is understood once, when they are. Up to 3 batches named pot and burner by their names, and nothing was put away. Up
     * to 4 a look meant less water, so that water tests say less of their pair now.
     */
    static final int VERSION = 5;

    /** Fields of a plan that name pots. */
    static final List<String> PLAN_POTS = List.of("potId", "otherPotId");
    /** Fields of a plan that name burners. */
    static final List<String> PLAN_BURNERS = List.of("burnerId", "otherBurnerId");

    private KitchenFile() {}

    /** The kitchen itself. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record KitchenOut(
            String name,
            MeasureSystem measures,
            boolean fahrenheit,
            @Nullable Boolean ounces,
            double altitudeM,
            String timeZone,
            @Nullable String language) {
        static KitchenOut of(Kitchen kitchen) {
            return new KitchenOut(
                    kitchen.name(),
                    kitchen.measures(),
                    kitchen.fahrenheit(),
                    kitchen.ounces(),
                    kitchen.altitudeM(),
                    kitchen.zone().getId(),
                    kitchen.language().map(Language::tag).orElse(null));
        }

        /** Older files do not say: then the old measures weigh in ounces. */
        boolean weighsInOunces() {
            return ounces == null ? measures == MeasureSystem.IMPERIAL : ounces;
        }
    }

    /** A sauce with all its versions, the first first. */
    record SauceOut(List<SaucesAsKept.Version> versions) {}

    /** A food as it was when something of it was recorded. */
    record SnapshotOut(String hash, JsonNode food) {}

    /**
     * An event as it was kept.
     *
     * @param understood absent when it put nothing in
     * @param by name of who or what recorded it; absent when nobody knows
     */
    record EventOut(
            String clientKey,
            LocalDateTime at,
            LocalDateTime recordedAt,
            String type,
            JsonNode body,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            JsonNode understood,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            String by) {}

    /**
     * A batch.
     *
     * @param sauce its place among the sauces; absent for none
     * @param pot its place among the pots; absent for none
     * @param burner its place among the burners; absent for none
     * @param counted whether what it taught counts
     * @param photos JPEG
     */
    // Wide: as the file has it.
    record BatchOut(
            @Nullable Integer sauce,
            @Nullable Integer version,
            @Nullable Integer pot,
            @Nullable Integer burner,
            String name,
            JsonNode plan,
            String state,
            LocalDateTime startedAt,
            @Nullable LocalDateTime finishedAt,
            boolean counted,
            List<EventOut> events,
            List<ShelfContainer> containers,
            List<BatchPhoto> photos) {}

    /** A kept plan; pots, burners, sauce and batch by their places. */
    record PlanOut(
            int sauce,
            String name,
            JsonNode draft,
            @Nullable LocalDateTime serveAt,
            JsonNode ticks,
            @Nullable Integer batch,
            LocalDateTime savedAt) {}
}
