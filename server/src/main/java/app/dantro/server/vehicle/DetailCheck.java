package app.dantro.server.vehicle;

import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.VehicleField;
import java.time.Year;
import java.util.Locale;
import java.util.regex.Pattern;

/** What can be noted of a vehicle. */
final class DetailCheck {
    private static final Pattern YEAR = Pattern.compile("\\d{4}");
    private static final int FIRST_YEAR = 1900;
    /** Seventeen signs, of which none is an I, O or Q (ISO 3779). */
    private static final Pattern CHASSIS = Pattern.compile("[A-HJ-NPR-Z0-9]{17}");

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
            case REFERENCE -> bare;
        };
    }

    private static String plate(String bare) {
        if (bare.codePoints().noneMatch(Character::isLetterOrDigit)) {
            throw ProblemException.field("value", "A plate (%s) has letters or digits.".formatted(bare));
        }
        return bare;
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
