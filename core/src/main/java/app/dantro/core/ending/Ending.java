package app.dantro.core.ending;

import app.dantro.core.fact.BothSides;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import java.util.List;

/**
 * An end that a job has come to.
 *
 * @param as what is recorded when it is taken
 * @param heading what it is called
 * @param shown what the readings showed
 * @param open what they did not show
 * @param customer a sentence for whoever brought the vehicle
 */
public record Ending(
        Answer as, Reason heading, List<Reason> shown, List<Reason> open, Reason customer, SafeToDrive safe) {
    public Ending {
        shown = List.copyOf(shown);
        open = List.copyOf(open);
    }

    /** Both sides are good, and it turned slowly all the same. */
    static Ending slow(BothSides sides) {
        return new Ending(
                Answer.HANDED_ON,
                EndingReason.SLOW_ON_GOOD_SIDES.with(),
                List.of(sides.held(), sides.lost(), EndingReason.TURNED_SLOWLY.with()),
                List.of(EndingReason.WHAT_IS_LEFT.with()),
                EndingReason.TELL_SLOW.with(),
                SafeToDrive.NOT_JUDGED);
    }
}
