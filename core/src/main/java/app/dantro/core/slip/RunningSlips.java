package app.dantro.core.slip;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.DecimalMove;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/** Slips of a running engine's volts that only the readings around them show. */
record RunningSlips(Circuit circuit, Alternator alternator, Readings counted, Reading reading) {
    /** The same volts as with the engine off, though it charged before: was it running? */
    Optional<Slip> stood() {
        if (!reading.condition().running() || !source().acrossPosts()) {
            return Optional.empty();
        }
        double volts = Math.abs(reading.volts());
        double slack = Marks.ASSUMED_SAME_POSTS_VOLTS * circuit.blocks();
        boolean atRest = posts(r -> !r.condition().keyOn()).anyMatch(v -> Math.abs(v - volts) <= slack);
        boolean charged = posts(r -> r.condition().running())
                .anyMatch(v -> v > volts + Marks.ASSUMED_CHARGED_BY_VOLTS * circuit.blocks());
        return atRest && charged
                ? Optional.of(Slip.asking(
                        Kind.CONDITION,
                        List.of(SlipReason.AS_AT_REST.with(shown())),
                        Choice.of(Answer.REPEAT, SlipReason.IT_STOOD.with()),
                        Choice.of(Answer.AS_READ, SlipReason.IT_RAN_SO.with())))
                : Optional.empty();
    }

    RunningSource source() {
        return new RunningSource(circuit, counted, reading);
    }

    private DoubleStream posts(Predicate<Reading> which) {
        return counted.stream()
                .filter(r -> r.pair().equals(circuit.posts()) && which.test(r))
                .mapToDouble(r -> Math.abs(r.volts()));
    }

    /**
     * A drop of a running engine that would leave more for the way than B+ stands above the posts, and fits once its decimal
     * is moved; without both, one that no way loses while the posts are charged.
     */
    Optional<Slip> decimal() {
        double volts = Math.abs(reading.volts());
        boolean small = volts < Marks.ASSUMED_LARGE_DROP_VOLTS;
        if (!reading.condition().running() || !conducts() || small || !charges() && source().shownBeside()) {
            return Optional.empty();
        }
        Room between = Room.of(circuit, alternator, counted.in(reading.condition()), reading);
        return between.exceededBy(volts)
                ? meantDrop(volts, between.volts() + between.slack())
                        .map(move -> asking(
                                move, charges() ? between.exceeded(shown()) : SlipReason.MUCH_BESIDE.with(shown())))
                : Optional.empty();
    }

    /** Under a pile one way that would take so much of the battery, and a usual share of it once its decimal is moved. */
    Optional<Slip> underPile() {
        double volts = Math.abs(reading.volts());
        boolean open = volts >= Marks.ASSUMED_OPEN_SHARE * Marks.MEANT_LEAST_RUNNING_VOLTS * circuit.blocks();
        boolean much = volts >= Marks.ASSUMED_MUCH_UNDER_PILE_VOLTS * circuit.blocks() && !open;
        return reading.condition().pile() && conducts() && much
                ? meantDrop(volts, Marks.ASSUMED_MUCH_UNDER_PILE_VOLTS)
                        .map(move -> asking(move, SlipReason.MUCH_UNDER_PILE.with(shown())))
                : Optional.empty();
    }

    private Slip asking(double move, Reason why) {
        return Slip.asking(
                Kind.DECIMAL,
                List.of(why, SlipReason.WHAT.with()),
                Entry.meant(reading, move),
                Choice.of(Answer.AS_READ, SlipReason.SHOWED.with(shown())),
                Entry.repeat());
    }

    /** Wiring lies between the points, and none of it waits to be closed: else the source's own volts stand there. */
    private boolean conducts() {
        List<Part> way = circuit.way(reading.red(), reading.black());
        return !way.isEmpty() && way.stream().allMatch(p -> p.gate().closedIn(reading.condition()));
    }

    /** True if both leads stand on the ways that charge, and not on a branch to the body or a controller. */
    private boolean charges() {
        return Stream.of(reading.red(), reading.black())
                .allMatch(point -> Stream.concat(circuit.chargingSupply().stream(), circuit.chargingReturn().stream())
                        .anyMatch(part -> part.touches(point)));
    }

    /** A whole side that would lose much, though the posts stand as high as if it did not, and a tenth is what usual ones lose. */
    Optional<Slip> muchOfASide() {
        boolean supply = reading.isAcross(alternator.output(), circuit.plusPost());
        boolean back = reading.isAcross(circuit.minusPost(), alternator.ground());
        double volts = Math.abs(reading.volts());
        double much = supply ? Marks.ASSUMED_MUCH_SUPPLY_VOLTS : Marks.ASSUMED_MUCH_RETURN_VOLTS;
        OptionalDouble posts = posts(r -> r.condition() == reading.condition()).min();
        boolean high = posts.isPresent() && posts.getAsDouble() >= Marks.HIGH_ALL_THE_SAME_VOLTS * circuit.blocks();
        boolean known = counted.in(reading.condition()).stream()
                .anyMatch(r -> r.isAcross(alternator.output(), alternator.ground()));
        boolean measured = reading.flowingAmps().isPresent();
        boolean odd = (supply || back) && !measured && high && !known && volts >= much && volts * Marks.TENTH < much;
        return odd && volts * Marks.TENTH >= Marks.ASSUMED_LEAST_SIDE_VOLTS
                ? Optional.of(asking(
                        Marks.TENTH, SlipReason.SIDE_LOSES_MUCH.with(shown(), Quantity.volts(posts.getAsDouble()))))
                : Optional.empty();
    }

    /** One place first, if that is left; then a unit's prefix, which is the likelier where no point was typed. */
    private Optional<Double> meantDrop(double volts, double room) {
        boolean whole = reading.typed().resolutionVolts() >= 1;
        return DecimalMove.down()
                .filter(move -> whole ? move < Marks.ONE_PLACE : true)
                .filter(move -> volts * move <= (move < Marks.ONE_PLACE ? Marks.ASSUMED_HEALTHY_DROP_VOLTS : room))
                .boxed()
                .findFirst();
    }

    private Quantity shown() {
        return Quantity.volts(reading.volts(), reading.resolutionVolts());
    }
}
