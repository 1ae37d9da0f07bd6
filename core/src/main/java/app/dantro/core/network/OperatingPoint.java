package app.dantro.core.network;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import java.util.List;
import java.util.Map;

/** A solved circuit in one condition. Potentials count from the battery's − post. */
public final class OperatingPoint implements Solution {
    static final double RPM_PER_RADIAN_PER_SECOND = 60 / (2 * Math.PI);

    private final Netlist netlist;
    private final double[] volts;
    private final double[] partAmps;
    private final Map<PartId, Double> deviceAmps;
    private final Turning turning;
    private final List<Limit> limits;
    private final Convergence convergence;

    /** How the motor turns and how much the alternator's output hums, in rad/s and V AC. */
    record Turning(double radiansPerSecond, double rippleVolts) {}

    /**
     * @param iterations linear systems that were solved
     * @param residualAmps largest imbalance of currents at any point, in A
     */
    public record Convergence(int iterations, double residualAmps) {}

    /** Potentials of the nodes in V, currents of the parts and of the devices in A. */
    record Flows(double[] volts, double[] partAmps, Map<PartId, Double> deviceAmps) {}

    OperatingPoint(Netlist netlist, Flows flows, Turning turning, List<Limit> limits, Convergence convergence) {
        this.netlist = netlist;
        this.volts = flows.volts;
        this.partAmps = flows.partAmps;
        this.deviceAmps = flows.deviceAmps;
        this.turning = turning;
        this.limits = limits;
        this.convergence = convergence;
    }

    /** Potential of a probe point in V above the battery's − post. */
    public double at(PointId point) {
        int node = netlist.node(point);
        return node == netlist.nodes ? 0 : volts[node];
    }

    /** What an ideal meter shows, red − black, in V. */
    public double between(PointId red, PointId black) {
        return at(red) - at(black);
    }

    /**
     * Current in A: through a wiring part, load, pile, starter or coil in its own direction; out of the + post of a
     * battery; out of B+ of an alternator.
     *
     * @throws IllegalArgumentException if the circuit has no such part
     */
    public double amps(PartId part) {
        int number = netlist.part(part);
        if (number >= 0) {
            return partAmps[number];
        }
        Double amps = deviceAmps.get(part);
        if (amps == null) {
            throw new IllegalArgumentException(
                    "There is no part (%s) in the circuit (%s).".formatted(part, netlist.circuit.id()));
        }
        return amps;
    }

    /** Current through the starter's motor in A; 0 without a starter. */
    public double starterAmps() {
        return netlist.starters.length == 0 ? 0 : deviceAmps.get(netlist.starters[0].id());
    }

    /** Crankshaft speed in rad/s; 0 when stalled or not cranking. */
    public double radiansPerSecond() {
        return turning.radiansPerSecond();
    }

    /** Cranking speed in revolutions per minute. */
    public double rpm() {
        return turning.radiansPerSecond() * RPM_PER_RADIAN_PER_SECOND;
    }

    /** AC ripple at B+ in V; 0 while the alternator delivers nothing. */
    public double rippleVolts() {
        return turning.rippleVolts();
    }

    public List<Limit> limits() {
        return limits;
    }

    public Convergence convergence() {
        return convergence;
    }

    @Override
    public OperatingPoint orThrow() {
        return this;
    }
}
