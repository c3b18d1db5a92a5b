package app.gradior.sauce;

/** Whether the pieces in a sauce are left or broken up before it reduces. */
public enum Texture {
    CHUNKY("left chunky"),
    SMOOTH("blended or milled smooth");

    private final String label;

    Texture(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
