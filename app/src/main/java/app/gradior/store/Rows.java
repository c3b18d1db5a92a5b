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

    public record TokenRow(long id, long kitchenId, String label, String scope, LocalDateTime createdAt) {}

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
            boolean lid) {}

    public record BurnerRow(long id, long kitchenId, String name, String type, double netPowerW) {}

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
            LocalDateTime savedAt) {}

    public record CookedRow(long sauceId, LocalDateTime lastAt, long batches) {}

    public record LineRow(
            long sauceId,
            int version,
            int position,
            String text,
            @Nullable String foodId,
            @Nullable Double massG) {}

    public record FoodRow(long kitchenId, String foodId, String body, LocalDateTime changedAt) {}

    public record NameRow(long kitchenId, String words, String foodId) {}

    public record MeasureRow(long kitchenId, String word, double ml) {}

    public record JarRow(long id, long kitchenId, String name, double brimMl, double fillMl, int count) {}

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
            @Nullable Double logSd) {}

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
            String name,
            String plan,
            String state,
            LocalDateTime startedAt,
            @Nullable LocalDateTime finishedAt) {}

    public record LessonRow(
            long batchId,
            long kitchenId,
            @Nullable Long sauceId,
            String potName,
            String burnerName,
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
            int revision) {}

    public record PhotoRow(long id, long kitchenId, long batchId, LocalDateTime addedAt, byte[] image) {}

    public record EventRow(
            long id,
            long kitchenId,
            long batchId,
            String clientKey,
            LocalDateTime happenedAt,
            LocalDateTime recordedAt,
            String type,
            String body) {}
}
