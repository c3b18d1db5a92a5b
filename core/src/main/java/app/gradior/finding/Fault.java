package app.gradior.finding;

/**
 * One thing wrong with what was asked.
 *
 * @param field path of the field, as the caller named it: pot.topDiameterMm
 * @param message what was wrong, the bound, and what to do
 */
public record Fault(String field, String message) {}
