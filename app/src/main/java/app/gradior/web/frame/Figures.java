package app.gradior.web.frame;

import app.gradior.estimate.Band;
import app.gradior.larder.Food;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import app.gradior.room.house.Kitchen;
import app.gradior.room.words.Language;
import app.gradior.room.words.Units;
import app.gradior.room.words.Words;
import app.gradior.texture.Stair;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** The one writer of figures for pages: a kitchen's measures, temperatures and times. */
public record Figures(Kitchen kitchen) implements Units {
    private static final double G_PER_OZ = 28.3495;
    /** Up to so many tablespoons a cook measures by spoons. */
    private static final double SPOONS_UP_TO = 3.1;

    /** Less than so much of a teaspoon is a pinch; kitchen teaching. */
    private static final double LEAST_SPOON = 0.2;

    /** A home scale shows no less in ounces that a cook would weigh by. */
    private static final double LEAST_OZ = 1;

    private static final double OZ_PER_LB = 16;
    /** Less than so much of a cup is spooned. */
    private static final double QUARTERS = 4;
    /** What is written as one. */
    private static final double ONE = 1.02;

    private static final double LEAST_CUP = 0.235;

    /** How the readers of each language write times and days. */
    private record Dates(DateTimeFormatter time, DateTimeFormatter weekday, DateTimeFormatter day) {
        private static final Dates BRITISH = of("HH:mm", "EEE d MMM", "d MMM yyyy");
        private static final Dates AMERICAN = of("h:mm a", "EEE, MMM d", "MMM d, yyyy");

        private static Dates of(String time, String weekday, String day) {
            return new Dates(
                    DateTimeFormatter.ofPattern(time, Locale.ENGLISH),
                    DateTimeFormatter.ofPattern(weekday, Locale.ENGLISH),
                    DateTimeFormatter.ofPattern(day, Locale.ENGLISH));
        }

        static Dates now() {
            return switch (Language.now()) {
                case ENGLISH -> BRITISH;
                case AMERICAN -> AMERICAN;
            };
        }
    }

    /** Grams, or ounces and pounds where the kitchen weighs in them; less than an ounce is grams everywhere. */
    public String mass(double grams) {
        double oz = grams / G_PER_OZ;
        if (kitchen.ounces() && oz >= LEAST_OZ) {
            return ounces(oz);
        }
        return grams >= 1000 ? Numbers.plain(grams / 1000, 2) + " kg" : Numbers.plain(grams, grams < 10 ? 1 : 0) + " g";
    }

    /** "3½ oz", "2 lb 5 oz": pounds to half an ounce, as kitchen scales show them. */
    private static String ounces(double oz) {
        double halves = Math.round(2 * oz) / 2.0;
        if (halves < OZ_PER_LB) {
            return Numbers.cooks(oz) + " oz";
        }
        double rest = halves % OZ_PER_LB;
        String pounds = Numbers.plain(Math.floor(halves / OZ_PER_LB), 0) + " lb";
        return rest > 0 ? pounds + " " + Numbers.cooks(rest) + " oz" : pounds;
    }

    /** So much of a food as this kitchen takes it: cups and spoons in America, else by weight. */
    public String amount(Food food, double grams) {
        String measure = byMeasure() ? measure(food, grams) : "";
        return measure.isEmpty() ? mass(grams) : measure;
    }

    /** The same in the other way, to stand beside {@link #amount}; may be empty. */
    public String beside(Food food, double grams) {
        String measure = measure(food, grams);
        return byMeasure() && !measure.isEmpty() ? mass(grams) : measure;
    }

    private boolean byMeasure() {
        return kitchen.measures() == MeasureSystem.US && !kitchen.ounces();
    }

    /** A volume in the kitchen's measures, rounded as cooks do. */
    @Override
    public String volume(double ml) {
        return volumeFigure(ml) + " " + volumeUnit(ml);
    }

    public String volumeFigure(double ml) {
        VolumeUnit unit = unit(ml);
        return switch (unit.name()) {
            case "L" -> Numbers.plain(ml / 1000, 2);
            case "mL" -> Numbers.plain(5 * Math.round(ml / 5), 0);
            default -> Numbers.cooks(ml / unit.ml());
        };
    }

    public String volumeUnit(double ml) {
        return unit(ml).name();
    }

    private record VolumeUnit(String name, double ml) {}

    /** The unit that a cook of this kitchen takes for so much. */
    private VolumeUnit unit(double ml) {
        MeasureSystem m = kitchen.measures();
        if (m == MeasureSystem.US || m == MeasureSystem.IMPERIAL) {
            boolean us = m == MeasureSystem.US;
            double large = us ? m.cupMl() : m.fluidOunceMl();
            if (ml >= (us ? LEAST_CUP : 1) * large || ml <= 0) {
                return new VolumeUnit(
                        Words.text(!us ? "figures.fluid-ounces" : ml > ONE * large ? "figures.cups" : "figures.cup"),
                        large);
            }
            return ml >= 0.95 * m.tablespoonMl()
                    ? new VolumeUnit("tbsp", m.tablespoonMl())
                    : new VolumeUnit("tsp", m.teaspoonMl());
        }
        return ml >= 2000 ? new VolumeUnit("L", 1000) : new VolumeUnit("mL", 1);
    }

    /** What a field of a form holds for a volume: in the unit of {@link #volumeFieldUnit}, exact enough to come back. */
    public String volumeField(double ml) {
        double perUnit = mlPerUnit();
        return Numbers.plain(ml / perUnit, perUnit > 1 ? 3 : 1).replace(",", "");
    }

    public String volumeFieldUnit() {
        return kitchen.measures() == MeasureSystem.US
                ? Words.text("figures.cups")
                : kitchen.measures() == MeasureSystem.IMPERIAL ? Words.text("figures.fluid-ounces") : "mL";
    }

    /** The volume that a field of a form says, mL; NaN when it is no number. */
    public double millilitres(String field) {
        return Numbers.parse(field).orElse(Double.NaN) * mlPerUnit();
    }

    /** mL of the unit that this kitchen writes volumes in. */
    public double mlPerUnit() {
        return kitchen.measures() == MeasureSystem.US
                ? kitchen.measures().cupMl()
                : kitchen.measures() == MeasureSystem.IMPERIAL
                        ? kitchen.measures().fluidOunceMl()
                        : 1;
    }

    /** A tablespoon as this kitchen has it, mL. */
    public double tablespoonMl() {
        return kitchen.measures().tablespoonMl();
    }

    /** So much of a food as a cook measures it without a scale; empty when the scale is the only good way. */
    public String measure(Food food, double grams) {
        double ml = grams / food.densityGPerMl();
        MeasureSystem m = kitchen.measures();
        if (ml < SPOONS_UP_TO * m.tablespoonMl()) {
            double spoons = ml / m.teaspoonMl();
            return spoons < LEAST_SPOON
                    ? Words.text("figures.a-pinch")
                    : spoons < 3 ? Numbers.cooks(spoons) + " tsp" : Numbers.cooks(ml / m.tablespoonMl()) + " tbsp";
        }
        if (food.pourable()) {
            return m == MeasureSystem.US ? cupsAndSpoons(ml) : volume(ml);
        }
        return food.measure("piece")
                .map(piece -> grams / piece.massG())
                .filter(pieces -> pieces >= 0.5 && pieces <= 30)
                .map(pieces -> Words.text("figures.about", Numbers.cooks(Math.max(0.5, Math.round(2 * pieces) / 2.0))))
                .orElse(m == MeasureSystem.US ? cupsAndSpoons(ml) : "");
    }

    /** So much as cups and spoons hold it: "¾ cup + 1½ tbsp"; a cup to a third or a quarter, spoons to a half. */
    private String cupsAndSpoons(double ml) {
        MeasureSystem m = kitchen.measures();
        String cups = volumeFigure(ml);
        if (!cups.contains(".")) {
            return volume(ml);
        }
        double quarters = Math.floor(QUARTERS * ml / m.cupMl()) / QUARTERS;
        double spoons = Math.round(2 * (ml - quarters * m.cupMl()) / m.tablespoonMl()) / 2.0;
        String whole = volume(quarters * m.cupMl());
        return spoons > 0 ? whole + " + " + Numbers.cooks(spoons) + " tbsp" : whole;
    }

    @Override
    public String temp(double tempC) {
        return degrees(tempC) + (kitchen.fahrenheit() ? " °F" : " °C");
    }

    /** A temperature in the kitchen's degrees, without their name: what a field of a form holds. */
    public String degrees(double tempC) {
        return Numbers.plain(kitchen.fahrenheit() ? tempC * 9 / 5 + 32 : tempC, 0);
    }

    /** The temperature that a field of a form says, °C; NaN when it is no number. */
    public double celsius(String degrees) {
        double value = Numbers.parse(degrees).orElse(Double.NaN);
        return kitchen.fahrenheit() ? (value - 32) * 5 / 9 : value;
    }

    public String step(double step) {
        return Numbers.fixed(Math.max(1, Math.min(9, step)), 1);
    }

    /** A step and what it is called. */
    public String stepWords(double step) {
        return step(step) + " " + Words.say(Stair.Tread.of(step));
    }

    public String plain(double value, int decimals) {
        return Numbers.plain(value, decimals);
    }

    /** "0.3 step thicker"; empty for less than is worth saying. */
    public static String stepChange(double change) {
        return Math.abs(change) < 0.05
                ? ""
                : Words.text(
                        "figures.step",
                        Numbers.fixed(Math.abs(change), 1),
                        (change > 0 ? Words.text("figures.thicker") : Words.text("figures.thinner")));
    }

    /** How far off, with its sign: "+5 %", "−13 %", "0 %". */
    public static String offPercent(double percent) {
        String sign = percent >= 0.5 ? "+" : percent <= -0.5 ? "−" : "";
        return sign + Numbers.plain(Math.abs(percent), 0) + " %";
    }

    public String minutes(double minutes) {
        if (minutes >= 120) {
            long whole = Math.round(minutes);
            return whole / 60 + " h " + whole % 60 + " min";
        }
        return Numbers.plain(minutes, 0) + " min";
    }

    public String minutesBand(Band band, boolean open) {
        boolean hours = band.high() >= 120 && !open;
        long least = (long) Math.floor(band.low());
        String low = hours && least >= 60 ? least / 60 + " h " + least % 60 + " min" : Numbers.plain(least, 0);
        low += hours && least < 60 ? " min" : "";
        return Words.text(
                "figures.to", low, (open ? Words.text("figures.no-end-in-sight") : minutes(Math.ceil(band.high()))));
    }

    public String volumeBand(Band band) {
        boolean same = volumeUnit(band.low()).equals(volumeUnit(band.high()));
        return Words.text("figures.to", same ? volumeFigure(band.low()) : volume(band.low()), volume(band.high()));
    }

    public String time(Instant at) {
        return Dates.now().time().format(at.atZone(kitchen.zone()));
    }

    public String time(LocalDateTime at) {
        return Dates.now().time().format(at);
    }

    /** A day by its name, "Sat 19 Dec". */
    public String weekday(LocalDateTime at) {
        return Dates.now().weekday().format(at);
    }

    public String day(Instant at) {
        return Dates.now().day().format(at.atZone(kitchen.zone()));
    }

    public String day(LocalDate date) {
        return Dates.now().day().format(date);
    }

    public String dayAndTime(Instant at) {
        return day(at) + ", " + time(at);
    }

    public String ago(Instant at, Instant now) {
        long minutes = Math.max(0, Duration.between(at, now).toMinutes());
        return minutes < 1
                ? Words.text("figures.just-now")
                : minutes < 120 ? Words.text("figures.min-ago", minutes) : Words.text("figures.h-ago", minutes / 60);
    }
}
