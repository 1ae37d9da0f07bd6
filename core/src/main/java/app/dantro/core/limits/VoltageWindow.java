package app.dantro.core.limits;

import java.util.List;
import java.util.Locale;

/**
 * Where a voltage at the posts has to lie by some practitioners (docs/job.md, limits by school); volts of a 12 V block.
 *
 * @param lowVolts least, in volts
 * @param highVolts most, in volts; infinite where none is named
 */
public record VoltageWindow(String school, double lowVolts, double highVolts) {

    /** Base voltage at which a starting or charging test may begin. */
    public static List<VoltageWindow> base() {
        return List.of(
                atLeast("12.4 or more", 12.4), atLeast("About 12.5 or more", 12.5), atLeast("12.6 or more", 12.6));
    }

    /** Regulated voltage at raised speed, loads off. */
    public static List<VoltageWindow> regulated() {
        return List.of(
                within(13.5, 14.5),
                within(13.5, 15.0),
                within(13.5, 15.1),
                within(13.6, 14.6),
                within(13.6, 14.9),
                within(13.8, 14.7),
                within(14.2, 14.7));
    }

    /**
     * Voltage at raised speed, all loads on.
     *
     * @param baseVolts base voltage of a block, which one school builds on
     */
    public static List<VoltageWindow> loaded(double baseVolts) {
        return List.of(
                atLeast("13.0 or more", 13.0),
                atLeast("13.4 or more", 13.4),
                within(13.5, 14.7),
                atLeast("Base and a half volt", baseVolts + 0.5));
    }

    /** What a healthy machine leaves at idle with all loads on (docs/everyday.md, idle, all loads). */
    public static VoltageWindow idleLoaded() {
        return within(12.1, 14.5);
    }

    /** What the school says of a voltage at the posts of some blocks in series. */
    public SchoolVerdict judge(double volts, int blocks, double errorVolts) {
        double low = lowVolts * blocks;
        double high = highVolts * blocks;
        if (Math.min(Math.abs(volts - low), Math.abs(volts - high)) <= errorVolts) {
            return SchoolVerdict.MARGINAL;
        }
        return volts < low || volts > high ? SchoolVerdict.FAILS : SchoolVerdict.PASSES;
    }

    private static VoltageWindow within(double lowVolts, double highVolts) {
        return new VoltageWindow(String.format(Locale.ROOT, "%.1f to %.1f", lowVolts, highVolts), lowVolts, highVolts);
    }

    private static VoltageWindow atLeast(String name, double volts) {
        return new VoltageWindow(name, volts, Double.POSITIVE_INFINITY);
    }
}
