package app.dantro.server.vehicle;

import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.VehicleField;
import java.time.Year;
import java.time.YearMonth;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What can be noted of a vehicle. */
final class DetailCheck {
    private static final Pattern YEAR = Pattern.compile("\\d{4}");
    private static final int FIRST_YEAR = 1900;
    /** Seventeen signs, of which none is an I, O or Q (ISO 3779). */
    private static final Pattern CHASSIS = Pattern.compile("[A-HJ-NPR-Z0-9]{17}");

    private static final int LEAST_AMPS = 50;
    private static final int MOST_AMPS = 2500;
    private static final Pattern MONTH = Pattern.compile("(\\d{4})(?:-(0[1-9]|1[0-2]))?");
    private static final int[] WEIGHTS = {8, 7, 6, 5, 4, 3, 2, 10, 0, 9, 8, 7, 6, 5, 4, 3, 2};
    /** What A to Z are worth in it; I, O and Q never stand there. */
    private static final String LETTERS_WORTH = "12345678012345070923456789";

    private DetailCheck() {}

    /**
     * What is noted, without spaces around it.
     *
     * @throws ProblemException naming the field, with what would be right
     */
    static String checked(VehicleField field, String value) {
        String bare = value.strip();
        if (bare.isEmpty()) {
            return bare;
        }
        if (bare.length() > field.longest()) {
            throw ProblemException.field(
                    "value",
                    "%s has at most %d characters; this one has %d."
                            .formatted(field.title(), field.longest(), bare.length()));
        }
        return switch (field) {
            case PLATE -> plate(bare);
            case YEAR -> year(bare);
            case VIN -> chassis(bare.toUpperCase(Locale.ROOT));
            case COLD_CRANKING -> amps(bare);
            case FITTED -> month(bare);
            case ENGINE, BATTERY, REFERENCE -> bare;
        };
    }

    private static String plate(String bare) {
        if (bare.codePoints().noneMatch(Character::isLetterOrDigit)) {
            throw ProblemException.field("value", "A plate (%s) has letters or digits.".formatted(bare));
        }
        return bare;
    }

    private static String amps(String bare) {
        String number = bare.replaceFirst("(?i) *A$", "");
        if (!number.matches("\\d{2,4}")
                || Integer.parseInt(number) < LEAST_AMPS
                || Integer.parseInt(number) > MOST_AMPS) {
            throw ProblemException.field(
                    "value",
                    "Cold-cranking amps (%s) are a number such as 680, %d to %d."
                            .formatted(bare, LEAST_AMPS, MOST_AMPS));
        }
        return number;
    }

    /** A month as 2023-04, or 04/2023, or a year alone. */
    private static String month(String bare) {
        String turned = bare.replaceFirst("^(\\d{1,2})[/.-](\\d{4})$", "$2-$1").replaceFirst("-(\\d)$", "-0$1");
        Matcher parts = MONTH.matcher(turned);
        if (!parts.matches()) {
            throw ProblemException.field(
                    "value", "When the battery was fitted (%s) is a month such as 2023-04, or a year.".formatted(bare));
        }
        YearMonth month = YearMonth.of(
                Integer.parseInt(parts.group(1)), parts.group(2) == null ? 1 : Integer.parseInt(parts.group(2)));
        if (month.isAfter(YearMonth.now()) || month.getYear() < FIRST_YEAR) {
            throw ProblemException.field(
                    "value",
                    "A battery that is in cannot have been fitted in %s: that is to come, or too long ago."
                            .formatted(bare));
        }
        return turned;
    }

    /**
     * What looks odd about a value, though it may be right.
     *
     * @return empty if nothing does
     */
    static String hint(VehicleField field, String value) {
        return field == VehicleField.VIN && CHASSIS.matcher(value).matches() && !checks(value)
                ? "Its ninth sign (%s) does not fit the others as numbers of this region do: read it once more."
                        .formatted(value.charAt(8))
                : "";
    }

    /** Numbers whose first sign is 1 to 5 carry a check digit in their ninth place (49 CFR 565.15(c)). */
    private static boolean checks(String value) {
        if (value.charAt(0) < '1' || value.charAt(0) > '5') {
            return true;
        }
        int sum = 0;
        for (int i = 0; i < value.length(); i++) {
            sum += WEIGHTS[i] * worth(value.charAt(i));
        }
        char right = sum % 11 == 10 ? 'X' : (char) ('0' + sum % 11);
        return value.charAt(8) == right;
    }

    private static int worth(char sign) {
        return Character.isDigit(sign) ? sign - '0' : LETTERS_WORTH.charAt(sign - 'A') - '0';
    }

    private static String year(String bare) {
        int latest = Year.now().getValue() + 1;
        if (!YEAR.matcher(bare).matches() || Integer.parseInt(bare) < FIRST_YEAR || Integer.parseInt(bare) > latest) {
            throw ProblemException.field(
                    "value", "A year (%s) has four digits, %d to %d.".formatted(bare, FIRST_YEAR, latest));
        }
        return bare;
    }

    private static String chassis(String bare) {
        if (!CHASSIS.matcher(bare).matches()) {
            throw ProblemException.field(
                    "value",
                    "A chassis number (%s) has 17 letters and digits, and neither I nor O nor Q.".formatted(bare));
        }
        return bare;
    }
}
