package app.dantro.core.charging;

/** The sentences of the charging side's checks. */
final class ChargingWords {
    private ChargingWords() {}

    static String of(ChargingReason reason) {
        return switch (reason) {
            case OUTPUT_TO_MINUS -> "B+ stud to battery − post";
            case OUTPUT_TO_CASE -> "B+ stud to its own case";
            case SENSE -> "Sense: %s";
            case GROUND_OF_SENSE -> "Ground of what senses: %s";
            case FEED_PIN -> "Ignition feed or exciter pin";
            case FEED_PIN_LOADED -> "Feed pin under a test lamp";
            case SENSE_PIN -> "Sense pin at the plug";
            case CHARGE_LAMP -> "Charge lamp, key on";
            case NOT_READ -> "Not read yet.";
            case READ_POSTS_BESIDE -> "Read the battery's posts with the key on beside it.";
            case ARRIVES -> "Battery voltage arrives: continuity only, nothing is certified.";
            case BELOW_AT_REST ->
                "%s below the battery at rest; with the key on it stands lower itself: read its posts too.";
            case BELOW_ALLOWED ->
                "%s below the battery. One school allows 0.40 V, but with next to no current that is a finding.";
            case DOES_NOT_ARRIVE -> "%s below the battery: it does not arrive.";
            case NO_LIFT -> "No lift above battery −: continuity only. Read it again with all loads on.";
            case LIFTED -> "It sits above battery −: what senses here will make the alternator charge too high.";
            case LAMP_UNLOADED ->
                "A pin that stands without a load may fall with one. A pin that feeds the field through a lamp falls as it should.";
            case CARRIES_A_LOAD -> "%s less than without the lamp: it carries a load.";
            case RESISTANCE_IN_FEED -> "%s less than without the lamp: resistance in its wire, fuse or relay.";
            case LAMP_MUST_LIGHT -> "It must light with the key on, and go out with the engine running.";
            case LAMP_LIGHTS -> "Its circuit is whole; where it feeds the field, the feed is there too.";
            case PLUG_OFF -> "Its plug off";
            case UNPLUGGED_HOW ->
                "Plug off with the key off, start, one rev to 2000 rpm, read B+ to case at idle. Never feed or ground a pin.";
            case UNPLUGGED_HOLDS ->
                "It makes current on its own: what commands it, or the wire between, is in question.";
            case UNPLUGGED_SILENT -> "Says little: some give nothing without their command.";
            case LAMP_DARK -> "Bulb, fuse or its wire: where the lamp feeds the field, the alternator cannot start.";
            case KEY_ON_FIRST ->
                "Key on, engine off: what must reach the alternator, before the alternator is suspected.";
            case PIN_SAYS -> "%s: %s";
            case ARRIVED -> "%s of %s read, %s shown to arrive. Continuity only: the drops under load come later.";
            default -> compared(reason);
        };
    }

    private static String compared(ChargingReason reason) {
        return switch (reason) {
            case FROM_TO -> "From %s to %s";
            case AT_CURRENT -> "%s at %s";
            case OPENS_WARM ->
                "More than copper's own rise: a joint opens with the heat. Walk along it while it is warm.";
            case CLOSES_WARM -> "Less than cold: a joint closes with the heat. Walk along it while it is cold.";
            case WITHIN_COPPER -> "The same within copper's own rise (0.4 %% per K) and the meter's error.";
            case STEP_TOO_SMALL -> "From the %s less than these readings can tell.";
            case STEP_LOSES -> "%s: %3$s more than at the %2$s.";
            case STEP_BACKWARDS ->
                "%s: %3$s less than at the %2$s. Along one way it can only rise: another current flowed, or a lead had no contact.";
            case SAME_AT_ONE_CURRENT -> "At %s the first would be %s, the last reads %s: the same path.";
            case OTHER_AT_ONE_CURRENT ->
                "At %s the first would be %s, the last reads %s: a joint moves, or the amps were others. Read both again.";
            case OWN_VOLTS -> "%s at its own terminals, %s.";
            case OWN_VOLTS_AT -> "%s at its own terminals at %s, %s.";
            case RIPPLE_LOADED -> "Ripple loaded %s AC.";
            case DELIVERS -> "It delivers what is asked of it.";
            case NOTHING_AGAINST -> "Nothing read so far speaks against it; cleared it is not yet.";
            case OWN_VOLTS_MISSING -> "its own volts, B+ to case, all loads on at speed";
            case CURRENT_MISSING -> "its current then, by clamp: at least %s with these loads";
            case RIPPLE_MISSING -> "ripple under 0.1 V AC, loaded";
            case PILE_SUPPLY_FIRST -> "Leads on the supply side first. Pile on, set %s, read, off at once.";
            case PILE_RETURN_NEXT -> "Pile off and rested: leads on the return side, set %s again, read, off at once.";
            case PILE_SUM_HOLDS -> "%s and %s, together %s: within the %s that practice allows under a pile.";
            case PILE_SUM_NEAR -> "%s and %s, together %s: too near the %s that practice allows for this meter.";
            case PILE_SUPPLY_TAKES ->
                "%s and %s, together %s, over the %s that practice allows: the supply side first, it takes the larger share. Walk along it.";
            case PILE_RETURN_TAKES ->
                "%s and %s, together %s, over the %s that practice allows: the return side first, it takes the larger share. Walk along it.";
            case OVERCHARGES -> "overcharges: a sensed point is pulled towards the middle";
            case UNDERCHARGES -> "undercharges: the volts are lost between what is sensed and the battery";
            case STANDS_HIGHER -> "the battery looks right, B+ to its case stands %s higher: read there";
            default -> throw new IllegalArgumentException("There are no words for (%s).".formatted(reason));
        };
    }
}
