package app.dantro.core.record;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number that is measured beside the volts, typed as instruments show it: with a comma, spaces between thousands, its unit
 * behind it or that of another range (docs/job.md, answers).
 *
 * @param unit in which it is stated
 * @param low least that makes sense, in that unit
 * @param openLine whether a meter may show an open line, stated as {@code OL}
 */
public record Figure(String unit, double low, double high, boolean openLine) {
    /** What a meter shows when nothing conducts. */
    public static final String OPEN_LINE = "OL";

    private static final Set<String> OPEN = Set.of("OL", ".OL", "O.L", "0L", "0.L", "OPEN", "-", "—", "∞");
    private static final Pattern TYPED =
            Pattern.compile("([-+]?(?:\\d[\\d ]*(?:\\.\\d*)?|\\.\\d+)) *([a-zA-Z/]*(?: AC)?)");
    private static final Set<String> MILES = Set.of("mi", "mile", "miles");
    private static final double KM_PER_MILE = 1.609344;
    private static final Map<String, Double> PREFIXES = Map.of("m", 1e-3, "", 1.0, "k", 1e3);
    /** A diode conducts at tenths of a volt: a smaller number than this in mV was typed in V. */
    private static final double ASSUMED_LEAST_DIODE_MILLIVOLTS = 3;

    /** Nothing an alternator ripples with, in V: it is what its DC shows. */
    private static final double ASSUMED_MOST_RIPPLE_VOLTS = 5;

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
        if (value.getAsDouble() < low || value.getAsDouble() > high) {
            return Optional.of("\"%s\" (%s) must lie in %s … %s %s. Was it typed in another unit?"
                    .formatted(title, words(typed), plain(low), plain(high), unit));
        }
        return isRipple() && value.getAsDouble() > ASSUMED_MOST_RIPPLE_VOLTS
                ? Optional.of("\"%s\" (%s) is what the meter shows on DC. Switch it to AC and read it again."
                        .formatted(title, words(typed)))
                : Optional.empty();
    }

    /** The number in its unit; empty for an open line. */
    OptionalDouble value(String typed) {
        return isOpenLine(typed) ? OptionalDouble.empty() : number(typed);
    }

    String words(String typed) {
        if (isOpenLine(typed)) {
            return "open line";
        }
        OptionalDouble value = number(typed);
        if (value.isEmpty()) {
            return typed.strip();
        }
        boolean miles = unit.equals("km") && typed.toLowerCase(Locale.ROOT).contains("mi");
        return miles
                ? "%d km (%s)".formatted(Math.round(value.getAsDouble()), typed.strip())
                : plain(value.getAsDouble()) + " " + unit;
    }

    private boolean isRipple() {
        return unit.equals("V AC") && high <= 30;
    }

    private String example() {
        return plain(Math.round((low + high) / 4)) + (openLine ? " or OL" : "");
    }

    private static boolean isOpenLine(String typed) {
        return OPEN.contains(typed.strip().toUpperCase(Locale.ROOT));
    }

    private OptionalDouble number(String typed) {
        String plain = typed.strip().replace(',', '.').replace('−', '-');
        Matcher parts = TYPED.matcher(unit.matches("m?(V|A)( AC)?") ? plain : withoutUnit(plain));
        if (!parts.matches()) {
            return OptionalDouble.empty();
        }
        double number = Double.parseDouble(parts.group(1).replace(" ", ""));
        if (parts.group(2).isEmpty()) {
            boolean volts = openLine && parts.group(1).contains(".") && number < ASSUMED_LEAST_DIODE_MILLIVOLTS;
            return OptionalDouble.of(volts ? rounded(number * 1000) : number);
        }
        OptionalDouble factor = factor(parts.group(2).strip());
        return factor.isEmpty() ? factor : OptionalDouble.of(rounded(number * factor.getAsDouble()));
    }

    private String withoutUnit(String typed) {
        int behind = typed.length() - unit.length();
        return behind > 0 && typed.regionMatches(true, behind, unit, 0, unit.length())
                ? typed.substring(0, behind).strip()
                : typed;
    }

    /** By how much a typed unit is larger than this figure's; none if it is another quantity's. */
    private OptionalDouble factor(String typed) {
        if (unit.equals("km") && MILES.contains(typed.toLowerCase(Locale.ROOT))) {
            return OptionalDouble.of(KM_PER_MILE);
        }
        String wanted = unit.replace(" AC", "");
        String given = typed.replace(" AC", "").replaceFirst("(?i)ac$", "");
        if (given.equalsIgnoreCase(wanted)) {
            return OptionalDouble.of(1);
        }
        String base = wanted.replaceFirst("^(m|k)(?=(V|A)$)", "");
        return base.equals("V") || base.equals("A")
                ? PREFIXES.keySet().stream()
                        .filter(prefix -> given.equals(prefix + base))
                        .mapToDouble(
                                prefix -> PREFIXES.get(prefix) / PREFIXES.get(wanted.substring(0, wanted.length() - 1)))
                        .findFirst()
                : OptionalDouble.empty();
    }

    private static double rounded(double value) {
        return Math.round(value * 1e6) / 1e6;
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
