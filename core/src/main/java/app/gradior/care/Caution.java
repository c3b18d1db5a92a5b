package app.gradior.care;

/**
 * One caution, where it applies.
 *
 * @param title what is wrong, in a few words
 * @param advice what to do
 */
public record Caution(String title, String advice) {}
