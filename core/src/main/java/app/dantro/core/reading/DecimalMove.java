package app.dantro.core.reading;

import java.util.EnumSet;
import java.util.Set;
import java.util.stream.DoubleStream;

/** By how much a decimal point slips: what was typed over what was meant (docs/job.md, slips to catch). */
public enum DecimalMove {
    TEN_TIMES(10, "one decimal place too large"),
    TENTH(0.1, "one decimal place too small"),
    THOUSAND_TIMES(1000, "millivolts typed as volts"),
    THOUSANDTH(1e-3, "volts typed as millivolts"),
    HUNDRED_TIMES(100, "two decimal places too large"),
    HUNDREDTH(0.01, "two decimal places too small");

    /** One place, or a unit's prefix: what happens often enough to be expected. */
    public static final Set<DecimalMove> USUAL = EnumSet.of(TEN_TIMES, TENTH, THOUSAND_TIMES, THOUSANDTH);

    private final double factor;
    private final String words;

    DecimalMove(double factor, String words) {
        this.factor = factor;
        this.words = words;
    }

    public String words() {
        return words;
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
