package app.gradior.access;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What somebody is in a kitchen. */
public enum Role {
    OWNER(EnumSet.allOf(Right.class)),
    COOK(EnumSet.of(Right.NONE, Right.LOOK, Right.COOK, Right.SELF)),
    LOOKER_ON(EnumSet.of(Right.NONE, Right.LOOK, Right.SELF)),
    /** A tablet at the stove: it cooks, and is nobody. */
    STOVE(EnumSet.of(Right.NONE, Right.LOOK, Right.COOK));

    /** What people can be. */
    public static final List<Role> OF_PEOPLE = List.of(OWNER, COOK, LOOKER_ON);

    private final Set<Right> rights;

    Role(Set<Right> rights) {
        this.rights = rights;
    }

    public boolean may(Right right) {
        return rights.contains(right);
    }
}
