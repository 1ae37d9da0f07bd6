package app.dantro.core.standing;

import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import java.util.Optional;

/** What resistance a called wiring part has: as read across it, else as all readings together tell. */
final class CalledOhms {
    private final Findings rules;

    CalledOhms(Findings rules) {
        this.rules = rules;
    }

    Optional<Reason> of(PartFinding part) {
        return rules.evidence().circuit().part(part.part()).flatMap(wiring -> {
            double healthy =
                    wiring.resistance().healthyAt(rules.evidence().celsius()).nominalOhms();
            return about(part).map(ohms -> StandingReason.HAS_ABOUT.with(ohms, Quantity.ohms(healthy)));
        });
    }

    /** Beside a parallel branch the loop's current is not the part's: then only the estimate is true. */
    private Optional<Quantity> about(PartFinding part) {
        Optional<ResistanceBelief> belief =
                part.suspicion().flatMap(s -> s.resistance().get());
        return rules.across(part.part())
                .flatMap(DropVerdict::ohms)
                .filter(ohms -> belief.filter(b -> ohms < b.lowOhms() / Marks.WIDE || ohms > b.highOhms() * Marks.WIDE)
                        .isEmpty())
                .map(CalledOhms::words)
                .or(() -> belief.map(CalledOhms::words))
                .map(Quantity::named);
    }

    /** An estimate that the readings do not pin down is said with its interval. */
    private static String words(ResistanceBelief belief) {
        return belief.highOhms() < Marks.WIDE * belief.lowOhms()
                ? words(belief.medianOhms())
                : "%s (%s to %s)"
                        .formatted(words(belief.medianOhms()), words(belief.lowOhms()), words(belief.highOhms()));
    }

    private static String words(double ohms) {
        return ohms > Marks.NO_CONNECTION_OHMS ? "no connection" : Amount.ohms(ohms);
    }
}
