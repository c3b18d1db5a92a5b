package app.gradior.store;

import java.time.LocalDate;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/** Rows as the tables hold them. Times are UTC. */
public final class Rows {
    private Rows() {}

    public record KitchenRow(
            long id,
            String name,
            String measures,
            boolean fahrenheit,
            double altitudeM,
            String timeZone,
            boolean demo) {}

    public record AccountRow(long id, long kitchenId, String login, String passwordHash) {}

    public record TokenRow(
            long id,
            long kitchenId,
            String label,
            String scope,
            LocalDateTime createdAt,
            LocalDateTime expiresAt,
            @Nullable LocalDateTime lastUsedAt) {}

    public record PotRow(
            long id,
            long kitchenId,
            String name,
            double topDiameterMm,
            double baseDiameterMm,
            double heightMm,
            double cornerMm,
            double emptyG,
            String material,
            boolean lid,
            boolean retired,
            int revision) {
        /** The same, new in a kitchen. */
        public PotRow in(long kitchen) {
            return new PotRow(
                    0,
                    kitchen,
                    name,
                    topDiameterMm,
                    baseDiameterMm,
                    heightMm,
                    cornerMm,
                    emptyG,
                    material,
                    lid,
                    retired,
                    0);
        }
    }

    public record BurnerRow(
            long id, long kitchenId, String name, String type, double netPowerW, boolean retired, int revision) {
        /** The same, new in a kitchen. */
        public BurnerRow in(long kitchen) {
            return new BurnerRow(0, kitchen, name, type, netPowerW, retired, 0);
        }
    }

    public record SauceRow(
            long id,
            long kitchenId,
            int version,
            String name,
            String texture,
            double targetStep,
            double servedC,
            String useOf,
            @Nullable Double yieldMl,
            String tags,
            String stages,
            String schools,
            String notes,
            LocalDateTime savedAt) {
        /** The same of another sauce and kitchen. */
        public SauceRow of(long newId, long kitchen) {
            return new SauceRow(
                    newId,
                    kitchen,
                    version,
                    name,
                    texture,
                    targetStep,
                    servedC,
                    useOf,
                    yieldMl,
                    tags,
                    stages,
                    schools,
                    notes,
                    savedAt);
        }
    }

    public record CookedRow(long sauceId, LocalDateTime lastAt, long batches) {}

    public record LineRow(
            long sauceId,
            int version,
            int position,
            String text,
            @Nullable String foodId,
            @Nullable Double massG) {
        /** The same of another sauce and version. */
        public LineRow of(long sauce, int newVersion) {
            return new LineRow(sauce, newVersion, position, text, foodId, massG);
        }
    }

    public record FoodRow(long kitchenId, String foodId, String body, LocalDateTime changedAt) {
        /** The same in a kitchen. */
        public FoodRow in(long kitchen) {
            return new FoodRow(kitchen, foodId, body, changedAt);
        }
    }

    public record NameRow(long kitchenId, String words, String foodId) {
        /** The same in a kitchen. */
        public NameRow in(long kitchen) {
            return new NameRow(kitchen, words, foodId);
        }
    }

    public record MeasureRow(long kitchenId, String word, double ml) {
        /** The same in a kitchen. */
        public MeasureRow in(long kitchen) {
            return new MeasureRow(kitchen, word, ml);
        }
    }

    public record JarRow(long id, long kitchenId, String name, double brimMl, double fillMl, int count, int revision) {
        /** The same, new in a kitchen. */
        public JarRow in(long kitchen) {
            return new JarRow(0, kitchen, name, brimMl, fillMl, count, 0);
        }
    }

    public record WaterTestRow(
            long id,
            long kitchenId,
            long potId,
            long burnerId,
            LocalDateTime startedAt,
            double startG,
            String look,
            @Nullable Double endG,
            @Nullable Double minutes,
            @Nullable Double pairFactor,
            @Nullable Double logSd) {
        /** The same of another kitchen, pot and burner. */
        public WaterTestRow of(long newId, long kitchen, long pot, long burner) {
            return new WaterTestRow(
                    newId, kitchen, pot, burner, startedAt, startG, look, endG, minutes, pairFactor, logSd);
        }
    }

    public record PlanRow(
            long id,
            long kitchenId,
            long sauceId,
            String name,
            int revision,
            String draft,
            @Nullable LocalDateTime serveAt,
            String ticks,
            @Nullable Long batchId,
            LocalDateTime savedAt) {}

    public record BatchRow(
            long id,
            long kitchenId,
            @Nullable Long sauceId,
            @Nullable Integer sauceVersion,
            @Nullable Long potId,
            @Nullable Long burnerId,
            String name,
            String plan,
            String state,
            LocalDateTime startedAt,
            @Nullable LocalDateTime finishedAt) {}

    public record LessonRow(
            long batchId,
            long kitchenId,
            @Nullable Long sauceId,
            @Nullable Long potId,
            @Nullable Long burnerId,
            LocalDateTime finishedAt,
            double pairLog,
            double pairPrecision,
            double bodyLog,
            double bodyPrecision,
            double tookMin,
            @Nullable Double foretoldMin,
            @Nullable Double foretoldLowMin,
            @Nullable Double foretoldHighMin,
            @Nullable Double unlearntMin,
            boolean counted) {}

    /** Summaries of a batch for the log. */
    public record SummaryRow(
            long id,
            long kitchenId,
            @Nullable Long sauceId,
            String name,
            String state,
            LocalDateTime startedAt,
            String potName,
            @Nullable Double minutes,
            @Nullable Double yieldMl,
            @Nullable Double stepCold,
            @Nullable Integer rating) {}

    public record ContainerRow(
            long id,
            long kitchenId,
            long batchId,
            String name,
            double ml,
            String place,
            LocalDate packedOn,
            LocalDate useBy,
            String reason,
            String state,
            @Nullable LocalDate stateOn,
            String why,
            int revision) {
        /** The same with another date. */
        public ContainerRow dated(LocalDate date, String reasonFor) {
            return new ContainerRow(
                    id, kitchenId, batchId, name, ml, place, packedOn, date, reasonFor, state, stateOn, why, revision);
        }

        /** The same in another state. */
        public ContainerRow marked(String newState, LocalDate on, String reasonWhy) {
            return new ContainerRow(
                    id, kitchenId, batchId, name, ml, place, packedOn, useBy, reason, newState, on, reasonWhy,
                    revision);
        }

        /** The same, new of a batch. */
        public ContainerRow of(long kitchen, long batch) {
            return new ContainerRow(
                    0, kitchen, batch, name, ml, place, packedOn, useBy, reason, state, stateOn, why, 0);
        }
    }

    /** A container that is not empty yet, with what is in it. */
    public record KeptRow(
            long id,
            long kitchenId,
            long batchId,
            String sauce,
            String name,
            double ml,
            String place,
            LocalDate useBy,
            String reason,
            String state) {}

    public record PhotoRow(long id, long kitchenId, long batchId, LocalDateTime addedAt, byte[] image) {}

    public record EventRow(
            long id,
            long kitchenId,
            long batchId,
            String clientKey,
            LocalDateTime happenedAt,
            LocalDateTime recordedAt,
            String type,
            String body,
            @Nullable String understood) {}
}
