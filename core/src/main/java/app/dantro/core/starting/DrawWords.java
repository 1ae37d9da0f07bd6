package app.dantro.core.starting;

import app.dantro.core.starting.DrawMatrix.Square;

/** The sentences of the matrix of volts and current. */
final class DrawWords {
    private DrawWords() {}

    static String of(DrawReason reason) {
        return switch (reason) {
            case DRAWN_OF_CLASS ->
                "%s while cranking (at least %s at this temperature), %s drawn (its class takes, estimated, %s to %s).";
            case DRAWN_OF_MAKERS ->
                "%s while cranking (at least %s at this temperature), %s drawn (the maker says %s to %s).";
            case BY_CABLE -> "The current is from a cable's drop: ± %s %%.";
            case CLAMP_UNCHECKED -> "Nobody said yet that the clamp was zeroed and its output factor is right.";
        };
    }

    static String means(Square square) {
        return switch (square) {
            case RESISTANCE -> "Resistance in cables, contacts, grounds or brushes";
            case FINE -> "Fine";
            case DRAGS -> "The starter drags or the engine is tight";
            case CANNOT_DELIVER -> "The battery cannot deliver";
            case WEAK -> "The battery is weak";
            case BATTERY_FIRST -> "Battery first; if it is good, starter or engine";
        };
    }

    static String why(Square square) {
        return switch (square) {
            case RESISTANCE -> "The battery holds its volts and little flows: something takes volts on the way.";
            case FINE -> "The battery holds, and the starter takes what its class takes.";
            case DRAGS -> "While the motor turns, its current follows the torque it has to give.";
            case CANNOT_DELIVER -> "Its volts fall at a current that a good one carries with ease.";
            case WEAK -> "An ordinary draw pulls it under the limit for this temperature.";
            case BATTERY_FIRST -> "Any battery falls at such a current, so it is not condemned by this.";
        };
    }

    static String next(Square square) {
        return switch (square) {
            case RESISTANCE -> "Whole return side, then whole supply side.";
            case FINE -> "If it still turns slowly: volts at the motor, then the speed.";
            case DRAGS -> "Turn the engine by hand before the starter is suspected.";
            case CANNOT_DELIVER, WEAK -> "Rest minus cranking volts over current, against its class.";
            case BATTERY_FIRST -> "Judge the battery by its resistance, then turn the engine by hand.";
        };
    }
}
