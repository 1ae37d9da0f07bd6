package app.dantro.server.db;

/** The random name a database was given when it was made. */
public record DatabaseIdentity(String id) {}
