package app.dantro.core.circuit;

import java.util.Objects;
import java.util.regex.Pattern;

/** The one rule for identifiers inside a circuit: lower-case words joined by hyphens. */
final class Identifiers {
    private static final Pattern WORDS = Pattern.compile("[a-z0-9]+(-[a-z0-9]+)*");

    private Identifiers() {}

    static String checked(String value, String what) {
        Objects.requireNonNull(value, what);
        if (!WORDS.matcher(value).matches()) {
            throw new IllegalArgumentException(
                    "The %s (%s) must be lower-case words joined by hyphens, such as strap-end-block."
                            .formatted(what, value));
        }
        return value;
    }

    static String words(String value, String what) {
        Objects.requireNonNull(value, what);
        if (value.isBlank()) {
            throw new IllegalArgumentException("The %s is empty. Give it the words a technician uses.".formatted(what));
        }
        return value.strip();
    }
}
