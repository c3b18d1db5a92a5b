package app.gradior.sauce;

/** Whether the pieces in a sauce are left or broken up before it reduces. */
public enum Texture {
    CHUNKY,
    SMOOTH;
}
