package app.gradior.finding;

/**
 * One thing wrong with what was asked.
 *
 * @param field path of the field, as the caller named it: pot.topDiameterMm
 * @param why what was wrong, the bound, and what to do
 */
public record Fault(String field, Finding why) {
    /** One in words that were found already. */
    public Fault(String field, String words) {
        this(field, new Wrong.Said(words));
    }
}
