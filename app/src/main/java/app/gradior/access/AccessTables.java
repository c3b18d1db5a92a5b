package app.gradior.access;

/** Marks what reads and writes the tables of this room. */
public interface AccessTables {}
