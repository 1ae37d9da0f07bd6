package app.dantro.core.network;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import java.util.List;

/**
 * What instruments show in one condition, and how it moves with every number that differs between vehicles: the
 * operating point, and two Newton steps for each number with the factors at hand (modes kept). One is not enough: a
 * battery whose voltage and resistance move together would seem to deliver what it does not. Confined to
 * one thread.
 *
 * <p>Outputs: the potential of every point but the reference in V, then {@link #batteryAmps()}, {@link #chargeAmps()},
 * {@link #rpm()}, {@link #rippleVolts()} and the current of every cable ({@link #amps}). Numbers that move: every healthy spread (docs/physics.md, parameters), then the
 * temperature, then the severity of the fault.
 */
public final class ResponseSolver {
    private static final int CHANNELS = 4;

    private final NetworkSolver solver;
    /** The values of the state whose neighbours are solved. */
    private final DeviceValues unmoved;

    private final Nuisances nuisances;
    private final double sigmas;
    private final int nodes;
    private final int chargePart;
    /** The netlist's numbers of the parts that a clamp fits around. */
    private final int[] cables;

    private final double[] change;
    private final double[] second;
    private final double[] moved;

    /** @param sigmas how many standard deviations of healthy vehicles one step of a number is */
    public ResponseSolver(Circuit circuit, double sigmas) {
        solver = new NetworkSolver(circuit);
        unmoved = new DeviceValues(solver.netlist);
        nuisances = new Nuisances(solver.netlist);
        this.sigmas = sigmas;
        nodes = solver.netlist.nodes;
        chargePart = circuit.chargeCable().map(p -> solver.netlist.part(p.id())).orElse(-1);
        cables = circuit.parts().stream()
                .filter(p -> p.kind() == PartKind.CABLE || p.kind() == PartKind.STRAP)
                .mapToInt(p -> solver.netlist.part(p.id()))
                .toArray();
        change = new double[solver.step.unknowns()];
        second = new double[solver.step.unknowns()];
        moved = new double[outputs()];
    }

    /** Number of outputs. */
    public int outputs() {
        return nodes + CHANNELS + cables.length;
    }

    /** Number of numbers that move: healthy spreads, temperature, severity. */
    public int numbers() {
        return nuisances.count() + 2;
    }

    /** What a number is. */
    public NumberKind kind(int number) {
        int healthy = nuisances.count();
        return number < healthy
                ? nuisances.kind(number)
                : number == healthy ? NumberKind.TEMPERATURE : NumberKind.SEVERITY;
    }

    /** The number that moves with a wiring part's healthy resistance; −1 if the id names none. */
    public int numberOf(PartId part) {
        return solver.netlist.part(part);
    }

    /**
     * By how many standard deviations of healthy vehicles each number of a device lies off in a state; infinite for what no
     * healthy device can be.
     */
    public double[] off(VehicleState state) {
        DeviceValues healthy = new DeviceValues(solver.netlist);
        DeviceValues now = new DeviceValues(solver.netlist);
        healthy.set(new VehicleState(state.celsius(), state.stateOfCharge(), state.glowing(), List.of()));
        now.set(state);
        return nuisances.off(healthy, now);
    }

    /** Output with the potential of a point; −1 for the reference, whose potential is 0. */
    public int potential(PointId point) {
        int node = solver.netlist.node(point);
        return node == nodes ? -1 : node;
    }

    /** Output with the current all batteries deliver, of one block, in A. */
    public int batteryAmps() {
        return nodes;
    }

    /** Output with the current in the charge cable, in A; 0 without one. */
    public int chargeAmps() {
        return nodes + 1;
    }

    /** Output with the crankshaft's speed while cranking, in 1/min. */
    public int rpm() {
        return nodes + 2;
    }

    /** Output with the AC ripple at B+, in V. */
    public int rippleVolts() {
        return nodes + 3;
    }

    /** Output with the current in a cable or strap, in A, positive from its first point to its second; −1 for other parts. */
    public int amps(PartId part) {
        int number = solver.netlist.part(part);
        for (int i = 0; i < cables.length; i++) {
            if (cables[i] == number) {
                return nodes + CHANNELS + i;
            }
        }
        return -1;
    }

    /** The outputs of a solved state of the same circuit, in single precision. */
    public float[] outputsOf(OperatingPoint point) {
        float[] all = new float[outputs()];
        for (int i = 0; i < nodes; i++) {
            all[i] = (float) point.at(solver.netlist.points[i]);
        }
        double sum = 0;
        for (Battery battery : solver.netlist.batteries) {
            sum += point.amps(battery.id());
        }
        all[batteryAmps()] = (float) (sum / solver.netlist.circuit.blocks());
        all[chargeAmps()] = chargePart < 0 ? 0 : (float) point.amps(solver.netlist.parts[chargePart].id());
        all[rpm()] = (float) point.rpm();
        all[rippleVolts()] = (float) point.rippleVolts();
        for (int i = 0; i < cables.length; i++) {
            all[nodes + CHANNELS + i] = (float) point.amps(solver.netlist.parts[cables[i]].id());
        }
        return all;
    }

    /**
     * Solves one state and its neighbours.
     *
     * @param stronger the same with a fault that is stronger by one standard deviation of its severity; may be the same
     * @param means takes the outputs, length {@link #outputs()}
     * @param slopes takes the change of each output by each number, row after row, outputs × numbers
     * @return false if the state has no operating point; then nothing is written
     */
    public boolean respond(
            Condition condition, VehicleState state, VehicleState stronger, double[] means, double[] slopes) {
        unmoved.set(state);
        solver.values.copy(unmoved);
        if (solver.settled(condition).isEmpty()) {
            return false;
        }
        int numbers = numbers();
        read(means);
        for (int k = 0; k < nuisances.count(); k++) {
            solver.values.copy(unmoved);
            nuisances.shift(solver.values, k, condition, state, sigmas);
            step(means, slopes, k);
        }
        solver.values.set(new VehicleState(
                state.celsius() + Parameters.ASSUMED_KELVIN, state.stateOfCharge(), state.glowing(), state.faults()));
        step(means, slopes, numbers - 2);
        if (stronger.equals(state)) {
            clear(slopes, numbers - 1);
        } else {
            solver.values.set(stronger);
            step(means, slopes, numbers - 1);
        }
        bothWays(condition, state, slopes);
        return true;
    }

    /** Half the way from one standard deviation below to one above, each solved with modes of its own. */
    private void bothWays(Condition condition, VehicleState state, double[] slopes) {
        double[] above = new double[moved.length];
        for (int k : nuisances.bending(condition)) {
            boolean both = reads(condition, state, k, sigmas, above) && reads(condition, state, k, -sigmas, moved);
            for (int i = 0; both && i < moved.length; i++) {
                slopes[i * numbers() + k] = (above[i] - moved[i]) / 2;
            }
        }
    }

    private boolean reads(Condition condition, VehicleState state, int number, double by, double[] into) {
        solver.values.copy(unmoved);
        nuisances.shift(solver.values, number, condition, state, by);
        boolean settled = solver.settled(condition).isPresent();
        read(into);
        return settled;
    }

    private void step(double[] means, double[] slopes, int number) {
        if (!solver.step.correction(solver.contactsClosed(), change)) {
            clear(slopes, number);
            return;
        }
        solver.step.move(change, 1);
        boolean again = ModeStep.moves(change) && solver.step.correction(solver.contactsClosed(), second);
        if (again) {
            solver.step.move(second, 1);
        }
        read(moved);
        if (again) {
            solver.step.move(second, -1);
        }
        solver.step.move(change, -1);
        for (int i = 0; i < moved.length; i++) {
            slopes[i * numbers() + number] = moved[i] - means[i];
        }
    }

    private void clear(double[] slopes, int number) {
        for (int i = 0; i < outputs(); i++) {
            slopes[i * numbers() + number] = 0;
        }
    }

    private void read(double[] into) {
        for (int i = 0; i < nodes; i++) {
            into[i] = solver.step.potential(i);
        }
        into[batteryAmps()] = solver.step.batteryAmps() / solver.netlist.circuit.blocks();
        into[chargeAmps()] = chargePart < 0 ? 0 : solver.step.partAmps(chargePart);
        into[rpm()] = solver.step.radiansPerSecond() * OperatingPoint.RPM_PER_RADIAN_PER_SECOND;
        into[rippleVolts()] = solver.step.rippleVolts();
        for (int i = 0; i < cables.length; i++) {
            into[nodes + CHANNELS + i] = solver.step.partAmps(cables[i]);
        }
    }
}
