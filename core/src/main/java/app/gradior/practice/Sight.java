package app.gradior.practice;

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
        boolean off) {}
