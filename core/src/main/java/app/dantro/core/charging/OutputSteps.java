package app.dantro.core.charging;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The alternator's voltage against its current, step by step as loads and speed were added, beside a healthy one's
 * (docs/job.md, tests 17 and 19).
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
    public static Optional<OutputSteps> of(CaseRecord evidence) {
        return evidence.circuit().alternator().map(a -> of(evidence, a));
    }

    private static OutputSteps of(CaseRecord evidence, Alternator alternator) {
        Circuit circuit = evidence.circuit();
        double rated = evidence.statements()
                .figure(Topic.RATED_AMPS)
                .orElse(alternator.rating().maxAmps());
        Map<List<Object>, Step> steps = new LinkedHashMap<>();
        for (Reading r : evidence.counted()) {
            Set<PointId> pair = Set.of(r.red(), r.black());
            boolean output = pair.equals(Set.of(alternator.output(), alternator.ground()));
            boolean posts = pair.equals(Set.of(circuit.plusPost(), circuit.minusPost()));
            if (r.condition().running() && (output || posts)) {
                // The same current read again replaces the older step; another one is a step of its own.
                r.amps()
                        .ifPresent(amps -> steps.put(
                                List.of(r.condition(), output, Math.round(amps)),
                                new Step(
                                        r.condition(),
                                        output,
                                        amps,
                                        Math.abs(r.volts()),
                                        amps / rated,
                                        alternator.rating().ampsIn(r.condition()))));
            }
        }
        List<Step> healthy = new ArrayList<>();
        for (Condition condition : RUNNING) {
            Expectation.of(circuit, condition, VehicleState.healthyAt(evidence.celsius()))
                    .ifPresent(e -> {
                        double amps = Math.abs(e.nominal().amps(alternator.id()));
                        healthy.add(new Step(
                                condition,
                                true,
                                amps,
                                e.nominal().between(alternator.output(), alternator.ground()),
                                amps / rated,
                                alternator.rating().ampsIn(condition)));
                        healthy.add(new Step(
                                condition,
                                false,
                                amps,
                                e.nominal().between(circuit.plusPost(), circuit.minusPost()),
                                amps / rated,
                                alternator.rating().ampsIn(condition)));
                    });
        }
        return new OutputSteps(
                rated,
                steps.values().stream()
                        .sorted(Comparator.comparing(Step::condition).thenComparing(Step::amps))
                        .toList(),
                healthy);
    }
}
