package app.dantro.core.charging;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
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

/**
 * The alternator's voltage against its current, step by step as loads and speed were added, beside a healthy one's
 * (docs/job.md, test 19).
 *
 * @param ratedAmps by its plate if that was stated, else by the circuit, in A
 */
public record OutputSteps(double ratedAmps, List<Step> steps, List<Step> healthy) {
    /** The speeds, from the loads off to the loads on. */
    private static final List<List<Condition>> HEALTHY = List.of(
            List.of(Condition.IDLE, Condition.IDLE_LOADED),
            List.of(Condition.RAISED, Condition.RAISED_LOADED),
            List.of(Condition.FULL_OUTPUT),
            List.of(Condition.HIGH_SPEED));

    private static final List<Condition> RUNNING = List.of(
            Condition.IDLE,
            Condition.RAISED,
            Condition.RAISED_SOME,
            Condition.IDLE_LOADED,
            Condition.RAISED_LOADED,
            Condition.FULL_OUTPUT,
            Condition.HIGH_SPEED);

    /** A regulated voltage droops by less than this while the machine can give more, in V a machine. */
    private static final double HELD_WITHIN_VOLTS = 0.15;

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
            Condition condition, boolean atOutput, double amps, double volts, double share, double mostAmps) {
        private Step at(double otherVolts) {
            return new Step(condition, atOutput, amps, otherVolts, share, mostAmps);
        }
    }

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
                double most = mostAmps(alternator, r.condition(), rated);
                steps.put(
                        List.of(r.condition(), output, Math.round(amps)),
                        new Step(r.condition(), output, amps, Math.abs(r.volts()), amps / rated, most));
            }
        }
        return steps.values().stream()
                .sorted(Comparator.comparing((Step s) -> RUNNING.indexOf(s.condition()))
                        .thenComparing(Step::amps))
                .toList();
    }

    /** What its plate lets expect at a speed: the circuit's own figure is its class's. */
    private static double mostAmps(Alternator alternator, Condition condition, double ratedAmps) {
        return alternator.rating().ampsIn(condition)
                * ratedAmps
                / alternator.rating().maxAmps();
    }

    private static List<Step> healthy(CaseRecord record, Alternator alternator, double rated) {
        List<Step> all = new ArrayList<>();
        for (List<Condition> speed : HEALTHY) {
            Optional<Pair> off = healthy(record, alternator, rated, speed.get(0));
            Optional<Pair> loaded = healthy(record, alternator, rated, speed.get(speed.size() - 1));
            off.ifPresent(p -> p.addTo(all));
            if (speed.size() > 1 && loaded.isPresent()) {
                off.flatMap(p -> p.until(loaded.get())).ifPresent(p -> p.addTo(all));
                loaded.get().addTo(all);
            }
        }
        return all;
    }

    /** A step at the machine and at the posts. */
    private record Pair(Step output, Step posts) {
        private void addTo(List<Step> all) {
            all.add(output);
            all.add(posts);
        }

        /** A regulator holds its voltage until the machine gives all it can, and only then lets it fall. */
        private Optional<Pair> until(Pair loaded) {
            double lost = loaded.output.volts - loaded.posts.volts;
            boolean falls = loaded.output.volts < output.volts - HELD_WITHIN_VOLTS;
            return falls
                    ? Optional.of(new Pair(loaded.output.at(output.volts), loaded.posts.at(output.volts - lost)))
                    : Optional.empty();
        }
    }

    private static Optional<Pair> healthy(CaseRecord record, Alternator alternator, double rated, Condition condition) {
        Circuit circuit = record.circuit();
        return Expectation.of(circuit, condition, VehicleState.healthyAt(record.celsius()))
                .map(e -> {
                    double amps = Math.abs(e.nominal().amps(alternator.id()));
                    double most = alternator.rating().ampsIn(condition);
                    double output = e.nominal().between(alternator.output(), alternator.ground());
                    double posts = e.nominal().between(circuit.plusPost(), circuit.minusPost());
                    return new Pair(
                            new Step(condition, true, amps, output, amps / rated, most),
                            new Step(condition, false, amps, posts, amps / rated, most));
                });
    }
}
