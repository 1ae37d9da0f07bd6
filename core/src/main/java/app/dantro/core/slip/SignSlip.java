package app.dantro.core.slip;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A drop against the flow. */
final class SignSlip {
    private SignSlip() {}

    static Optional<Slip> asked(Entry entry) {
        Reading reading = entry.reading();
        Stretch stretch = entry.stretch();
        double withFlow = stretch.withFlow() ? reading.volts() : -reading.volts();
        double noise = Marks.NOISE_SIGMAS * Math.max(reading.resolutionVolts(), MeterError.standardVolts(reading));
        boolean typed = reading.typed().volts() < 0;
        boolean asked = entry.counted().stream().anyMatch(r -> r.typed().volts() < 0);
        if (withFlow >= -noise || !typed || asked) {
            return Optional.empty();
        }
        PointId from = stretch.withFlow() ? reading.red() : reading.black();
        PointId to = stretch.withFlow() ? reading.black() : reading.red();
        return Optional.of(Slip.asking(
                Kind.SIGN,
                List.of(SlipReason.AGAINST_THE_FLOW.with(entry.shown(), name(entry, from), name(entry, to))),
                entry.turned(),
                Choice.of(Answer.AS_READ, SlipReason.AS_SHOWN.with(entry.shown())),
                Entry.repeat()));
    }

    /** A source has its + side where the circuit says: a minus there is a swap of the leads, whatever was typed before. */
    static Optional<Slip> ofSource(Entry entry) {
        Circuit circuit = entry.vehicle().circuit();
        Reading reading = entry.reading();
        boolean turned = reading.typed().volts() < -Marks.NEXT_TO_NOTHING_VOLTS
                && (is(reading, circuit.plusPost(), circuit.minusPost())
                        || circuit.batteries().stream().anyMatch(b -> is(reading, b.positivePost(), b.negativePost()))
                        || circuit.alternator()
                                .filter(a -> is(reading, a.output(), a.ground()))
                                .isPresent());
        return turned
                ? Optional.of(Slip.asking(
                        Kind.SIGN,
                        List.of(SlipReason.SOURCE_TURNED.with(entry.shown())),
                        entry.turned(),
                        Choice.of(Answer.AS_READ, SlipReason.AS_SHOWN.with(entry.shown())),
                        Entry.repeat()))
                : Optional.empty();
    }

    private static boolean is(Reading reading, PointId red, PointId black) {
        return reading.red().equals(red) && reading.black().equals(black);
    }

    /** A drop of the charging loop against the current, which flows from B+ while the posts stand charged. */
    static Optional<Slip> whileCharging(Entry entry) {
        Circuit circuit = entry.vehicle().circuit();
        Reading reading = entry.reading();
        boolean asked = entry.all().stream().anyMatch(r -> r.typed().volts() < 0);
        if (asked || reading.typed().volts() > -Marks.ASSUMED_CLEAR_DROP_VOLTS || !charged(entry)) {
            return Optional.empty();
        }
        boolean downstream = place(circuit.chargingSupply(), reading.red(), reading.black())
                || place(circuit.chargingReturn(), reading.red(), reading.black());
        return downstream
                ? Optional.of(Slip.asking(
                        Kind.SIGN,
                        List.of(SlipReason.AGAINST_THE_FLOW.with(
                                entry.shown(), point(circuit, reading.red()), point(circuit, reading.black()))),
                        entry.turned(),
                        Choice.of(Answer.AS_READ, SlipReason.AS_SHOWN.with(entry.shown())),
                        Entry.repeat()))
                : Optional.empty();
    }

    private static boolean charged(Entry entry) {
        Circuit circuit = entry.vehicle().circuit();
        return entry.reading().condition().running()
                && entry.all().in(entry.reading().condition()).stream()
                        .anyMatch(r -> r.pair().equals(circuit.posts())
                                && Math.abs(r.volts()) >= Marks.RUNNING_FROM_VOLTS * circuit.blocks());
    }

    /** True if a current along the way comes to the one point before the other. */
    private static boolean place(List<Part> way, PointId first, PointId second) {
        List<PointId> points = Stream.concat(
                        way.stream().limit(1).map(Part::from), way.stream().map(Part::to))
                .toList();
        return points.contains(first) && points.indexOf(first) < points.indexOf(second);
    }

    private static Quantity point(Circuit circuit, PointId point) {
        return Quantity.named(circuit.point(point).orElseThrow().name());
    }

    private static Quantity name(Entry entry, PointId point) {
        return Quantity.named(entry.loop().point(point).orElseThrow().name());
    }
}
