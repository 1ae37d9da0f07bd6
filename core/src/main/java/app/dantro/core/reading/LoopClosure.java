package app.dantro.core.reading;

import app.dantro.core.circuit.PointId;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Kirchhoff's voltage law over readings: the sum around any closed way is zero (sources.md [KIRCHHOFF]). */
public final class LoopClosure {
    /** Readings whose currents differ by more belong to different operating points. */
    private static final double SAME_CURRENT = 0.1;

    /** Beyond both a loop does not close (docs/job.md, slips to catch). */
    private static final double OFF_SIGMAS = 4;

    public static final double OFF_VOLTS = 0.03;

    private LoopClosure() {}

    /**
     * What one reading is by the sum of others.
     *
     * @param volts the sum of the others along the shortest way from red to black, in volts
     * @param standardVolts its standard uncertainty together with the reading's own, in volts
     */
    public record Sum(double volts, double standardVolts, List<Reading> others) {
        public Sum {
            others = List.copyOf(others);
        }

        /** True if a reading that should close the loop lies further off than any error of meters and currents. */
        public boolean contradicts(double readVolts) {
            return Math.abs(residualSigmas(readVolts)) > OFF_SIGMAS && Math.abs(readVolts - volts) > OFF_VOLTS;
        }

        /** Reading minus sum in standard uncertainties. */
        public double residualSigmas(double readVolts) {
            return (readVolts - volts) / standardVolts;
        }
    }

    /** The shortest way of other readings of the same condition and current that closes the loop, if there is one. */
    public static Optional<Sum> around(Reading reading, List<Reading> others) {
        Map<PointId, Deque<Reading>> ways = new HashMap<>();
        Deque<PointId> open = new ArrayDeque<>(List.of(reading.red()));
        ways.put(reading.red(), new ArrayDeque<>());
        while (!open.isEmpty()) {
            PointId here = open.poll();
            if (here.equals(reading.black())) {
                return Optional.of(sum(reading, new ArrayList<>(ways.get(here))));
            }
            for (Reading other : others) {
                if (comparable(reading, other)) {
                    PointId next = otherEnd(other, here);
                    if (next != null && !ways.containsKey(next)) {
                        Deque<Reading> way = new ArrayDeque<>(ways.get(here));
                        way.add(other);
                        ways.put(next, way);
                        open.add(next);
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static PointId otherEnd(Reading reading, PointId here) {
        if (reading.red().equals(here)) {
            return reading.black();
        }
        return reading.black().equals(here) ? reading.red() : null;
    }

    private static boolean comparable(Reading one, Reading other) {
        if (one.id().equals(other.id()) || one.condition() != other.condition()) {
            return false;
        }
        return currentDifference(one, other) <= SAME_CURRENT;
    }

    private static Sum sum(Reading reading, List<Reading> way) {
        PointId here = reading.red();
        double volts = 0;
        double variance = Math.pow(MeterError.standardVoltsWithoutGain(reading), 2);
        for (Reading step : way) {
            boolean along = step.red().equals(here);
            volts += along ? step.volts() : -step.volts();
            variance += Math.pow(MeterError.standardVoltsWithoutGain(step), 2);
            variance += Math.pow(currentDifference(reading, step) * step.volts(), 2);
            here = along ? step.black() : step.red();
        }
        return new Sum(volts, Math.sqrt(variance), way);
    }

    /** Share by which the two currents differ; a drop may be off by as much. */
    private static double currentDifference(Reading reading, Reading step) {
        if (reading.amps().isEmpty() || step.amps().isEmpty()) {
            return 0;
        }
        double a = reading.amps().get();
        double b = step.amps().get();
        return Math.abs(a - b) / Math.max(1e-9, Math.max(a, b));
    }
}
