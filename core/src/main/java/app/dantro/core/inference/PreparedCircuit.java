package app.dantro.core.inference;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.ResponseSolver;
import app.dantro.core.network.VehicleState;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.stream.Stream;

/**
 * A circuit at one temperature with everything worked out that no reading changes: the hypotheses, and what instruments
 * show under each of them. Tables are made when a condition is first asked for, or beforehand by {@link #prepare}. Safe
 * for use by several threads.
 */
public final class PreparedCircuit {
    /** Healthy spreads are widened: it costs little, and halves the wrong calls in a wilder world (decisions/0010). */
    static final double ASSUMED_WIDENING = 1.5;
    /** Conditions that {@link #prepare} works out: those a planner proposes without a pile. */
    public static final List<Condition> USUAL = List.of(
            Condition.REST,
            Condition.KEY_ON,
            Condition.ENGINE_OFF_LOAD,
            Condition.CRANKING,
            Condition.RAISED,
            Condition.RAISED_LOADED);

    private static final int MOST_STEPS = 20;
    private static final int MOST_PAIRS = 20_000;
    private static final double ASSUMED_METER_GAIN = 0.005 / Math.sqrt(3);
    private static final double ASSUMED_CLAMP_GAIN = 0.015 / Math.sqrt(3);

    private final Circuit circuit;
    private final double celsius;
    private final List<Hypothesis> hypotheses;
    private final ResponseSolver outputs;
    private final NetworkSolver pairSolver;
    private final AtomicReferenceArray<ResponseTable> tables = new AtomicReferenceArray<>(Condition.values().length);
    private final Object[] making =
            Stream.generate(Object::new).limit(Condition.values().length).toArray();
    private final Map<Condition, Map<Long, Optional<float[]>>> pairs = new EnumMap<>(Condition.class);
    private Symptoms symptoms;

    private PreparedCircuit(Circuit circuit, double celsius) {
        this.circuit = circuit;
        this.celsius = celsius;
        this.hypotheses = Hypotheses.of(circuit, celsius);
        this.outputs = new ResponseSolver(circuit, ASSUMED_WIDENING);
        this.pairSolver = new NetworkSolver(circuit);
    }

    public static PreparedCircuit of(Circuit circuit, double celsius) {
        return new PreparedCircuit(circuit, celsius);
    }

    /** Works out the usual conditions, on all cores; a second call costs nothing. */
    public PreparedCircuit prepare() {
        USUAL.parallelStream().forEach(this::table);
        symptoms();
        return this;
    }

    public Circuit circuit() {
        return circuit;
    }

    public double celsius() {
        return celsius;
    }

    /** The single faults, the healthy vehicle first. */
    public List<Hypothesis> hypotheses() {
        return hypotheses;
    }

    /** Bytes held at the moment. */
    public synchronized long bytes() {
        long sum = 0;
        for (int i = 0; i < tables.length(); i++) {
            sum += tables.get(i) == null ? 0 : tables.get(i).bytes();
        }
        for (Map<Long, Optional<float[]>> kept : pairs.values()) {
            sum += (long) kept.size() * (4L * outputs.outputs() + 64);
        }
        return sum;
    }

    ResponseTable table(Condition condition) {
        ResponseTable made = tables.get(condition.ordinal());
        return made != null ? made : makeTable(condition);
    }

    /** Two conditions may be worked out at once, each only once. */
    private ResponseTable makeTable(Condition condition) {
        synchronized (making[condition.ordinal()]) {
            if (tables.get(condition.ordinal()) == null) {
                tables.set(
                        condition.ordinal(),
                        ResponseTable.of(circuit, condition, hypotheses, celsius, ASSUMED_WIDENING));
            }
            return tables.get(condition.ordinal());
        }
    }

    synchronized Symptoms symptoms() {
        if (symptoms == null) {
            symptoms = new Symptoms(this);
        }
        return symptoms;
    }

    /** Current in a wiring part of a healthy vehicle, in A, without its sign. */
    public double healthyAmps(Part part, Condition condition) {
        Observable across = new Observable.Volts(condition, part.from(), part.to());
        double ohms = part.resistance().healthyAt(celsius).nominalOhms();
        return part.gate().closedIn(condition) && !opened(part, condition) ? Math.abs(mean(0, -1, across)) / ohms : 0;
    }

    /**
     * The added resistance of a part, in Ω, at which an observable shows a value: between the two steps of the grid that
     * hold it, the nearest first, logarithmically; the hypothesis' own where none do.
     */
    double addedOhms(PartId part, int hypothesis, Observable what, double value) {
        for (int i = 0; i < 2 * MOST_STEPS; i++) {
            int h = hypothesis + (i % 2 == 0 ? -i / 2 : (i + 1) / 2);
            if (!isStep(part, h) || !isStep(part, h + 1)) {
                continue;
            }
            double low = mean(h, -1, what);
            double high = mean(h + 1, -1, what);
            if (Math.min(low, high) <= value && value <= Math.max(low, high) && low != high) {
                double share = (value - low) / (high - low);
                return ohms(h) * Math.pow(ohms(h + 1) / ohms(h), share);
            }
        }
        return ohms(hypothesis);
    }

    private boolean isStep(PartId part, int hypothesis) {
        return hypothesis > 0
                && hypothesis < hypotheses.size()
                && hypotheses.get(hypothesis).parts().contains(part);
    }

    private double ohms(int hypothesis) {
        return hypotheses.get(hypothesis).faults().get(0).ohms(0);
    }

    /** The solenoid's contacts are open unless the starter is called for. */
    private boolean opened(Part part, Condition condition) {
        return !condition.starterCalled()
                && circuit.solenoid()
                        .filter(s -> s.contacts().equals(part.id()))
                        .isPresent();
    }

    /** Columns of a row of slopes: the table's numbers, the second fault's severity, meter gain, clamp gain. */
    int columns() {
        return outputs.numbers() + 3;
    }

    /** The column that moves with a wiring part's healthy resistance; −1 for a device. */
    int columnOf(PartId part) {
        return outputs.numberOf(part);
    }

    int severityColumn() {
        return outputs.numbers() - 1;
    }

    int secondSeverityColumn() {
        return outputs.numbers();
    }

    /**
     * By how many standard deviations of healthy vehicles, widened or not, each number of a device lies off under a
     * hypothesis whose severity has moved; infinite for what no healthy device can be.
     */
    double[] off(int hypothesis, double severity) {
        Hypothesis h = hypotheses.get(hypothesis);
        double[] off = outputs.off(h.state(celsius));
        double[] stronger = outputs.off(h.strongerState(celsius));
        for (int k = 0; k < off.length; k++) {
            off[k] += Double.isInfinite(off[k]) ? 0 : severity * (stronger[k] - off[k]);
        }
        return off;
    }

    /** Output with the potential of a point, −1 for the reference. */
    int potential(PointId point) {
        return outputs.potential(point);
    }

    /** Output of an observable's + side, −1 for the reference. */
    int plus(Observable what) {
        if (what instanceof Observable.Volts volts) {
            return outputs.potential(volts.red());
        }
        if (what instanceof Observable.Amps amps && amps.in().isPresent()) {
            return flowsBack(amps) ? -1 : amps(amps.in().get());
        }
        if (what instanceof Observable.Speed) {
            return outputs.rpm();
        }
        boolean charging = what.condition().alternatorsCurrent();
        return charging ? outputs.chargeAmps() : outputs.batteryAmps();
    }

    /** Output of an observable's − side, −1 for the reference or none. */
    int minus(Observable what) {
        if (what instanceof Observable.Amps amps && amps.in().isPresent() && flowsBack(amps)) {
            return amps(amps.in().get());
        }
        return what instanceof Observable.Volts volts ? outputs.potential(volts.black()) : -1;
    }

    /** True if a healthy current flows from the part's second point to its first. */
    private boolean flowsBack(Observable.Amps amps) {
        return table(amps.condition()).means[amps(amps.in().orElseThrow())] < 0;
    }

    private int amps(PartId part) {
        int output = outputs.amps(part);
        if (output < 0) {
            throw new IllegalArgumentException("A clamp does not fit around the part (%s).".formatted(part));
        }
        return output;
    }

    /** What an observable shows under a pair of hypotheses ({@code second} −1 for none); NaN if there is no solution. */
    double mean(int first, int second, Observable what) {
        return mean(first, second, what.condition(), plus(what), minus(what));
    }

    double mean(int first, int second, Condition condition, int plus, int minus) {
        if (second < 0) {
            ResponseTable table = table(condition);
            if (!table.known[first]) {
                return Double.NaN;
            }
            int at = first * table.outputs;
            return (plus < 0 ? 0 : table.means[at + plus]) - (minus < 0 ? 0 : table.means[at + minus]);
        }
        Optional<float[]> means = pairMeans(first, second, condition);
        return means.map(m -> (double) (plus < 0 ? 0 : m[plus]) - (minus < 0 ? 0 : m[minus]))
                .orElse(Double.NaN);
    }

    /** Writes how an observable moves with every column. */
    void slopes(int first, int second, Observable what, double mean, double[] into, int at) {
        int plus = plus(what);
        int minus = minus(what);
        ResponseTable table = table(what.condition());
        int numbers = table.numbers;
        add(table, first, plus, minus, 1, into, at);
        into[at + numbers] = 0;
        if (second >= 0) {
            double severity = into[at + numbers - 1];
            addPair(table, second, plus, minus, into, at);
            into[at + numbers] = into[at + numbers - 1] - severity;
            into[at + numbers - 1] = severity;
        }
        into[at + numbers + 1] = what.isVolts() ? ASSUMED_METER_GAIN * mean : 0;
        into[at + numbers + 2] = what instanceof Observable.Amps ? ASSUMED_CLAMP_GAIN * mean : 0;
    }

    private static void add(ResponseTable table, int h, int plus, int minus, int sign, double[] into, int at) {
        int numbers = table.numbers;
        int base = h * table.outputs * numbers;
        for (int k = 0; k < numbers; k++) {
            double slope = (plus < 0 ? 0 : table.slopes[base + plus * numbers + k])
                    - (minus < 0 ? 0 : table.slopes[base + minus * numbers + k]);
            into[at + k] = sign == 1 ? slope : into[at + k] - slope;
        }
    }

    /** Slopes of two faults together, as if each moved the vehicle by itself. */
    private static void addPair(ResponseTable table, int second, int plus, int minus, double[] into, int at) {
        int numbers = table.numbers;
        int of = second * table.outputs * numbers;
        for (int k = 0; k < numbers; k++) {
            int p = plus * numbers + k;
            int m = minus * numbers + k;
            into[at + k] += (plus < 0 ? 0 : table.slopes[of + p] - table.slopes[p])
                    - (minus < 0 ? 0 : table.slopes[of + m] - table.slopes[m]);
        }
    }

    /** Potentials and channels with two faults; kept, since a case asks for the same pairs again. */
    private synchronized Optional<float[]> pairMeans(int first, int second, Condition condition) {
        Map<Long, Optional<float[]>> kept = pairs.computeIfAbsent(condition, c -> new HashMap<>());
        if (kept.size() > MOST_PAIRS) {
            kept.clear();
        }
        return kept.computeIfAbsent((long) first << 32 | second, key -> solvedPair(first, second, condition));
    }

    private Optional<float[]> solvedPair(int first, int second, Condition condition) {
        List<Fault> both = new ArrayList<>(hypotheses.get(first).faults());
        both.addAll(hypotheses.get(second).faults());
        VehicleState state = VehicleState.healthyAt(celsius);
        for (Fault fault : both) {
            state = state.with(fault);
        }
        if (!(pairSolver.solve(condition, state) instanceof OperatingPoint point)) {
            return Optional.empty();
        }
        return Optional.of(outputs.outputsOf(point));
    }
}
