package app.dantro.core.standing;

import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Later;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.reading.DropOhms;
import java.util.Optional;

/**
 * A resistance that was read across just its part, beside what all readings make of it. Where the two agree, what was read is
 * the middle, and the interval is the instruments' own: the estimate follows the volts of a model in straight lines, which
 * far from its grid is a worse instrument than a meter and a clamp. Where they do not agree the reading may be a slip, or
 * the current take another way, and only the estimate stands.
 */
final class DirectOhms {
    private DirectOhms() {}

    /** The suspicion with its resistance centred on what was read across the part, if that agrees. */
    static Suspicion centred(Suspicion suspicion, Optional<DropVerdict> across) {
        return new Suspicion(
                suspicion.probability(),
                suspicion.shown(),
                new Later<>(() -> suspicion
                        .resistance()
                        .get()
                        .map(all -> across.flatMap(drop -> read(drop, all)).orElse(all))),
                suspicion.influences());
    }

    private static Optional<ResistanceBelief> read(DropVerdict drop, ResistanceBelief all) {
        return drop.ohms()
                .filter(ohms -> ohms >= all.lowOhms() / Marks.WIDE && ohms <= all.highOhms() * Marks.WIDE)
                .map(ohms -> {
                    double half = Quantile.TWO_SIDED_95
                            * DropOhms.clamped(drop.reading(), drop.healthy().amps())
                                    .standardOhms();
                    return new ResistanceBelief(Math.max(0, ohms - half), ohms, ohms + half, ohms);
                });
    }
}
