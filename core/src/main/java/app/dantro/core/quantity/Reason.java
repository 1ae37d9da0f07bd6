package app.dantro.core.quantity;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * Why a rule says what it says: the kind of reason with its numbers. Rules and tests look at the kind; the sentence is
 * made when somebody reads it.
 *
 * @param numbers in the order in which the sentence speaks them
 */
public record Reason(Kind kind, List<Quantity> numbers) {
    public Reason {
        Objects.requireNonNull(kind, "kind");
        numbers = List.copyOf(numbers);
    }

    /** The reasons of one room, an enum; its sentences stand in that room's words. */
    public interface Kind {
        /** The sentence with a place, {@code %s}, for each number. */
        String template();

        default Reason with(Quantity... numbers) {
            return new Reason(this, List.of(numbers));
        }
    }

    public boolean is(Kind... kinds) {
        return Arrays.asList(kinds).contains(kind);
    }

    /** As a sentence, or the part of one. */
    public String words() {
        return kind.template().formatted(numbers.stream().map(Quantity::words).toArray());
    }

    /** Words as they begin a sentence. */
    public static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** Several reasons as one text. */
    public static String words(List<Reason> reasons) {
        return reasons.stream().map(Reason::words).collect(Collectors.joining(" "));
    }
}
