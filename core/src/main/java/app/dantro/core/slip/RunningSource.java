package app.dantro.core.slip;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.DecimalMove;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** A reading across battery or alternator, and slips that show by what no running one gives. */
record RunningSource(Circuit circuit, Readings counted, Reading reading) {
    /** A running source far off what any shows: its decimal, or the meter on AC. */
    Optional<Slip> far() {
        double volts = Math.abs(reading.volts());
        int blocks = circuit.blocks();
        boolean off = volts < Marks.LEAST_RUNNING_VOLTS * blocks || volts > Marks.HIGHEST_POST_VOLTS * blocks;
        if (!reading.condition().running() || !acrossSource() || !off || volts < Marks.NEXT_TO_NOTHING_VOLTS) {
            return Optional.empty();
        }
        OptionalDouble known = counted.stream()
                .filter(r -> r.pair().equals(circuit.posts()) && r.condition().running())
                .mapToDouble(r -> Math.abs(r.volts()))
                .max();
        double direct = known.orElse(volts / Marks.ALTERNATING_FACTOR);
        boolean alternating = acrossPosts()
                && plausible(direct)
                && Math.abs(volts / direct / Marks.ALTERNATING_FACTOR - 1) < Marks.ALTERNATING_SLACK;
        Optional<Choice> meant = DecimalMove.back()
                .filter(move -> plausible(volts * move))
                .boxed()
                .findFirst()
                .map(move -> Entry.meant(reading, move));
        if (meant.isEmpty() && !alternating) {
            return Optional.empty();
        }
        return Optional.of(Slip.asking(
                alternating ? Kind.CONDITION : Kind.DECIMAL,
                List.of(
                        alternating
                                ? SlipReason.ALTERNATING.with(shown(), Quantity.volts(direct))
                                : SlipReason.TOO_FAR_BELOW.with(shown(), Quantity.count(12L * blocks)),
                        SlipReason.WHAT.with()),
                alternating ? Optional.empty() : meant,
                Choice.of(Answer.AS_READ, SlipReason.SHOWED.with(shown())),
                Entry.repeat()));
    }

    /** What a machine makes that nothing joins to the battery: only its own diodes hold it, and the posts get none of it. */
    boolean cutOff(OptionalDouble restVolts) {
        double uncharged =
                restVolts.orElse(Marks.HIGHEST_OPEN_CIRCUIT_VOLTS * circuit.blocks()) + Marks.ASSUMED_SLACK_VOLTS;
        boolean own = circuit.alternator()
                .filter(a -> reading.isAcross(a.output(), a.ground()))
                .isPresent();
        return own
                && reading.condition().running()
                && Math.abs(reading.volts()) <= Marks.ASSUMED_MOST_CUT_OFF_VOLTS * circuit.blocks()
                && counted.in(reading.condition()).where(r -> r.pair().equals(circuit.posts())).stream()
                        .anyMatch(r -> Math.abs(r.volts()) <= uncharged);
    }

    /** The same wire showed about as much from its other end: it was asked about then. */
    boolean shownBeside() {
        return counted.in(reading.condition()).stream()
                .filter(r -> Stream.of(r.red(), r.black())
                        .anyMatch(p -> p.equals(reading.red()) || p.equals(reading.black())))
                .anyMatch(r -> Math.abs(Math.abs(r.volts() / reading.volts()) - 1) <= Marks.SHOWN_BESIDE_SHARE);
    }

    private boolean plausible(double volts) {
        return volts >= Marks.MEANT_LEAST_RUNNING_VOLTS * circuit.blocks()
                && volts <= Marks.MEANT_MOST_RUNNING_VOLTS * circuit.blocks();
    }

    boolean acrossPosts() {
        return reading.pair().equals(circuit.posts());
    }

    /** Across battery or alternator: from anywhere on the way of B+ to anywhere on the way back. */
    boolean acrossSource() {
        return acrossPosts() || between(reading.red(), reading.black()) || between(reading.black(), reading.red());
    }

    private boolean between(PointId plus, PointId minus) {
        return on(circuit.chargingSupply(), plus) && on(circuit.chargingReturn(), minus);
    }

    private static boolean on(List<Part> way, PointId point) {
        return way.stream().anyMatch(p -> p.touches(point));
    }

    private Quantity shown() {
        return Quantity.volts(reading.volts(), reading.resolutionVolts());
    }
}
