package app.dantro.server.problem;

/** One field of a request that is not right, and what would be. */
public record FieldProblem(String field, String message) {}
