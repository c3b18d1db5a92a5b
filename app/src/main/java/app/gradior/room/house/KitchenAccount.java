package app.gradior.room.house;

/** A row as its table holds it; times are UTC. */
public record KitchenAccount(long id, long kitchenId, String login, String passwordHash) {}
