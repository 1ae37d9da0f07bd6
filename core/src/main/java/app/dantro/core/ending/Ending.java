package app.dantro.core.ending;

import app.dantro.core.fact.BothSides;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import java.util.List;
import java.util.Optional;

/**
 * An end that a job has come to.
 *
 * @param as what is recorded when it is taken; empty where it is recorded already
 * @param heading what it is called
 * @param shown what the readings showed
 * @param open what they did not show
 * @param customer a sentence for whoever brought the vehicle
 */
public record Ending(
        Optional<Answer> as, Reason heading, List<Reason> shown, List<Reason> open, Reason customer, SafeToDrive safe) {
    public Ending {
        shown = List.copyOf(shown);
        open = List.copyOf(open);
    }

    static Ending of(
            Answer as, Reason heading, List<Reason> shown, List<Reason> open, Reason customer, SafeToDrive safe) {
        return new Ending(Optional.of(as), heading, shown, open, customer, safe);
    }

    /** Repaired, and the complaint's own test passed. @param off true while charging does not hold */
    public static Ending verified(Reason heading, List<Reason> shown, boolean off) {
        return new Ending(
                Optional.empty(),
                heading,
                shown,
                List.of(),
                EndingReason.TELL_VERIFIED.with(),
                off ? SafeToDrive.NOT_JUDGED : SafeToDrive.YES);
    }

    /** The customer declines, or somebody else goes on: what is known to be bad stays so. */
    public static Ending left(Reason heading, List<Reason> shown, Findings findings, boolean declined) {
        return unfinished(heading, shown, findings, declined ? EndingReason.TELL_DECLINED : EndingReason.TELL_GOES_ON);
    }

    /** Ended without the complaint's own test. */
    public static Ending unverified(Reason heading, List<Reason> shown, Findings findings) {
        return unfinished(heading, shown, findings, EndingReason.TELL_UNVERIFIED);
    }

    private static Ending unfinished(Reason heading, List<Reason> shown, Findings findings, EndingReason customer) {
        boolean bad = !findings.withStanding(Standing.FAULTY).isEmpty();
        return new Ending(
                Optional.empty(),
                heading,
                shown,
                List.of(EndingReason.NOT_VERIFIED.with()),
                customer.with(),
                bad ? SafeToDrive.NO : SafeToDrive.NOT_JUDGED);
    }

    /** Both sides are good, and it turned slowly all the same. */
    static Ending slow(BothSides sides) {
        return of(
                Answer.HANDED_ON,
                EndingReason.SLOW_ON_GOOD_SIDES.with(),
                List.of(sides.held(), sides.lost(), EndingReason.TURNED_SLOWLY.with()),
                List.of(EndingReason.WHAT_IS_LEFT.with()),
                EndingReason.TELL_SLOW.with(),
                SafeToDrive.NOT_JUDGED);
    }
}
