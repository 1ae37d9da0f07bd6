package app.dantro.core.record;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A number that is measured beside the volts.
 *
 * @param unit in which it is stated
 * @param low least that makes sense, in that unit
 * @param openLine whether a meter may show an open line, stated as {@code OL}
 */
public record Figure(String unit, double low, double high, boolean openLine) {
    /** What a meter shows when nothing conducts. */
    public static final String OPEN_LINE = "OL";

    /** What is wrong with a typed value, and what would be right. */
    Optional<String> refusal(String title, String typed) {
        if (isOpenLine(typed)) {
            return openLine
                    ? Optional.empty()
                    : Optional.of("\"%s\" is a number in %s; OL says nothing here.".formatted(title, unit));
        }
        OptionalDouble value = number(typed);
        if (value.isEmpty()) {
            return Optional.of("\"%s\" takes a number in %s such as %s, not (%s)."
                    .formatted(title, unit, example(), typed.strip()));
        }
        return value.getAsDouble() >= low && value.getAsDouble() <= high
                ? Optional.empty()
                : Optional.of("\"%s\" (%s %s) must lie in %s … %s %s. Was it typed in another unit?"
                        .formatted(title, typed.strip(), unit, plain(low), plain(high), unit));
    }

    /** The number in its unit; empty for an open line. */
    OptionalDouble value(String typed) {
        return isOpenLine(typed) ? OptionalDouble.empty() : number(typed);
    }

    String words(String typed) {
        return isOpenLine(typed) ? "open line" : typed.strip().replace(',', '.') + " " + unit;
    }

    private String example() {
        return plain(Math.round((low + high) / 4 * 10) / 10.0) + (openLine ? " or OL" : "");
    }

    private static boolean isOpenLine(String typed) {
        return typed.strip().equalsIgnoreCase(OPEN_LINE);
    }

    private static OptionalDouble number(String typed) {
        String plain = typed.strip().replace(',', '.').replace('−', '-');
        return plain.matches("-?(\\d+\\.?\\d*|\\.\\d+)")
                ? OptionalDouble.of(Double.parseDouble(plain))
                : OptionalDouble.empty();
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
