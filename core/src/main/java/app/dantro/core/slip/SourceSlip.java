package app.dantro.core.slip;

import app.dantro.core.circuit.Condition;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.DecimalMove;
import app.dantro.core.reading.LoadProof;
import app.dantro.core.reading.MeterError;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** More than the battery has, or posts that show no battery. */
final class SourceSlip {
    private static final int BLOCK_VOLTS = 12;

    private SourceSlip() {}

    static Optional<Slip> asked(Entry entry) {
        int blocks = entry.loop().blocks();
        if (entry.loop().isPosts(entry.reading().red(), entry.reading().black())) {
            return entry.size() > Marks.HIGHEST_POST_VOLTS * blocks || entry.size() < Marks.LOWEST_POST_VOLTS * blocks
                    ? postsDecimal(entry, blocks)
                    : Optional.empty();
        }
        double source = entry.restVolts().orElse(Marks.HIGHEST_OPEN_CIRCUIT_VOLTS * blocks);
        double slack =
                Math.max(Marks.ASSUMED_SLACK_VOLTS, Marks.NOISE_SIGMAS * MeterError.standardVolts(entry.reading()));
        return entry.size() <= source + slack ? Optional.empty() : Optional.of(aboveSource(entry, source));
    }

    private static Slip aboveSource(Entry entry, double source) {
        double nominal = entry.healthy().nominalVolts();
        Optional<Choice> meant = DecimalMove.down()
                .filter(move -> entry.size() * move <= source)
                .boxed()
                .min(Comparator.comparingDouble(move -> Math.abs(Math.log(entry.size() * move / nominal))))
                .map(entry::moved);
        return AboveStanding.slip(entry, source, meant);
    }

    /** About a tenth of the source's own volts, between points where no healthy way would lose that: they were meant. */
    static Optional<Slip> tenth(Entry entry) {
        // An engine that the starter turns has no open way there: so much over one of its joints is that joint's.
        boolean turned =
                entry.reading().condition().starterCalled() && entry.vehicle().knownToTurn();
        OptionalDouble source = turned ? OptionalDouble.empty() : source(entry);
        double ofAll = entry.size() / Marks.TENTH / source.orElse(Double.MAX_VALUE);
        boolean whole = ofAll >= least(entry) && ofAll <= 1 + Marks.ASSUMED_SAME_SOURCE;
        boolean oneBlock = Math.abs(ofAll * entry.loop().blocks() - 1) <= Marks.ASSUMED_SAME_SOURCE;
        return source.isEmpty() || !whole && !oneBlock
                ? Optional.empty()
                : Optional.of(Slip.asking(
                        Kind.DECIMAL,
                        List.of(
                                SlipReason.TENTH_OF_SOURCE.with(entry.shown(), Quantity.volts(source.getAsDouble())),
                                SlipReason.WHAT.with()),
                        entry.moved(1 / Marks.TENTH),
                        entry.asRead(),
                        Entry.repeat()));
    }

    /** What stands behind an open way: the battery's own volts, or what the running engine holds at its posts. */
    private static OptionalDouble source(Entry entry) {
        return entry.reading().condition().running()
                ? LoadProof.posts(entry.loop(), entry.all(), entry.reading().condition())
                        .max()
                : entry.restVolts();
    }

    /** What is left of the source across an open way: less where the battery is loaded meanwhile. */
    private static double least(Entry entry) {
        return switch (entry.reading().condition()) {
            case PILE_STARTER, PILE_ALTERNATOR -> Marks.ASSUMED_LEFT_UNDER_PILE;
            case CRANKING, START_ATTEMPT -> Marks.ASSUMED_LEFT_WHEN_CALLED;
            case ENGINE_OFF_LOAD -> Marks.ASSUMED_LEFT_UNDER_LOADS;
            case KEY_ON -> Marks.ASSUMED_LEFT_KEY_ON;
            default -> 1 - Marks.ASSUMED_SAME_SOURCE;
        };
    }

    /** Next to nothing across one battery of several, which the others do not hide, or more than one has. */
    static Optional<Slip> ofOneBattery(Entry entry) {
        boolean own = entry.vehicle().circuit().batteries().stream()
                .anyMatch(b -> entry.reading().isAcross(b.positivePost(), b.negativePost()));
        Condition condition = entry.reading().condition();
        boolean engineOff = !condition.running() && !condition.starterCalled() && !condition.pile();
        boolean shown = entry.size() >= Marks.LOWEST_POST_VOLTS && entry.size() <= Marks.HIGHEST_POST_VOLTS;
        return own && engineOff && !shown ? postsDecimal(entry, 1) : Optional.empty();
    }

    /** More than a vehicle of this system voltage shows anywhere. */
    static Optional<Slip> beyondSystem(Entry entry) {
        int blocks = entry.loop().blocks();
        double highest = Marks.HIGHEST_POST_VOLTS * blocks;
        Optional<RunningSlips> slips = entry.vehicle()
                .circuit()
                .alternator()
                .map(a -> new RunningSlips(entry.vehicle().circuit(), a, entry.all(), entry.reading()));
        if (entry.size() <= highest
                || slips.filter(r -> r.source().cutOff(entry.restVolts())).isPresent()) {
            return Optional.empty();
        }
        Optional<Slip> running = slips.flatMap(r -> r.source().far().or(r::decimal));
        if (running.isPresent()) {
            return running;
        }
        boolean known = entry.all().stream().anyMatch(r -> r.condition().running() && Math.abs(r.volts()) > highest);
        if (known && entry.reading().condition().running()) {
            return Optional.empty();
        }
        if (!entry.reading().condition().running() || entry.size() > Marks.ASSUMED_HIGHEST_OVERCHARGE_VOLTS * blocks) {
            return postsDecimal(entry, blocks);
        }
        return Optional.of(Slip.asking(
                Kind.ABOVE_SOURCE,
                List.of(SlipReason.OVERCHARGE.with(entry.shown(), Quantity.count(Math.round(highest)))),
                entry.asRead(),
                Entry.repeat()));
    }

    private static Optional<Slip> postsDecimal(Entry entry, int blocks) {
        Optional<Choice> meant = DecimalMove.back()
                .filter(move -> entry.size() * move >= Marks.LOW_BATTERY_VOLTS * blocks)
                .filter(move -> entry.size() * move <= Marks.HIGH_BATTERY_VOLTS * blocks)
                .boxed()
                .findFirst()
                .map(entry::moved);
        boolean collapsed = entry.size() < Marks.LOWEST_POST_VOLTS * blocks
                && entry.reading().condition().starterCalled();
        if (meant.isEmpty() && collapsed) {
            return Optional.empty();
        }
        return Optional.of(Slip.asking(
                Kind.DECIMAL,
                List.of(
                        SlipReason.NO_BATTERY.with(entry.shown(), Quantity.count((long) BLOCK_VOLTS * blocks)),
                        SlipReason.WHAT.with()),
                meant,
                entry.asRead(),
                Entry.repeat()));
    }
}
