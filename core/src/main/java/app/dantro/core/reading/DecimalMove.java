package app.dantro.core.reading;

import java.util.EnumSet;
import java.util.Set;
import java.util.stream.DoubleStream;

/** By how much a decimal point slips: what was typed over what was meant (docs/job.md, slips to catch). */
public enum DecimalMove {
    TEN_TIMES(10),
    TENTH(0.1),
    THOUSAND_TIMES(1000),
    THOUSANDTH(1e-3),
    HUNDRED_TIMES(100),
    HUNDREDTH(0.01);

    /** One place, or a unit's prefix: what happens often enough to be expected. */
    public static final Set<DecimalMove> USUAL = EnumSet.of(TEN_TIMES, TENTH, THOUSAND_TIMES, THOUSANDTH);

    private final double factor;

    DecimalMove(double factor) {
        this.factor = factor;
    }

    public double factor() {
        return factor;
    }

    /** What a typed value has to be multiplied by to undo any of the moves, one place first. */
    public static DoubleStream back() {
        return DoubleStream.of(0.1, 10, 0.001, 1000, 0.01, 100);
    }

    /** The same for values that were typed too large. */
    public static DoubleStream down() {
        return back().filter(move -> move < 1);
    }
}
