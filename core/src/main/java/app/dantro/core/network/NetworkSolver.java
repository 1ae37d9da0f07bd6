package app.dantro.core.network;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Solenoid;
import java.util.Optional;

/**
 * Operating point of a circuit in any condition, with any faults: nodal analysis with piecewise linear devices
 * (docs/physics.md; sources.md [MNA], [KATZENELSON]). Keeps its buffers and the last modes, so that a neighbouring case
 * is solved in fewer steps; confined to one thread.
 *
 * <p>Bounded: at most {@value #MOST_STEPS} full steps, then at most {@value #MOST_COMBINATIONS} combinations of modes a
 * position of the contacts. What converges is self-consistent: the modes of the solution are those it was built with.
 */
public final class NetworkSolver {
    static final int MOST_STEPS = 16;
    static final int MOST_COMBINATIONS = 4096;

    final Netlist netlist;
    final DeviceValues values;
    final ModeStep step;
    private final Nuisances nuisances;
    /** Modes to begin with, by condition and contacts open or closed. */
    private final int[][] lastModes;

    private int iterations;
    /** Whether the solenoid's contacts were closed in the last solution. */
    private boolean closed;

    public NetworkSolver(Circuit circuit) {
        netlist = new Netlist(circuit);
        values = new DeviceValues(netlist);
        nuisances = new Nuisances(netlist);
        step = new ModeStep(netlist, values);
        lastModes = new int[2 * Condition.values().length][step.modeCount()];
        forget();
    }

    public Circuit circuit() {
        return netlist.circuit;
    }

    /** Forgets where the last solution was, so that the next one starts from scratch. */
    public void forget() {
        for (Condition condition : Condition.values()) {
            step.guess(condition, false, lastModes[2 * condition.ordinal()]);
            step.guess(condition, true, lastModes[2 * condition.ordinal() + 1]);
        }
    }

    /**
     * Solves the circuit.
     *
     * @return the operating point, or why there is none; never a number that did not converge
     * @throws IllegalArgumentException if a fault does not fit the circuit
     */
    public Solution solve(Condition condition, VehicleState state) {
        values.set(state);
        return solved(condition);
    }

    /**
     * Solves one particular vehicle.
     *
     * @param sigmas by how many standard deviations each number lies off what is usual for a healthy vehicle, length
     *     {@link #nuisances()}
     */
    public Solution solve(Condition condition, VehicleState state, double[] sigmas) {
        values.set(state);
        for (int k = 0; k < sigmas.length; k++) {
            nuisances.shift(values, k, condition, state, sigmas[k]);
        }
        return solved(condition);
    }

    /** How many numbers differ between healthy vehicles. */
    public int nuisances() {
        return nuisances.count();
    }

    /** The solution with one of those numbers moved by one standard deviation. */
    Solution solveShifted(Condition condition, VehicleState state, int nuisance) {
        values.set(state);
        nuisances.shift(values, nuisance, condition, state, 1);
        return solved(condition);
    }

    private Solution solved(Condition condition) {
        return settled(condition)
                .<Solution>map(plunger -> step.result(plunger, iterations))
                .orElseGet(() -> new Solution.Unsolved(
                        "the devices' modes did not settle, or the numbers are out of range", iterations));
    }

    /** Solves with the values at hand; the solution is in {@link #step}. Empty if there is none. */
    Optional<Plunger> settled(Condition condition) {
        iterations = 0;
        if (!found(false, condition)) {
            return Optional.empty();
        }
        if (netlist.solenoids.length == 0 || !condition.starterCalled()) {
            return Optional.of(Plunger.NONE);
        }
        Solenoid.Coils coils = netlist.solenoids[0].coils();
        if (triggerVolts() < coils.pullInVolts()) {
            return Optional.of(Plunger.NOT_ENGAGED);
        }
        if (!found(true, condition)) {
            return Optional.empty();
        }
        if (triggerVolts() >= coils.holdVolts()) {
            return Optional.of(Plunger.ENGAGED);
        }
        return found(false, condition) ? Optional.of(Plunger.CHATTERS) : Optional.empty();
    }

    boolean contactsClosed() {
        return closed;
    }

    /** What the solenoid's plunger does. */
    enum Plunger {
        NONE,
        NOT_ENGAGED,
        ENGAGED,
        CHATTERS;

        Optional<Limit> limit() {
            return switch (this) {
                case NOT_ENGAGED -> Optional.of(Limit.NOT_ENGAGED);
                case CHATTERS -> Optional.of(Limit.CHATTERS);
                default -> Optional.empty();
            };
        }
    }

    private double triggerVolts() {
        Solenoid solenoid = netlist.solenoids[0];
        return step.potential(netlist.node(solenoid.trigger())) - step.potential(netlist.node(solenoid.ground()));
    }

    /** Finds the self-consistent modes, full steps first, then by trying every combination. */
    private boolean found(boolean contactsClosed, Condition condition) {
        closed = contactsClosed;
        step.begin(condition, contactsClosed);
        int[] modes = lastModes[2 * condition.ordinal() + (contactsClosed ? 1 : 0)];
        for (int i = 0; i < MOST_STEPS; i++) {
            iterations++;
            if (!step.solve(modes)) {
                return enumerated(modes);
            }
            if (step.modesAgree(modes)) {
                return step.balances();
            }
        }
        return enumerated(modes);
    }

    private boolean enumerated(int[] modes) {
        long combinations = step.combinations();
        for (long number = 0; number < Math.min(combinations, MOST_COMBINATIONS); number++) {
            step.combination(number, modes);
            iterations++;
            if (step.solve(modes) && step.modesAgree(modes)) {
                return step.balances();
            }
        }
        step.guess(step.condition(), false, modes);
        return false;
    }
}
