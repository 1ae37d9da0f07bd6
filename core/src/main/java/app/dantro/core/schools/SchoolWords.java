package app.dantro.core.schools;

/** The sentences of the schools and the run sheet. */
final class SchoolWords {
    private SchoolWords() {}

    static String of(SchoolReason reason) {
        return switch (reason) {
            case BASE_VOLTAGE -> "Base voltage";
            case CRANKING_VOLTAGE -> "Cranking voltage";
            case LOWEST_CRANKING -> "Lowest while cranking";
            case IDLE_VOLTAGE -> "Voltage at idle, loads off";
            case IDLE_LOADED_VOLTAGE -> "Voltage at idle, all loads on";
            case REGULATED_VOLTAGE -> "Regulated voltage, loads off";
            case LOADED_VOLTAGE -> "Voltage with all loads on";
            case CRANKING_SIDE -> "Cranking, whole %s";
            case CRANKING_DROP -> "Cranking, %s to %s";
            case PILE_SIDE -> "With the pile, whole %s";
            case PILE_DROP -> "With the pile, %s to %s";
            case PILE_BOTH -> "Starting, both sides together with the pile";
            case CHARGING_SUPPLY -> "Charging, whole supply side";
            case CHARGING_RETURN -> "Charging, whole return side";
            case CHARGING_BOTH -> "Charging, both sides together";
            case AT_LEAST -> "at least %s";
            case AT_LEAST_SETTLED -> "at least %s, settled";
            case BETWEEN -> "%s to %s";
            case AT_MOST -> "%s";
            case NONE_FOR_THIS -> "none for this";
            case WAS_IT_LOADED -> "under 0.03 V: was it loaded?";
            case THEY_PART -> "They part.";
            case MARKS_APART -> "The schools set the mark apart; no current is in it.";
            case DISCHARGING -> "Under its base of %s: it is discharging, or a smart system rests.";
            case FLOODED_FOR_CALCIUM -> "A flooded battery in a system for calcium ones boils dry: fit the right type.";
            case COLD_LOWERS -> "Cold lowers what a battery can give.";
            case LOWEST_MAY_BE_FIRST ->
                "The lowest value may be the first 0.2 s of the crank: read what it settles at.";
            case MEANT_FOR_HEAVY ->
                "The total is meant for 500 A on heavy vehicles: a healthy small car loses 0.7 V at that current.";
            case SIDES_PASS_SUM_FAILS ->
                "Each side passes some school, the sum fails: %s is lost on the way, %s is allowed.";
            case DIFFERENT_CURRENTS -> "They were read at %s and %s: at %s both together would be %s.";
            case CARRIED_OVER -> "%s at %s is %s; at the alternator's %s it would be %s.";
            case CURRENT_UNKNOWN -> "The current was not measured: a fixed limit at an unknown current proves little.";
            default -> onTheSheet(reason);
        };
    }

    private static String onTheSheet(SchoolReason reason) {
        return switch (reason) {
            case OVER_THE_POSTS -> "%s over the posts; up to %s is usual.";
            case OF_ITS_RATING -> "Of its %s.";
            case BY_CLAMP -> "By clamp, with the drops.";
            case METER_ON_AC -> "Meter on AC.";
            default ->
                throw new IllegalArgumentException("The reason (%s) has no words. Add a line here.".formatted(reason));
        };
    }
}
