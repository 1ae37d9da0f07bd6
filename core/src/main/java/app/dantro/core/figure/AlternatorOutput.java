package app.dantro.core.figure;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Currents made and used, against the rating and the loads that were on (docs/job.md, test 19). */
final class AlternatorOutput {
    private AlternatorOutput() {}

    static Optional<FigureVerdict> current(Stated stated) {
        Optional<Alternator> alternator = stated.circuit().alternator();
        Optional<Reading> most = stated.record().counted().stream()
                .filter(r -> r.condition() == Condition.FULL_OUTPUT || r.condition() == Condition.RAISED_LOADED)
                .filter(r -> r.amps().isPresent())
                .max(Comparator.comparingDouble(r -> r.amps().orElseThrow()));
        if (alternator.isEmpty() || most.isEmpty()) {
            return Optional.empty();
        }
        Optional<Double> plate = stated.figure(Topic.RATED_AMPS);
        double rated = plate.orElse(alternator.get().rating().maxAmps());
        double amps = most.get().amps().orElseThrow();
        double share = amps / rated;
        Quantity by = Quantity.named(plate.isPresent() ? "by its plate" : "by the circuit, not by its plate");
        if (Math.abs(share - 1) < Marks.ASSUMED_EXACTLY) {
            Reason because = FigureReason.EXACTLY_RATED.with(Quantity.amps(rated), by);
            return Optional.of(verdict(Amount.amps(amps), Sign.SAYS_LITTLE, because));
        }
        boolean full = share >= Marks.LEAST_SHARE_OF_RATING;
        return Optional.of(verdict(
                "%s, %s".formatted(Amount.amps(amps), most.get().condition().words()),
                full ? Sign.GOOD : Sign.SAYS_LITTLE,
                (full ? FigureReason.FULL_OUTPUT : FigureReason.PART_OUTPUT)
                        .with(Quantity.percent(share), Quantity.amps(rated), by)));
    }

    private static FigureVerdict verdict(String shown, Sign sign, Reason because) {
        return new FigureVerdict(List.of(Topic.RATED_AMPS), FigureName.OUTPUT_CURRENT.with(), shown, sign, because);
    }

    static Optional<FigureVerdict> consumption(Stated stated) {
        Optional<Double> battery = stated.figure(Topic.BATTERY_AMPS);
        Optional<Double> made = stated.newestAmps(List.of(Condition.RAISED_LOADED, Condition.IDLE_LOADED));
        if (battery.isEmpty() || made.isEmpty()) {
            return Optional.empty();
        }
        double used = made.get() - battery.get();
        List<Topic> topics = List.of(Topic.BATTERY_AMPS);
        if (used < 0) {
            return Optional.of(new FigureVerdict(
                    topics,
                    FigureName.LOADS.with(),
                    stated.shown(Topic.BATTERY_AMPS),
                    Sign.SAYS_LITTLE,
                    FigureReason.MORE_INTO_BATTERY.with()));
        }
        List<Reason> because = new ArrayList<>();
        because.add(FigureReason.MADE_LESS_BATTERY.with(
                Quantity.amps(made.get()), Quantity.amps(battery.get()), Quantity.amps(used)));
        if (battery.get() < 0) {
            because.add(FigureReason.BATTERY_GIVES.with());
        }
        Sign sign = battery.get() < 0 ? Sign.SUSPECT : Sign.GOOD;
        return Optional.of(new FigureVerdict(topics, FigureName.LOADS.with(), Amount.amps(used), sign, because));
    }

    static Optional<FigureVerdict> loads(Stated stated) {
        return stated.said().about(Topic.LOADS_ON).map(s -> {
            List<ElectricalLoad> on = ElectricalLoad.in(s.value());
            int blocks = stated.blocks();
            double low = on.stream().mapToDouble(l -> l.lowAmps(blocks)).sum();
            double high = on.stream().mapToDouble(l -> l.highAmps(blocks)).sum();
            String pulsing = on.stream()
                    .filter(l -> !l.steady())
                    .map(ElectricalLoad::words)
                    .collect(Collectors.joining(" and "));
            Quantity names =
                    Quantity.named(on.stream().map(ElectricalLoad::words).collect(Collectors.joining(", ")));
            return new FigureVerdict(
                    List.of(Topic.LOADS_ON),
                    FigureName.LOADS_ON.with(),
                    "%s to %s, typically".formatted(Amount.amps(low), Amount.amps(high)),
                    pulsing.isEmpty() ? Sign.GOOD : Sign.SAYS_LITTLE,
                    pulsing.isEmpty()
                            ? FigureReason.LOADS_STEADY.with(names)
                            : FigureReason.LOADS_PULSE.with(names, Quantity.named(pulsing)));
        });
    }
}
