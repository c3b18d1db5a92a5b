package app.gradior.kept;

/** Takes the key that the database gave to a new row. */
public final class Inserted {
    private long id;

    public long getId() {
        return id;
    }

    public void setId(long id) {
        this.id = id;
    }
}
