package app.gradior.web.frame;

/**
 * A session is over: signed out, or replaced at a sign-in.
 *
 * @param id the session's
 */
public record SessionEnded(String id) {}
