package app.dantro.core.schools;

import app.dantro.core.limits.Margin;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import java.util.Optional;

/**
 * What one school says.
 *
 * @param limit with its unit
 */
public record Ruling(String school, Reason limit, SchoolVerdict verdict) {
    /** What the conductor's own limit is called. */
    static final String OWN = "Conductor's own limit";

    /** A voltage that must not fall below a limit, with the meter's error around it, all in V. */
    static Ruling least(String school, double limit, double volts, double error) {
        SchoolVerdict verdict = Math.abs(volts - limit) <= error
                ? SchoolVerdict.MARGINAL
                : volts < limit ? SchoolVerdict.FAILS : SchoolVerdict.PASSES;
        return new Ruling(school, SchoolReason.AT_LEAST.with(Quantity.volts(limit)), verdict);
    }

    /** A drop that must not exceed a limit, in V. */
    static Ruling most(String school, double limit, double volts, double error) {
        SchoolVerdict verdict = Margin.near(volts, limit, error)
                ? SchoolVerdict.MARGINAL
                : volts > limit ? SchoolVerdict.FAILS : SchoolVerdict.PASSES;
        return new Ruling(school, SchoolReason.AT_MOST.with(Quantity.volts(limit)), verdict);
    }

    /** The limit in volts, if there is one for this. */
    public Optional<Double> limitVolts() {
        return limit.numbers().stream()
                .filter(Quantity.Volts.class::isInstance)
                .map(q -> ((Quantity.Volts) q).volts())
                .findFirst();
    }

    boolean is(SchoolVerdict wanted) {
        return verdict == wanted;
    }
}
