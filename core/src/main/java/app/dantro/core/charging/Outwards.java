package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Drop;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** One walk from a post, its ways found outwards along the wiring. */
final class Outwards {
    private final CaseRecord record;
    private final Circuit circuit;
    private final PointId post;
    private final Map<PointId, PointId> towards = new HashMap<>();
    private final List<PointId> order;

    Outwards(CaseRecord record, PointId post) {
        this.record = record;
        this.circuit = record.circuit();
        this.post = post;
        this.order = new ArrayList<>(List.of(post));
        for (int i = 0; i < order.size(); i++) {
            PointId here = order.get(i);
            circuit.parts().stream()
                    .filter(p -> p.touches(here))
                    .map(p -> far(p, here))
                    .filter(end -> !order.contains(end))
                    .forEach(end -> {
                        order.add(end);
                        towards.put(end, here);
                    });
        }
    }

    PostWalk walk() {
        List<PointId> reached = order.stream()
                .filter(point -> !point.equals(post))
                .filter(point -> Stream.of(Condition.values())
                        .anyMatch(c -> read(point, c).isPresent()))
                .toList();
        List<Condition> conditions = Arrays.stream(Condition.values())
                .filter(c -> reached.stream().anyMatch(point -> read(point, c).isPresent()))
                .toList();
        return new PostWalk(
                post,
                conditions,
                reached.stream().map(point -> stop(point, conditions)).toList());
    }

    private PostWalk.Stop stop(PointId point, List<Condition> conditions) {
        Map<Condition, PostWalk.Taken> taken = new HashMap<>();
        List<Reason> because = new ArrayList<>();
        for (Condition condition : conditions) {
            read(point, condition).ifPresent(r -> {
                taken.put(condition, taken(r));
                step(r, point, condition).ifPresent(because::add);
            });
        }
        beside(point, conditions).ifPresent(because::add);
        return new PostWalk.Stop(
                point, depth(point), taken, because.stream().distinct().toList());
    }

    private static PostWalk.Taken taken(Reading reading) {
        return new PostWalk.Taken(
                Amount.volts(Math.abs(reading.volts()), reading.resolutionVolts()),
                reading.flowingAmps().map(a -> Amount.ohms(Drop.ohms(Math.abs(reading.volts()), a))));
    }

    /** What is lost from the next stop towards the post to this one; the first on its way stands by itself. */
    private Optional<Reason> step(Reading here, PointId point, Condition condition) {
        Optional<PointId> before = Stream.iterate(towards.get(point), p -> p != null && !p.equals(post), towards::get)
                .filter(p -> read(p, condition).isPresent())
                .findFirst();
        Optional<Reading> nearer = before.flatMap(p -> read(p, condition));
        if (nearer.isEmpty()) {
            return Optional.empty();
        }
        double share = nearer.get()
                .flowingAmps()
                .flatMap(a -> here.flowingAmps().map(b -> b / a))
                .orElse(1.0);
        double step = Math.abs(here.volts()) - share * Math.abs(nearer.get().volts());
        double error = Quantile.COVERAGE
                * Math.hypot(MeterError.standardVolts(here), share * MeterError.standardVolts(nearer.get()));
        Quantity from = name(before.get());
        Quantity where = Quantity.named(condition.words());
        if (Math.abs(step) <= error) {
            return Optional.of(ChargingReason.STEP_TOO_SMALL.with(from));
        }
        double resolution = Math.max(here.resolutionVolts(), nearer.get().resolutionVolts());
        return Optional.of((step < 0 ? ChargingReason.STEP_BACKWARDS : ChargingReason.STEP_LOSES)
                .with(where, from, Quantity.volts(Math.abs(step), resolution)));
    }

    /** The same drop in two conditions, at one current: it is the same path. */
    private Optional<Reason> beside(PointId point, List<Condition> conditions) {
        List<Reading> known = conditions.stream()
                .flatMap(c -> read(point, c).stream())
                .filter(r -> r.flowingAmps().isPresent())
                .toList();
        if (known.size() < 2) {
            return Optional.empty();
        }
        Reading one = known.get(0);
        Reading other = known.get(known.size() - 1);
        double amps = other.flowingAmps().orElseThrow();
        double share = amps / one.flowingAmps().orElseThrow();
        double scaled = share * Math.abs(one.volts());
        double error =
                Quantile.COVERAGE * Math.hypot(share * MeterError.standardVolts(one), MeterError.standardVolts(other));
        boolean same = Math.abs(scaled - Math.abs(other.volts()))
                <= error + (Marks.ASSUMED_COPPER_FACTOR - 1) * Math.max(scaled, Math.abs(other.volts()));
        return Optional.of((same ? ChargingReason.SAME_AT_ONE_CURRENT : ChargingReason.OTHER_AT_ONE_CURRENT)
                .with(Quantity.amps(amps), Quantity.volts(scaled, other.resolutionVolts()), volts(other)));
    }

    /** The newest drop from the post; across a source nothing is lost. */
    private Optional<Reading> read(PointId point, Condition condition) {
        return !condition.running()
                ? Optional.empty()
                : record.newest(post, point, condition)
                        .filter(r -> Math.abs(r.volts()) < Marks.ASSUMED_MOST_DROP_VOLTS)
                        .filter(r -> !r.pair().equals(circuit.posts()));
    }

    private int depth(PointId point) {
        return (int) Stream.iterate(point, p -> !p.equals(post), towards::get).count();
    }

    private static PointId far(Part part, PointId here) {
        return part.from().equals(here) ? part.to() : part.from();
    }

    private Quantity name(PointId point) {
        return Quantity.named(circuit.point(point).map(p -> p.name()).orElse(point.value()));
    }

    private static Quantity volts(Reading reading) {
        return Quantity.volts(Math.abs(reading.volts()), reading.resolutionVolts());
    }
}
