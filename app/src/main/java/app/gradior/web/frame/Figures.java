package app.gradior.web.frame;

import app.gradior.estimate.Band;
import app.gradior.kitchen.Kitchen;
import app.gradior.measure.MeasureSystem;
import app.gradior.measure.Numbers;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** The one writer of figures for pages: a kitchen's measures, temperatures and times. */
public record Figures(Kitchen kitchen) {
    private static final double G_PER_OZ = 28.3495;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private boolean ounces() {
        return kitchen.measures() == MeasureSystem.US || kitchen.measures() == MeasureSystem.IMPERIAL;
    }

    /** Grams, or ounces beside them. */
    public String mass(double grams) {
        if (ounces()) {
            return Numbers.cooks(grams / G_PER_OZ) + " oz";
        }
        return grams >= 1000 ? Numbers.plain(grams / 1000, 2) + " kg" : Numbers.plain(grams, grams < 10 ? 1 : 0) + " g";
    }

    /** A volume in the kitchen's measures, rounded as cooks do. */
    public String volume(double ml) {
        return volumeFigure(ml) + " " + volumeUnit(ml);
    }

    public String volumeFigure(double ml) {
        if (kitchen.measures() == MeasureSystem.US) {
            return Numbers.cooks(ml / kitchen.measures().cupMl());
        }
        if (kitchen.measures() == MeasureSystem.IMPERIAL) {
            return Numbers.cooks(ml / kitchen.measures().fluidOunceMl());
        }
        return ml >= 2000 ? Numbers.plain(ml / 1000, 2) : Numbers.plain(5 * Math.round(ml / 5), 0);
    }

    public String volumeUnit(double ml) {
        if (kitchen.measures() == MeasureSystem.US) {
            return "cups";
        }
        if (kitchen.measures() == MeasureSystem.IMPERIAL) {
            return "fl oz";
        }
        return ml >= 2000 ? "L" : "mL";
    }

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

    public String plain(double value, int decimals) {
        return Numbers.plain(value, decimals);
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
        String low = hours ? minutes(Math.floor(band.low())) : Numbers.plain(Math.floor(band.low()), 0);
        return low + " to " + (open ? "no end in sight" : minutes(Math.ceil(band.high())));
    }

    public String volumeBand(Band band) {
        return volumeFigure(band.low()) + " to " + volume(band.high());
    }

    public String time(Instant at) {
        return TIME.format(at.atZone(kitchen.zone()));
    }

    public String day(Instant at) {
        return DAY.format(at.atZone(kitchen.zone()));
    }

    public String dayAndTime(Instant at) {
        return day(at) + ", " + time(at);
    }

    public String ago(Instant at, Instant now) {
        long minutes = Math.max(0, Duration.between(at, now).toMinutes());
        return minutes < 1 ? "just now" : minutes < 120 ? minutes + " min ago" : minutes / 60 + " h ago";
    }
}
