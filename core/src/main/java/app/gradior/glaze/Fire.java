package app.gradior.glaze;

import app.gradior.finding.Unfit;
import app.gradior.finding.Wrong;
import java.util.Locale;

/** What a glazed food is under or over: the heat that a wet film on it takes up. Kitchen estimates, rounded. */
public enum Fire {
    /** 190 °C, still air. */
    OVEN(1900),
    /** 200 °C, moving air. */
    FAN_OVEN(3000),
    BARBECUE(6000),
    /** A hot grill, a hand's breadth away. */
    GRILL(9000),
    /** Tossed in a hot pan. */
    PAN(8000);

    private final double wPerM2;

    Fire(double wPerM2) {
        this.wPerM2 = wPerM2;
    }

    /** Heat into a film, W/m². */
    public double wPerM2() {
        return wPerM2;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The one of that key.
     *
     * @throws Unfit when there is none
     */
    public static Fire ofKey(String key) {
        for (Fire one : values()) {
            if (one.key().equals(key)) {
                return one;
            }
        }
        throw new Unfit("heat", Wrong.Key.of("heat", key, values(), Fire::key));
    }
}
