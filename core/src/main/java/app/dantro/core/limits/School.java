package app.dantro.core.limits;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import java.util.List;
import java.util.Optional;

/**
 * A set of fixed limits that some practitioners use as a whole (docs/job.md, limits by school).
 *
 * @param supplyVolts allowed drop of the supply side up to the starter's battery stud, in volts
 * @param returnVolts allowed drop of the return side, in volts
 */
public record School(String id, String name, Optional<Double> supplyVolts, Optional<Double> returnVolts, String notes) {
    /** Raised with every change of these limits. */
    public static final int TABLE_VERSION = 2;

    /** The school that also has a least drop: under it nothing was loaded, or a probe had no contact. */
    public static final String WINDOW = "charging-window";

    /** One school's total of both sides, in volts of a 12 V system (docs/job.md, test 18). */
    public static final double TOTAL_VOLTS = 0.5;

    /** Not doubled on 24 V. */
    public static final double LEAST_WINDOW_VOLTS = 0.03;

    /** What a limit of the shop's own must lie in, with the wrong one in place. */
    public static final String CAN_ALLOW =
            "The allowed drop (%s V) must lie in 0.005 … 3 V, for a 12 V system; 24 V doubles it.";

    private static final double LEAST_OWN_VOLTS = 0.005;
    private static final double MOST_OWN_VOLTS = 3;

    /** A set of the shop's own. */
    public static School own(String name, Optional<Double> supplyVolts, Optional<Double> returnVolts, String source) {
        return new School("own", name, supplyVolts, returnVolts, source);
    }

    /** True if a set of the shop's own may allow this drop. */
    public static boolean canAllow(double volts) {
        return volts >= LEAST_OWN_VOLTS && volts <= MOST_OWN_VOLTS;
    }

    /** The schools for a loop, in the order they are shown. */
    public static List<School> of(Loop loop) {
        return loop == Loop.STARTING ? starting() : charging();
    }

    /** The starting schools, in the order they are shown. */
    public static List<School> starting() {
        return List.of(
                new School(
                        "starting-three-and-five-tenths",
                        "Three and five tenths",
                        Optional.of(0.30),
                        Optional.of(0.50),
                        "Supply to the solenoid's battery stud; contacts apart."),
                new School(
                        "starting-by-size-car",
                        "By size, car",
                        Optional.empty(),
                        Optional.of(0.30),
                        "0.10 to 0.30 V on a car, mean of several cranks. Says nothing of the supply side."),
                new School(
                        "starting-by-size-long",
                        "By size, long cables",
                        Optional.empty(),
                        Optional.of(0.50),
                        "For long cables or a large starter, mean of several cranks."),
                new School(
                        "starting-total",
                        "Total with pile",
                        Optional.empty(),
                        Optional.empty(),
                        "Supply and return together 0.5 V (24 V: 1.0) at 500 A from a carbon pile. Silent on cranking drops."));
    }

    /** The charging schools with a limit for each side, in the order they are shown. */
    public static List<School> charging() {
        return List.of(
                charging("charging-half-and-two-tenths", "Half and two tenths", 0.50, 0.20),
                charging("charging-two-tenths-both", "Two tenths both", 0.20, 0.20),
                charging(WINDOW, "Window", 0.40, 0.40),
                charging("charging-two-tenths-and-one", "Two tenths and one", 0.20, 0.10),
                charging("charging-three-tenths-and-one", "Three tenths and one", 0.30, 0.10),
                charging("charging-four-and-two-tenths", "Four and two tenths", 0.40, 0.20),
                charging("charging-examination", "Examination", 0.70, 0.20));
    }

    private static School charging(String id, String name, double supplyVolts, double returnVolts) {
        return new School(id, name, Optional.of(supplyVolts), Optional.of(returnVolts), "At raised speed, loads on.");
    }

    /** Allowed drop of a whole side in volts of a 12 V system, if this school has a limit for it. */
    public Optional<Double> limitOf(Side side) {
        return side == Side.SUPPLY ? supplyVolts : returnVolts;
    }

    /** Allowed drop in volts for a stretch, if this school has a limit for it. */
    public Optional<Double> limitFor(SeriesLoop loop, Stretch stretch) {
        if (!stretch.isDrop() || stretch.parts().isEmpty()) {
            return Optional.empty();
        }
        if (stretch.parts().stream().anyMatch(p -> p.kind() == PartKind.CONTACTS)) {
            return Optional.empty();
        }
        Side side = loop.sideOf(stretch.parts().get(0).id());
        return limitOf(side).map(v -> v * loop.blocks());
    }

    /**
     * The school's verdict on a drop. Its limits are for a whole side: a piece of it may fail them, but never passes.
     *
     * @param volts the drop in volts, positive with the flow
     * @param errorVolts the meter's error at it in volts
     */
    public SchoolVerdict judge(SeriesLoop loop, Stretch stretch, double volts, double errorVolts) {
        return limitFor(loop, stretch)
                .map(limit -> verdict(limit, isWholeSide(loop, stretch), volts, errorVolts))
                .orElse(SchoolVerdict.SILENT);
    }

    private static SchoolVerdict verdict(double limitVolts, boolean whole, double volts, double errorVolts) {
        if (Margin.near(volts, limitVolts, errorVolts)) {
            return SchoolVerdict.MARGINAL;
        }
        if (volts > limitVolts) {
            return SchoolVerdict.FAILS;
        }
        return whole ? SchoolVerdict.PASSES : SchoolVerdict.SILENT;
    }

    /** True for the return side, and for the supply side up to the contacts, which are judged apart. */
    private static boolean isWholeSide(SeriesLoop loop, Stretch stretch) {
        return loop.side(loop.sideOf(stretch.parts().get(0).id())).stream()
                .filter(p -> p.kind() != PartKind.CONTACTS)
                .allMatch(p -> stretch.covers(p.id()));
    }
}
