package app.dantro.core.reading;

import app.dantro.core.quantity.Quantile;

/** Sizes of one or two drops together, with the error of their meter and the coarser last digit, in V. */
public record DropSum(double volts, double errorVolts, double resolutionVolts) {
    public static DropSum of(Reading one) {
        return new DropSum(
                Math.abs(one.volts()), Quantile.COVERAGE * MeterError.standardVolts(one), one.resolutionVolts());
    }

    public static DropSum of(Reading one, Reading other) {
        return new DropSum(
                Math.abs(one.volts()) + Math.abs(other.volts()),
                Quantile.COVERAGE * Math.hypot(MeterError.standardVolts(one), MeterError.standardVolts(other)),
                Math.max(one.resolutionVolts(), other.resolutionVolts()));
    }
}
