package app.dantro.core.figure;

import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;

/** The diode test from case to B+, both ways, battery − off (docs/job.md, test 21). */
final class DiodeTest {
    private static final double MILLI = 1e-3;

    private static final List<Topic> TOPICS = List.of(Topic.DIODES_FORWARD, Topic.DIODES_REVERSE);

    private DiodeTest() {}

    static Optional<FigureVerdict> judged(Stated stated) {
        boolean forward = stated.said().about(Topic.DIODES_FORWARD).isPresent();
        boolean reverse = stated.said().about(Topic.DIODES_REVERSE).isPresent();
        if (!forward && !reverse) {
            return Optional.empty();
        }
        if (!forward || !reverse) {
            return Optional.of(verdict(stated, Sign.SAYS_LITTLE, FigureReason.ONE_DIRECTION));
        }
        boolean blocksBack = stated.said().openLine(Topic.DIODES_REVERSE);
        boolean open = stated.said().openLine(Topic.DIODES_FORWARD);
        double volts = volts(stated, Topic.DIODES_FORWARD);
        if (open && blocksBack) {
            return Optional.of(verdict(stated, Sign.SAYS_LITTLE, FigureReason.OPEN_BOTH_WAYS));
        }
        if (volts < Marks.SHORT_VOLTS
                || !blocksBack && volts(stated, Topic.DIODES_REVERSE) < Marks.TWO_JUNCTIONS_HIGH_VOLTS) {
            return Optional.of(verdict(stated, Sign.FAILS, FigureReason.CONDUCTS_BOTH_WAYS));
        }
        if (volts >= Marks.TWO_JUNCTIONS_LOW_VOLTS && volts <= Marks.TWO_JUNCTIONS_HIGH_VOLTS) {
            return Optional.of(verdict(stated, Sign.GOOD, FigureReason.TWO_JUNCTIONS));
        }
        boolean half = volts >= Marks.ONE_JUNCTION_LOW_VOLTS && volts < Marks.TWO_JUNCTIONS_LOW_VOLTS;
        return Optional.of(
                half
                        ? verdict(stated, cableOff(stated) ? Sign.FAILS : Sign.SUSPECT, FigureReason.HALF_A_JUNCTION)
                        : verdict(stated, Sign.SUSPECT, FigureReason.TEST_CABLE_OFF));
    }

    /** With the cable on, whatever hangs on it is tested too: somebody has to have lifted it. */
    private static boolean cableOff(Stated stated) {
        return stated.said().about(Topic.OUTPUT_LIFTED).isPresent();
    }

    /** A stated junction in volts; beyond everything for an open line. */
    private static double volts(Stated stated, Topic topic) {
        return stated.figure(topic).map(millivolts -> MILLI * millivolts).orElse(Double.POSITIVE_INFINITY);
    }

    private static FigureVerdict verdict(Stated stated, Sign sign, FigureReason because) {
        return new FigureVerdict(
                TOPICS, FigureName.DIODE_TEST.with(), stated.shown(TOPICS, ", swapped "), sign, because.with());
    }
}
