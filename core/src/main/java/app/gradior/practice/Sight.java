package app.gradior.practice;

import java.util.ArrayList;
import java.util.List;

/**
 * What can be seen of a practice pot at a moment: numbers for a drawing and for words, none of which is how thick it is.
 *
 * @param atS seconds since it began
 * @param levelMm above the floor
 * @param bubbleMm across
 * @param bubbleS how long each stands
 * @param bubbles how many stand on the surface at once
 * @param spatter drops thrown a second
 * @param steamGPerMin vapour that leaves
 * @param foamMm how high the foam stands
 * @param red of its colour, 0 to 255
 * @param green of its colour
 * @param blue of its colour
 * @param skin how far a skin has closed, 0 to 1
 * @param filmMm how far up the wall a drying film stands over the level
 * @param edge how brown that is, 0 to 1
 * @param caught how much of what has caught on the floor comes up as specks, 0 to 1
 * @param knob 0 to 9
 * @param lid 0 off, 1 ajar, 2 on
 * @param sinceStirS seconds since it was stirred
 * @param off whether it was taken off
 */
// Wide: all that is drawn of a pot.
public record Sight(
        double atS,
        double levelMm,
        double bubbleMm,
        double bubbleS,
        double bubbles,
        double spatter,
        double steamGPerMin,
        double foamMm,
        int red,
        int green,
        int blue,
        double skin,
        double filmMm,
        double edge,
        double caught,
        int knob,
        int lid,
        double sinceStirS,
        boolean off) {
    /** What a cook would name of it. */
    public enum Look {
        STILL,
        NOW_AND_THEN,
        SMALL,
        THUMB,
        CRATERS,
        SPITS,
        STEAMS,
        FOAM,
        SKIN,
        EDGE,
        SPECKS,
        NOT_STIRRED
    }

    private static final double FEW_BUBBLES = 25;
    private static final double THUMB_MM = 17;
    private static final double CRATER_MM = 31;
    private static final double SPITS_PER_S = 4;
    private static final double STEAMS_G_PER_MIN = 8;
    private static final double FOAM_MM = 8;
    private static final double SEEN = 0.25;
    private static final double LONG_S = 120;

    /** What is to be seen, in the order in which it strikes the eye. */
    public List<Look> looks() {
        List<Look> looks = new ArrayList<>();
        looks.add(bubbling());
        when(looks, spatter > SPITS_PER_S, Look.SPITS);
        when(looks, steamGPerMin > STEAMS_G_PER_MIN, Look.STEAMS);
        when(looks, foamMm > FOAM_MM, Look.FOAM);
        when(looks, skin > SEEN, Look.SKIN);
        when(looks, edge > SEEN, Look.EDGE);
        when(looks, caught > SEEN / 2, Look.SPECKS);
        when(looks, !off && sinceStirS > LONG_S, Look.NOT_STIRRED);
        return looks;
    }

    private Look bubbling() {
        if (bubbles < 1) {
            return Look.STILL;
        }
        if (bubbles < FEW_BUBBLES && bubbleMm < THUMB_MM) {
            return Look.NOW_AND_THEN;
        }
        return bubbleMm > CRATER_MM ? Look.CRATERS : bubbleMm > THUMB_MM ? Look.THUMB : Look.SMALL;
    }

    private static void when(List<Look> looks, boolean seen, Look look) {
        if (seen) {
            looks.add(look);
        }
    }
}
