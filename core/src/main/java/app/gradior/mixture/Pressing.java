package app.gradior.mixture;

/**
 * What blending, milling and sieving leave behind. Kitchen estimates, rounded: what stays is the share of each kind of solids
 * that the tool holds back, wet with the serum that clings to it, and a film on the tool.
 */
public enum Pressing {
    /** A stick or jug blender frees the pulp; a film stays in the jug. */
    BLENDED(0, 0, 0, 0, 0.01, true),
    /** A food mill: skins and seeds stay, pulp goes through. */
    MILLED(0.85, 0.02, 0.10, 2.0, 0.01, true),
    /** A fine sieve: pieces stay, and some of the free pulp. */
    SIEVED(0.98, 0.15, 1.0, 2.5, 0.005, false);

    private final double coarseHeld;
    private final double freePulpHeld;
    private final double boundPulpHeld;
    private final double serumPerSolidG;
    private final double film;
    private final boolean freesPulp;

    Pressing(
            double coarseHeld,
            double freePulpHeld,
            double boundPulpHeld,
            double serumPerSolidG,
            double film,
            boolean freesPulp) {
        this.coarseHeld = coarseHeld;
        this.freePulpHeld = freePulpHeld;
        this.boundPulpHeld = boundPulpHeld;
        this.serumPerSolidG = serumPerSolidG;
        this.film = film;
        this.freesPulp = freesPulp;
    }

    /** The mixture after it, and what stayed behind: together exactly what went in. */
    public Mixture.Parted of(Mixture m) {
        Mixture.Parted dry = m.without(new Mixture.Shares(0, 0, 0, coarseHeld, freePulpHeld, boundPulpHeld, 0));
        double clingingG = serumPerSolidG * dry.leftBehind().massG();
        double serumShare = m.serumG() > 0 ? Math.min(0.9, film + clingingG / m.serumG()) : 0;
        Mixture.Parted parted = m.without(new Mixture.Shares(
                serumShare,
                serumShare,
                serumShare,
                orFilm(coarseHeld),
                orFilm(freePulpHeld),
                orFilm(boundPulpHeld),
                serumShare));
        return freesPulp ? new Mixture.Parted(parted.kept().blended(), parted.leftBehind()) : parted;
    }

    private double orFilm(double held) {
        return Math.max(held, film);
    }
}
