package app.dantro.core.inference;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.ParallelWays;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.NumberKind;
import app.dantro.core.network.ResponseSolver;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.stream.Stream;

/**
 * A circuit at one temperature with everything worked out that no reading changes: the hypotheses, and what instruments
 * show under each of them. Tables are made when a condition is first asked for, or beforehand by {@link #prepare}. Safe
 * for use by several threads.
 */
public final class PreparedCircuit {
    /** Which table of priors the judgement rests on; raised with every change of it. */
    public static final int PRIORS_VERSION = Priors.VERSION;
    /** Healthy spreads are widened by this wherever parts are judged. */
    public static final double WIDENING = Marks.ASSUMED_WIDENING;
    /** Conditions that {@link #prepare} works out: those a planner proposes without a pile. */
    public static final List<Condition> USUAL = List.of(
            Condition.REST,
            Condition.KEY_ON,
            Condition.ENGINE_OFF_LOAD,
            Condition.CRANKING,
            Condition.RAISED,
            Condition.RAISED_LOADED);

    private static final int MOST_STEPS = 20;

    private final Circuit circuit;
    private final double celsius;
    private final List<Hypothesis> hypotheses;
    private final ResponseSolver outputs;
    private final Channels channels;
    private final Sensitivities sensitivities;
    private final PairTable pairs;
    private final List<ParallelWays> parallel;
    private final AtomicReferenceArray<ResponseTable> tables = new AtomicReferenceArray<>(Condition.values().length);
    private final Object[] making =
            Stream.generate(Object::new).limit(Condition.values().length).toArray();
    private Symptoms symptoms;

    private PreparedCircuit(Circuit circuit, double celsius) {
        this.circuit = circuit;
        this.celsius = celsius;
        this.hypotheses = Hypotheses.of(circuit, celsius);
        this.outputs = new ResponseSolver(circuit, Marks.ASSUMED_WIDENING);
        this.channels = new Channels(this, outputs);
        this.parallel = ParallelWays.of(circuit);
        this.sensitivities = new Sensitivities(this);
        this.pairs = new PairTable(circuit, hypotheses, celsius, outputs);
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

    /** True if a hypothesis says that this part or device is bad. */
    public boolean judges(PartId part) {
        return hypotheses.stream().anyMatch(h -> h.parts().contains(part));
    }

    /** Where one current divides: a fault on each way shows, on one hardly. */
    List<ParallelWays> parallel() {
        return parallel;
    }

    /** Bytes held at the moment. */
    public long bytes() {
        long sum = pairs.bytes();
        for (int i = 0; i < tables.length(); i++) {
            sum += tables.get(i) == null ? 0 : tables.get(i).bytes();
        }
        return sum;
    }

    ResponseTable table(Condition condition) {
        ResponseTable made = tables.get(condition.ordinal());
        return made == null ? makeTable(condition) : made;
    }

    /** Each only once, two at a time. */
    private ResponseTable makeTable(Condition condition) {
        synchronized (making[condition.ordinal()]) {
            if (tables.get(condition.ordinal()) == null) {
                tables.set(
                        condition.ordinal(),
                        ResponseTable.of(circuit, condition, hypotheses, celsius, Marks.ASSUMED_WIDENING));
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
        return part.gate().closedIn(condition) && !opened(part, condition) ? Math.abs(healthy(across)) / ohms : 0;
    }

    /** Current of a healthy vehicle's starter, in A. */
    public double healthyStarterAmps() {
        return healthy(new Observable.Amps(Condition.CRANKING));
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
            double low = mean(h, what);
            double high = mean(h + 1, what);
            if (Math.min(low, high) <= value && value <= Math.max(low, high) && low != high) {
                return ohms(h) * Math.pow(ohms(h + 1) / ohms(h), (value - low) / (high - low));
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

    /** What a column is; the meters' gains last as severities do. */
    NumberKind kind(int column) {
        return outputs.kind(Math.min(column, outputs.numbers() - 1));
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

    /** What an observable shows on a healthy vehicle; NaN if there is no solution. */
    double healthy(Observable what) {
        return mean(0, Explanation.NONE, what);
    }

    /** What it shows under a single hypothesis. */
    double mean(int hypothesis, Observable what) {
        return mean(hypothesis, Explanation.NONE, what);
    }

    /** Under a pair of hypotheses, or one and {@link Explanation#NONE}. */
    double mean(int first, int second, Observable what) {
        return mean(first, second, what.condition(), channels.of(what));
    }

    double mean(int first, int second, Condition condition, Channels.Span span) {
        return second < 0
                ? table(condition).mean(first, span)
                : means(first, second, condition).map(span::in).orElse(Double.NaN);
    }

    /** All outputs under a pair of hypotheses; empty if there is no operating point. */
    Optional<float[]> means(int first, int second, Condition condition) {
        return pairs.means(first, second, condition);
    }

    Channel channel(Observable what) {
        return new Channel(what, channels.of(what), table(what.condition()));
    }

    Channels channels() {
        return channels;
    }

    Sensitivities sensitivities() {
        return sensitivities;
    }
}
