package app.gradior.larder;

/** Whether a food's fat is finely divided, and so thickens, or floats free on top, and does not. */
public enum FatForm {
    EMULSIFIED,
    FREE
}
