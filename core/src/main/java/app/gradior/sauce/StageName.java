package app.gradior.sauce;

import app.gradior.finding.Finding;

/** What a stage is called: by the cook, or by what is done in it. */
public sealed interface StageName extends Finding {
    /** In the cook's own words. */
    record Titled(String title) implements StageName {}

    /** By what is done. */
    record OfKind(StageKind kind) implements StageName {}

    /** The cook's words where there are some. */
    static StageName of(String title, StageKind kind) {
        return title.isBlank() ? new OfKind(kind) : new Titled(title);
    }
}
