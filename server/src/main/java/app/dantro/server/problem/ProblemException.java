package app.dantro.server.problem;

import java.util.List;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;

/** A request that is refused, with what was wrong and what would be right. */
public final class ProblemException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient HttpStatus status;
    private final String code;
    private final transient List<FieldProblem> fields;

    private ProblemException(HttpStatus status, String code, String message, List<FieldProblem> fields) {
        super(message);
        this.status = status;
        this.code = code;
        this.fields = fields;
    }

    public static ProblemException field(String field, String message) {
        return new ProblemException(
                HttpStatus.BAD_REQUEST, "bad-field", message, List.of(new FieldProblem(field, message)));
    }

    public static ProblemException notFound(String message) {
        return new ProblemException(HttpStatus.NOT_FOUND, "not-found", message, List.of());
    }

    /** 409: an id that belongs to another entry. */
    public static ProblemException taken() {
        return conflict("Something else on record has this id. Make a new id for a new entry.");
    }

    public static ProblemException conflict(String message) {
        return new ProblemException(HttpStatus.CONFLICT, "conflict", message, List.of());
    }

    public static ProblemException tooMany(String message) {
        return new ProblemException(HttpStatus.TOO_MANY_REQUESTS, "too-many", message, List.of());
    }

    public static ProblemException forbidden(String message) {
        return new ProblemException(HttpStatus.FORBIDDEN, "not-allowed", message, List.of());
    }

    /** Runs a check of the core and names the field it refuses. */
    public static <T> T checking(String field, Supplier<T> check) {
        try {
            return check.get();
        } catch (IllegalArgumentException e) {
            throw field(field, e.getMessage());
        }
    }

    HttpStatus status() {
        return status;
    }

    String code() {
        return code;
    }

    List<FieldProblem> fields() {
        return fields;
    }
}
