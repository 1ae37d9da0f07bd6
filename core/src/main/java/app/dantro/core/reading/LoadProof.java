package app.dantro.core.reading;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.SeriesLoop;
import java.util.stream.DoubleStream;

/** Whether the posts show that current flowed, though nobody measured it. */
public final class LoadProof {
    /** Posts that fall this far below the base voltage carried the starter (docs/job.md, slips to catch). */
    private static final double FALL_VOLTS = 0.5;

    private LoadProof() {}

    /** True if the posts fell at least 0.5 V below base while cranking. */
    public static boolean in(SeriesLoop loop, Readings counted) {
        double base = posts(loop, counted, Condition.REST).max().orElse(0);
        double cranked = posts(loop, counted, Condition.CRANKING).min().orElse(Double.MAX_VALUE);
        return base - cranked >= FALL_VOLTS;
    }

    /** Sizes of the readings at the posts in a condition, in volts. */
    public static DoubleStream posts(SeriesLoop loop, Readings counted, Condition condition) {
        return counted.in(condition).stream()
                .filter(r -> loop.isPosts(r.red(), r.black()))
                .mapToDouble(r -> Math.abs(r.volts()));
    }
}
