package app.gradior.larder;

import app.gradior.finding.Finding;

/** What does not fit together on a label. */
public sealed interface LabelFinding extends Finding {
    /** A label counts its sugars in the carbohydrate; both g in 100 g. */
    record MoreSugarsThanCarbohydrate(double sugars, double carbohydrate) implements LabelFinding {}

    /** Its parts come to more than 100 g in 100 g. */
    record MoreThanWhole(double sumG) implements LabelFinding {}
}
