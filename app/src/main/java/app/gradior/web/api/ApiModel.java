package app.gradior.web.api;

import app.gradior.batch.IngredientInput;
import app.gradior.finding.Fault;
import app.gradior.finding.Refusal;
import app.gradior.finding.Wrong;
import app.gradior.heat.Atmosphere;
import app.gradior.heat.LidState;
import app.gradior.heat.Look;
import app.gradior.measure.LineReading;
import app.gradior.measure.MeasureSystem;
import app.gradior.mixture.Mixture;
import app.gradior.room.house.Kitchen;
import app.gradior.room.larder.Lines;
import app.gradior.room.words.Told;
import app.gradior.sauce.Ingredients;
import app.gradior.sauce.Texture;
import app.gradior.simmer.BoiledDown;
import app.gradior.simmer.Heat;
import app.gradior.simmer.PotOnHeat;
import app.gradior.vessel.PotShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Shapes that several calls of the API share. */
public final class ApiModel {
    private static final int MOST_INGREDIENTS = 200;

    private ApiModel() {}

    /**
     * A mixture.
     *
     * @param evaporatedG mass already boiled off, g: water with the alcohol that goes with it
     * @param blended whether cut pieces are blended smooth, which frees their pulp
     * @param cookedMin minutes at a simmer, 0 for raw; cooked through when left out
     * @param measures what its lines are written in; the kitchen's own when left out
     */
    public record MixtureInput(
            @Nullable List<IngredientInput> ingredients,
            @Nullable Double evaporatedG,
            @Nullable Boolean blended,
            @Nullable Double cookedMin,
            @Nullable String measures) {
        private static final double MOST_COOKED_MIN = 1440;

        /** The ingredients as understood; faults are named under {@code path}. */
        Ingredients understood(Lines lines, Kitchen kitchen, String path) {
            List<List<LineReading>> readings = readings(lines, kitchen, path);
            notUnderstood(readings, path);
            return of(readings);
        }

        /** The readings of each ingredient, food by food; a line that names none has a reading without. */
        List<List<LineReading>> readings(Lines lines, Kitchen kitchen, String path) {
            if (ingredients == null || ingredients.isEmpty() || ingredients.size() > MOST_INGREDIENTS) {
                throw Refusal.unfit(
                        path + "ingredients", Told.of("api-model.to-ingredients-expected", MOST_INGREDIENTS));
            }
            Kitchen written = system(path, measures).map(kitchen::measuring).orElse(kitchen);
            List<List<LineReading>> readings = new ArrayList<>();
            for (int i = 0; i < ingredients.size(); i++) {
                readings.add(lines.readings(written, ingredients.get(i), path + "ingredients[" + i + "]"));
            }
            return readings;
        }

        /**
         * That every line named a food.
         *
         * @throws Refusal with all that did not
         */
        static void notUnderstood(List<List<LineReading>> readings, String path) {
            List<Fault> faults = new ArrayList<>();
            for (int i = 0; i < readings.size(); i++) {
                for (LineReading reading : readings.get(i)) {
                    if (!reading.usable()) {
                        faults.add(new Fault(path + "ingredients[" + i + "].line", Lines.noFood(reading.text())));
                    }
                }
            }
            if (!faults.isEmpty()) {
                throw new Refusal(Refusal.Kind.UNFIT, faults);
            }
        }

        /** What of them goes into a pot. */
        Ingredients of(List<List<LineReading>> readings) {
            return new Ingredients(
                    readings.stream()
                            .flatMap(List::stream)
                            .filter(LineReading::usable)
                            .toList(),
                    Boolean.TRUE.equals(blended) ? Texture.SMOOTH : Texture.CHUNKY);
        }

        /** The measures of that key; empty when none is given. */
        static Optional<MeasureSystem> system(String path, @Nullable String key) {
            if (key == null) {
                return Optional.empty();
            }
            for (MeasureSystem system : MeasureSystem.values()) {
                if (system.name().toLowerCase(Locale.ROOT).equals(key)) {
                    return Optional.of(system);
                }
            }
            throw Refusal.unfit(
                    path + "measures",
                    Wrong.Key.of(
                            "measures",
                            key,
                            MeasureSystem.values(),
                            system -> system.name().toLowerCase(Locale.ROOT)));
        }

        double evaporated(String path) {
            return evaporatedG == null ? 0 : Refusal.inRange(path + "evaporatedG", evaporatedG, 0, 1e6, " g");
        }

        /** The mixture with what has evaporated gone. */
        Mixture mixture(Ingredients understood, String path) {
            Mixture all = understood.mixture();
            if (!(all.massG() > 0)) {
                throw Refusal.unfit(
                        path + "ingredients", Told.of("api-model.these-ingredients-weigh-nothing-give-amounts"));
            }
            return BoiledDown.evaporated(cooked(all, path), evaporated(path));
        }

        private Mixture cooked(Mixture all, String path) {
            if (cookedMin == null) {
                return all.cookedThrough();
            }
            double minutes = Refusal.inRange(path + "cookedMin", cookedMin, 0, MOST_COOKED_MIN, " min");
            return minutes > 0 ? all.cookedFor(minutes).cooked() : all;
        }
    }

    /**
     * A pot's inside.
     *
     * @param shape round when left out, rectangular, oval or bowl
     * @param burners how many it stands across, 1 when left out
     */
    public record PotInput(
            @Nullable String shape,
            @Nullable Double topDiameterMm,
            @Nullable Double baseDiameterMm,
            @Nullable Double floorDiameterMm,
            @Nullable Double topLengthMm,
            @Nullable Double topWidthMm,
            @Nullable Double baseLengthMm,
            @Nullable Double baseWidthMm,
            @Nullable Double heightMm,
            @Nullable Double cornerMm,
            @Nullable Integer burners) {
        PotShape measured() {
            PotShape.Outline outline = shape == null
                    ? PotShape.Outline.ROUND
                    : Refusal.checked("pot.shape", () -> PotShape.Outline.ofKey(shape));
            return Refusal.checked("pot", () -> of(outline));
        }

        private PotShape of(PotShape.Outline outline) {
            double height = need("pot.heightMm", heightMm);
            double corner = cornerMm == null ? 0 : cornerMm;
            int across = burners == null ? 1 : burners;
            return switch (outline) {
                case ROUND ->
                    new PotShape(
                                    need("pot.topDiameterMm", topDiameterMm),
                                    need("pot.baseDiameterMm", baseDiameterMm),
                                    height,
                                    corner)
                            .across(across);
                case BOWL ->
                    PotShape.bowl(
                                    need("pot.topDiameterMm", topDiameterMm),
                                    need("pot.floorDiameterMm", floorDiameterMm),
                                    height)
                            .across(across);
                case RECTANGULAR, OVAL ->
                    new PotShape(
                            outline,
                            need("pot.topLengthMm", topLengthMm),
                            need("pot.topWidthMm", topWidthMm),
                            need("pot.baseLengthMm", baseLengthMm),
                            need("pot.baseWidthMm", baseWidthMm),
                            height,
                            corner,
                            across);
            };
        }
    }

    /** How a pot is set. */
    static Heat heat(@Nullable String look, @Nullable String lid) {
        return new Heat(
                Refusal.checked("look", () -> Look.ofKey(needed("look", look))),
                Refusal.checked("lid", () -> LidState.ofKey(needed("lid", lid))));
    }

    /** The altitude asked for, or the kitchen's. */
    static double altitude(@Nullable Double altitudeM, Kitchen kitchen) {
        return altitudeM == null
                ? kitchen.altitudeM()
                : Refusal.inRange("altitudeM", altitudeM, Atmosphere.LOWEST_M, Atmosphere.HIGHEST_M, " m");
    }

    /** A pot on its burner; an unknown pair is 1, an unknown power without limit. */
    static PotOnHeat potOnHeat(
            @Nullable PotInput pot,
            @Nullable Double altitudeM,
            @Nullable Double pairFactor,
            @Nullable Double burnerNetW,
            Kitchen kitchen) {
        double pair = pairFactor == null ? 1 : Refusal.inRange("pairFactor", pairFactor, 0.05, 20, "");
        double power = burnerNetW == null
                ? Double.POSITIVE_INFINITY
                : Refusal.inRange("burnerNetW", burnerNetW, 50, 20_000, " W");
        PotShape shape = needed("pot", pot).measured();
        return new PotOnHeat(shape, altitude(altitudeM, kitchen), pair, shape.heatFrom(power));
    }

    static double need(String field, @Nullable Double value) {
        if (value == null) {
            throw Refusal.unfit(field, Told.of("api-model.is-missing", field));
        }
        return value;
    }

    static <T> T needed(String field, @Nullable T value) {
        if (value == null) {
            throw Refusal.unfit(field, Told.of("api-model.is-missing", field));
        }
        return value;
    }
}
