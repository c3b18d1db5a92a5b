package app.gradior.access;

/** What somebody may do. */
public enum Right {
    /** The door: whoever comes. */
    NONE,
    /** See the kitchen's pots, sauces, plans and log. */
    LOOK,
    /** Everything at the stove and of sauces, plans, kit, larder and shelf. */
    COOK,
    /** Members, devices, tokens, and the kitchen itself. */
    OWN,
    /** One's own account; a device has none. */
    SELF
}
