package app.dantro.core.charging;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The alternator's voltage against its current, step by step as loads and speed were added, beside a healthy one's
 * (docs/job.md, test 19).
 *
 * @param ratedAmps by its plate if that was stated, else by the circuit, in A
 */
public record OutputSteps(double ratedAmps, List<Step> steps, List<Step> healthy) {
    private static final List<Condition> RUNNING = List.of(
            Condition.IDLE,
            Condition.RAISED,
            Condition.IDLE_LOADED,
            Condition.RAISED_LOADED,
            Condition.FULL_OUTPUT,
            Condition.HIGH_SPEED);

    public OutputSteps {
        steps = List.copyOf(steps);
        healthy = List.copyOf(healthy);
    }

    /**
     * One step.
     *
     * @param atOutput true for B+ to case, false for the battery's posts
     * @param share of the rating that flows
     * @param mostAmps what the alternator can deliver at this speed, in A
     */
    public record Step(
            Condition condition, boolean atOutput, double amps, double volts, double share, double mostAmps) {}

    /** The steps of a case whose circuit charges. */
    public static Optional<OutputSteps> of(CaseRecord record) {
        return record.circuit().alternator().map(a -> {
            double rated = record.statements()
                    .figure(Topic.RATED_AMPS)
                    .orElse(a.rating().maxAmps());
            return new OutputSteps(rated, read(record, a, rated), healthy(record, a, rated));
        });
    }

    /** The same current read again replaces the older step; another one is a step of its own. */
    private static List<Step> read(CaseRecord record, Alternator alternator, double rated) {
        Map<List<Object>, Step> steps = new LinkedHashMap<>();
        for (Reading r : record.counted()) {
            boolean output = r.isAcross(alternator.output(), alternator.ground());
            boolean posts = r.pair().equals(record.circuit().posts());
            if (r.condition().running() && (output || posts) && r.amps().isPresent()) {
                double amps = r.amps().get();
                double most = alternator.rating().ampsIn(r.condition());
                steps.put(
                        List.of(r.condition(), output, Math.round(amps)),
                        new Step(r.condition(), output, amps, Math.abs(r.volts()), amps / rated, most));
            }
        }
        return steps.values().stream()
                .sorted(Comparator.comparing(Step::condition).thenComparing(Step::amps))
                .toList();
    }

    private static List<Step> healthy(CaseRecord record, Alternator alternator, double rated) {
        Circuit circuit = record.circuit();
        return RUNNING.stream()
                .flatMap(condition ->
                        Expectation.of(circuit, condition, VehicleState.healthyAt(record.celsius())).stream()
                                .flatMap(e -> {
                                    double amps = Math.abs(e.nominal().amps(alternator.id()));
                                    double most = alternator.rating().ampsIn(condition);
                                    double output = e.nominal().between(alternator.output(), alternator.ground());
                                    double posts = e.nominal().between(circuit.plusPost(), circuit.minusPost());
                                    return Stream.of(
                                            new Step(condition, true, amps, output, amps / rated, most),
                                            new Step(condition, false, amps, posts, amps / rated, most));
                                }))
                .toList();
    }
}
