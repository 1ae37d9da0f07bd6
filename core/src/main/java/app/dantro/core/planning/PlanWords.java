package app.dantro.core.planning;

/** The sentences of the plans. */
final class PlanWords {
    private PlanWords() {}

    static String of(PlanReason reason) {
        return switch (reason) {
            case BASE_AT_POSTS -> "Base voltage at the posts";
            case BATTERY_VOLTAGE -> "Battery voltage, %s";
            case ACROSS -> "Across the %s";
            case WHOLE -> "Whole %s";
            case POINT_TO_POINT -> "%s to %s";
            case FROM_TO -> "From %s to %s";
            case CALLED_ONLY_AFTER -> "A fault in the %s is %s. It is called faulty only after %s.";
            case CARRIES_ALONE -> "This reading alone carries the verdict: read it a second time.";
            case DOES_NOT_FIT -> "This reading does not fit the others: read it again before anything rests on it.";
            case TELLS_MOST -> "Tells most for its effort.";
            case TELLS_MOST_OF -> "Tells most for its effort, with %s parts in question.";
            case ONE_LEAD_STAYS -> "One lead stays.";
            case OWN_CHOICE -> "Your own choice of points.";
            case AGAINST_THE_FLOW -> "Leads against the flow: the meter shows a minus sign.";
            case MINUS_SIGN -> "The meter shows a minus sign.";
            case NO_CURRENT -> "Without the starter's current a drop proves nothing about the wire.";
            case READ_A_SECOND_TIME -> "The reading across it carries the verdict alone: read it a second time.";
            case ONLY_SUSPECT_LEFT ->
                "It is the only suspect left. A part is called faulty only after a reading across just that part.";
            default -> outcomes(reason);
        };
    }

    private static String outcomes(PlanReason reason) {
        return switch (reason) {
            case HALVES -> "Halves the %s suspects: %s, easiest to reach.";
            case OVER -> "Over %s";
            case UNDER -> "Under %s";
            case BETWEEN -> "%s to %s";
            case UP_TO -> "Up to %s";
            case WHATEVER -> "Whatever it shows";
            case NO_FAULT_THERE -> "no fault there";
            case ONE_OF -> "it is one of %s, most likely %s";
            case POINTS_TO -> "points to %s (%s %%)";
            case SPEAKS_AGAINST -> "speaks against %s";
            case AS_HEALTHY_SHOW -> "healthy vehicles show that too";
            case IT_IS -> "it is %s";
            case GOOD_OTHERWISE -> "it is good: something else explains the readings";
            case GOOD_AT -> "good at %s";
            case BETWEEN_THEM -> "the fault is between them";
            case AS_HEALTHY -> "as a healthy one, at this current";
            case TAKES_MORE -> "it takes more than it should";
            case GOOD_READ_LONGER -> "it is good: read the longer stretch again";
            default -> throw new IllegalArgumentException("There are no words for (%s).".formatted(reason));
        };
    }
}
