package app.dantro.core.reading;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A voltage as somebody typed it: {@code 0.27}, {@code ,27}, {@code 270m}, {@code 270 mV}, {@code -0.27}.
 *
 * @param text what was typed, kept as it was
 * @param volts its value in volts
 * @param resolutionVolts what one step of the last typed digit is worth, in volts
 */
public record TypedVolts(String text, double volts, double resolutionVolts) {
    private static final Pattern FORM = Pattern.compile("([+\\-−]?)(\\d*)(?:[.,](\\d*))?\\s*(mv|m|v)?");
    private static final int MOST_CHARACTERS = 24;
    /** Nothing in a 12 or 24 V vehicle's starting and charging circuits reads more, load dumps included. */
    private static final BigDecimal MOST_VOLTS = BigDecimal.valueOf(200);

    /**
     * Reads typed text.
     *
     * @throws IllegalArgumentException if the text is no voltage, or more than 200 V; the message says what would be
     */
    public static TypedVolts parse(String typed) {
        String text = typed == null ? "" : typed.strip();
        if (text.isEmpty()) {
            throw new IllegalArgumentException(
                    "The reading is empty. Type what the meter shows, such as 0.27 or 270 mV.");
        }
        String shown = text.length() > MOST_CHARACTERS ? text.substring(0, MOST_CHARACTERS) + "…" : text;
        Matcher form = FORM.matcher(text.toLowerCase(Locale.ROOT));
        if (text.length() > MOST_CHARACTERS || !form.matches() || digits(form).isEmpty()) {
            throw new IllegalArgumentException(
                    "The reading (%s) is not a voltage. Type digits with one point or comma, then V or mV if you like: 0.27 or 270 mV."
                            .formatted(shown));
        }
        boolean milli = form.group(4) != null && form.group(4).startsWith("m");
        int decimals = form.group(3) == null ? 0 : form.group(3).length();
        BigDecimal value = new BigDecimal(digits(form)).movePointLeft(decimals + (milli ? 3 : 0));
        if (value.compareTo(MOST_VOLTS) > 0) {
            throw new IllegalArgumentException(
                    "The reading (%s) is more than 200 V, which no point of this circuit carries. Look at the point and the unit."
                            .formatted(shown));
        }
        boolean negative = !form.group(1).isEmpty() && !form.group(1).equals("+");
        double volts = (negative ? value.negate() : value).doubleValue();
        return new TypedVolts(text, volts + 0.0, Math.pow(10, -decimals) * (milli ? 1e-3 : 1));
    }

    private static String digits(Matcher form) {
        return form.group(2) + (form.group(3) == null ? "" : form.group(3));
    }
}
