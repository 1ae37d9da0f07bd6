package app.dantro.core.reading;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.reading.Slip.Answer;
import app.dantro.core.reading.Slip.Choice;
import app.dantro.core.reading.Slip.Kind;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;

/** Looks at a reading as it is entered, against the circuit and the readings that count already. */
public final class SlipCheck {
    /** Of a 12 V block. */
    private static final double HIGHEST_OPEN_CIRCUIT_VOLTS = 13.2;

    private static final double HIGHEST_POST_VOLTS = 16;
    /** No alternator that runs away pulls a 12 V battery higher. */
    private static final double HIGHEST_OVERCHARGE_VOLTS = 20;

    private static final double LOWEST_POST_VOLTS = 5;
    /** What is switched on then flows through the cables; such a drop certifies nothing, and speaks of an open way. */
    private static final Set<Condition> LOADS_ON = EnumSet.of(Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);

    private static final double[] MOVES = {0.1, 10, 0.001, 1000, 0.01, 100};
    private static final double OFF_SIGMAS = 4;
    private static final double OFF_VOLTS = 0.03;
    private static final double FITS_SIGMAS = 2.5;
    private static final double SAME_CURRENT = 1.1;
    private static final double LOAD_PROOF_VOLTS = 0.5;

    private final SeriesLoop loop;
    private final double celsius;
    private final List<Reading> counted;

    /**
     * @param celsius temperature of the conductors in °C
     * @param counted the case's readings that count so far
     */
    public SlipCheck(SeriesLoop loop, double celsius, List<Reading> counted) {
        this.loop = loop;
        this.celsius = celsius;
        this.counted = counted.stream()
                .filter(r -> loop.has(r.red()) && loop.has(r.black()))
                .toList();
    }

    /** The first doubt there is, in the order: range, source, sign, decimal, current. */
    public Optional<Slip> check(Reading reading) {
        boolean startersCurrent =
                !reading.condition().running() && !reading.condition().pile();
        if (!startersCurrent || !loop.has(reading.red()) || !loop.has(reading.black())) {
            return range(reading).or(() -> beyondSystem(reading));
        }
        Stretch stretch = loop.between(reading.red(), reading.black());
        return range(reading)
                .or(() -> source(reading, stretch))
                .or(() -> sign(reading, stretch))
                .or(() -> decimal(reading, stretch))
                .or(() -> current(reading, stretch));
    }

    /** True if the posts fell at least 0.5 V below base while cranking: then current certainly flowed. */
    public static boolean loadProven(SeriesLoop loop, List<Reading> counted) {
        DoubleStream base = posts(loop, counted, Condition.REST);
        DoubleStream cranked = posts(loop, counted, Condition.CRANKING);
        return base.max().orElse(0) - cranked.min().orElse(Double.MAX_VALUE) >= LOAD_PROOF_VOLTS;
    }

    private static DoubleStream posts(SeriesLoop loop, List<Reading> counted, Condition condition) {
        return counted.stream()
                .filter(r -> r.condition() == condition && loop.isPosts(r.red(), r.black()))
                .mapToDouble(r -> Math.abs(r.volts()));
    }

    private Optional<Slip> range(Reading reading) {
        if (reading.range().isEmpty()) {
            return Optional.empty();
        }
        MeterRange range = reading.range().get();
        double size = Math.abs(reading.volts());
        boolean tooFine = reading.typed().resolutionVolts() < range.resolutionVolts() * 0.99;
        if (!tooFine && size <= range.fullScaleVolts()) {
            return Optional.empty();
        }
        String why = tooFine
                ? "The %s range has a last digit of %s, so it cannot show %s."
                        .formatted(range.words(), millivolts(range.resolutionVolts()), shown(reading))
                : "The %s range ends at %s, so it cannot show %s."
                        .formatted(range.words(), range.words(), shown(reading));
        MeterRange better = MeterRange.finestFor(reading.volts());
        return Optional.of(new Slip(
                Kind.RESOLUTION,
                why + " Which was it?",
                List.of(
                        Choice.of(Answer.AS_READ, "The value is right, the range was another"),
                        Choice.of(Answer.REPEAT, "Measure again on the %s range".formatted(better.words())))));
    }

    /** More than a vehicle of this system voltage shows anywhere. */
    private Optional<Slip> beyondSystem(Reading reading) {
        if (!beyond(reading)) {
            return Optional.empty();
        }
        boolean overcharge =
                reading.condition().running() && Math.abs(reading.volts()) <= HIGHEST_OVERCHARGE_VOLTS * loop.blocks();
        if (!overcharge) {
            return postsDecimal(reading);
        }
        boolean known = counted.stream().anyMatch(r -> r.condition().running() && beyond(r));
        return known
                ? Optional.empty()
                : Optional.of(new Slip(
                        Kind.ABOVE_SOURCE,
                        "%s while charging: above %d V stop the engine, do not rev it. Was that what the meter showed?"
                                .formatted(shown(reading), Math.round(HIGHEST_POST_VOLTS * loop.blocks())),
                        List.of(Choice.of(Answer.AS_READ, "It showed " + shown(reading)), repeat())));
    }

    private boolean beyond(Reading reading) {
        return Math.abs(reading.volts()) > HIGHEST_POST_VOLTS * loop.blocks();
    }

    private Optional<Slip> source(Reading reading, Stretch stretch) {
        double size = Math.abs(reading.volts());
        if (loop.isPosts(reading.red(), reading.black())) {
            return size > HIGHEST_POST_VOLTS * loop.blocks() || size < LOWEST_POST_VOLTS * loop.blocks()
                    ? postsDecimal(reading)
                    : Optional.empty();
        }
        double source = posts(loop, counted, Condition.REST).max().orElse(HIGHEST_OPEN_CIRCUIT_VOLTS * loop.blocks());
        if (size <= source + Math.max(0.1, 3 * MeterError.standardVolts(reading))) {
            return Optional.empty();
        }
        HealthyDrop healthy = healthy(reading, stretch);
        Optional<Choice> meant = DoubleStream.of(0.1, 0.01, 0.001)
                .filter(move -> size * move <= source)
                .boxed()
                .min(Comparator.comparingDouble(move -> Math.abs(Math.log(size * move / healthy.nominalVolts()))))
                .map(move -> meant(reading, move));
        return Optional.of(new Slip(
                Kind.ABOVE_SOURCE,
                "%s is more than the battery's own %s: no part can lose that. What did the meter show?"
                        .formatted(shown(reading), Amount.volts(source)),
                choices(meant, Choice.of(Answer.AS_READ, "It showed " + shown(reading)), repeat())));
    }

    private Optional<Slip> postsDecimal(Reading reading) {
        double size = Math.abs(reading.volts());
        Optional<Choice> meant = DoubleStream.of(0.1, 10, 0.01, 100, 0.001, 1000)
                .filter(move -> size * move >= 8 * loop.blocks() && size * move <= 13.5 * loop.blocks())
                .boxed()
                .findFirst()
                .map(move -> meant(reading, move));
        if (meant.isEmpty()
                && size < LOWEST_POST_VOLTS * loop.blocks()
                && reading.condition().starterCalled()) {
            return Optional.empty();
        }
        return Optional.of(new Slip(
                Kind.DECIMAL,
                "%s does not fit a %s V battery. What did the meter show?"
                        .formatted(shown(reading), 12 * loop.blocks()),
                choices(meant, Choice.of(Answer.AS_READ, "It showed " + shown(reading)), repeat())));
    }

    private Optional<Slip> sign(Reading reading, Stretch stretch) {
        double withFlow = stretch.withFlow() ? reading.volts() : -reading.volts();
        if (withFlow >= -3 * Math.max(reading.resolutionVolts(), MeterError.standardVolts(reading))) {
            return Optional.empty();
        }
        String turned = shown(reading, -reading.volts());
        return Optional.of(new Slip(
                Kind.SIGN,
                "%s runs against the flow: current goes from %s to %s. Were the leads swapped?"
                        .formatted(shown(reading), upstream(reading, stretch), downstream(reading, stretch)),
                List.of(
                        Choice.meaning(-reading.volts(), "Leads swapped: " + turned),
                        Choice.of(Answer.AS_READ, "Leads as shown: " + shown(reading)),
                        repeat())));
    }

    private Optional<Slip> decimal(Reading reading, Stretch stretch) {
        if (!reading.condition().starterCalled() || reading.volts() == 0) {
            return Optional.empty();
        }
        return byClosure(reading)
                .or(() -> stretch.isDrop() ? byNeighbours(reading, stretch) : Optional.empty())
                .or(() -> stretch.isDrop() ? byLimit(reading, stretch) : Optional.empty());
    }

    private Optional<Slip> byClosure(Reading reading) {
        Optional<LoopClosure.Sum> sum = LoopClosure.around(
                reading, counted.stream().filter(r -> sameCurrent(reading, r)).toList());
        if (sum.isEmpty()
                || Math.abs(sum.get().residualSigmas(reading.volts())) < OFF_SIGMAS
                || Math.abs(reading.volts() - sum.get().volts()) < OFF_VOLTS) {
            return Optional.empty();
        }
        double by = sum.get().volts();
        return DoubleStream.of(MOVES)
                .filter(move -> {
                    double sigma = Math.max(sum.get().standardVolts(), 0.02 * Math.abs(by));
                    return Math.abs(reading.volts() * move - by) < FITS_SIGMAS * sigma && Math.abs(by) > OFF_VOLTS;
                })
                .boxed()
                .findFirst()
                .map(move -> decimalSlip(
                        reading,
                        move,
                        "%s does not add up with the others, which leave %s here."
                                .formatted(shown(reading), Amount.volts(by))));
    }

    private Optional<Slip> byNeighbours(Reading reading, Stretch stretch) {
        double size = Math.abs(reading.volts());
        double sigma = 3 * MeterError.standardVolts(reading);
        for (Reading other : drops(reading)) {
            Stretch otherStretch = loop.between(other.red(), other.black());
            double otherSize = Math.abs(other.volts()) * currentShare(reading, other);
            if (otherStretch.covers(stretch) && size > otherSize * 1.15 + sigma && size * 0.1 <= otherSize * 1.15) {
                return Optional.of(decimalSlip(
                        reading,
                        0.1,
                        "%s is more than the %s of the whole stretch around it."
                                .formatted(shown(reading), shown(other))));
            }
            if (stretch.covers(otherStretch) && size < otherSize * 0.85 - sigma && size * 10 >= otherSize * 0.85) {
                return Optional.of(decimalSlip(
                        reading,
                        10,
                        "%s is less than the %s of a piece inside it.".formatted(shown(reading), shown(other))));
            }
        }
        return Optional.empty();
    }

    private Optional<Slip> byLimit(Reading reading, Stretch stretch) {
        HealthyDrop healthy = healthy(reading, stretch);
        double size = Math.abs(reading.volts());
        if (!healthy.estimated() && size < healthy.lowVolts() / 3 && healthy.holds(size * 10)) {
            return Optional.of(decimalSlip(
                    reading,
                    10,
                    "%s is less than the copper alone must lose at %s.".formatted(shown(reading), current(healthy))));
        }
        if (size <= healthy.upperVolts() || corroborated(reading, stretch)) {
            return Optional.empty();
        }
        return DoubleStream.of(0.1, 0.001)
                .filter(move -> healthy.holds(size * move))
                .boxed()
                .findFirst()
                .map(move -> decimalSlip(
                        reading,
                        move,
                        "%s would be a fault; a healthy one loses %s to %s at %s."
                                .formatted(
                                        shown(reading),
                                        Amount.volts(healthy.lowVolts()),
                                        Amount.volts(healthy.upperVolts()),
                                        current(healthy))));
    }

    /** True if a reading around it, or inside it, lost at least half as much. */
    private boolean corroborated(Reading reading, Stretch stretch) {
        return drops(reading).stream().anyMatch(other -> {
            Stretch otherStretch = loop.between(other.red(), other.black());
            boolean nested = otherStretch.covers(stretch) || stretch.covers(otherStretch);
            return nested && Math.abs(other.volts()) * currentShare(reading, other) >= 0.5 * Math.abs(reading.volts());
        });
    }

    private Optional<Slip> current(Reading reading, Stretch stretch) {
        if (!stretch.isDrop() || reading.called() || LOADS_ON.contains(reading.condition())) {
            return Optional.empty();
        }
        boolean small = Math.abs(reading.volts()) <= healthy(reading, stretch).upperVolts();
        boolean measured = reading.amps().filter(amps -> amps > 0).isPresent();
        boolean cranking = reading.condition() == Condition.CRANKING;
        if (!small || measured || (cranking && reading.amps().isEmpty() && loadProven(loop, counted))) {
            return Optional.empty();
        }
        Choice control = Choice.of(Answer.NOT_CALLED, "Nothing turned: keep it as a check of the meter");
        List<Choice> choices = reading.condition().starterCalled()
                ? List.of(Choice.of(Answer.CALLED, "The starter turned"), control, repeat())
                : List.of(control, repeat());
        return Optional.of(new Slip(
                Kind.NO_CURRENT,
                "%s with no current known proves nothing about the wire: without current nothing is lost. Did the starter turn?"
                        .formatted(shown(reading)),
                choices));
    }

    private List<Reading> drops(Reading reading) {
        return counted.stream()
                .filter(other -> !other.id().equals(reading.id()) && other.condition() == reading.condition())
                .filter(other -> loop.between(other.red(), other.black()).isDrop())
                .toList();
    }

    /** Readings add up around a loop only if one current flowed; after a repair more flows than before. */
    private static boolean sameCurrent(Reading one, Reading other) {
        double share = currentShare(one, other);
        return share > 1 / SAME_CURRENT && share < SAME_CURRENT;
    }

    /** By how much the first reading's current exceeded the other's; 1 if either is unknown. */
    private static double currentShare(Reading one, Reading other) {
        Optional<Double> amps = one.amps().filter(a -> a > 0);
        Optional<Double> others = other.amps().filter(a -> a > 0);
        return amps.isPresent() && others.isPresent() ? amps.get() / others.get() : 1;
    }

    private HealthyDrop healthy(Reading reading, Stretch stretch) {
        return HealthyDrop.of(stretch, loop.crankingAmps(), reading.amps().filter(a -> a > 0), celsius);
    }

    private static Slip decimalSlip(Reading reading, double move, String why) {
        return new Slip(
                Kind.DECIMAL,
                why + " What did the meter show?",
                List.of(meant(reading, move), Choice.of(Answer.AS_READ, "It showed " + shown(reading)), repeat()));
    }

    private static Choice meant(Reading reading, double move) {
        double volts = reading.volts() * move;
        return Choice.meaning(volts, "It showed " + shown(reading, volts));
    }

    private static Choice repeat() {
        return Choice.of(Answer.REPEAT, "Not sure: measure again");
    }

    private static List<Choice> choices(Optional<Choice> first, Choice... rest) {
        return java.util.stream.Stream.concat(first.stream(), java.util.Arrays.stream(rest))
                .toList();
    }

    private String upstream(Reading reading, Stretch stretch) {
        return loop.point(stretch.withFlow() ? reading.red() : reading.black())
                .orElseThrow()
                .name();
    }

    private String downstream(Reading reading, Stretch stretch) {
        return loop.point(stretch.withFlow() ? reading.black() : reading.red())
                .orElseThrow()
                .name();
    }

    private static String current(HealthyDrop healthy) {
        return Amount.amps(healthy.amps()) + (healthy.estimated() ? ", estimated" : "");
    }

    private static String shown(Reading reading) {
        return shown(reading, reading.volts());
    }

    /** The value with as many significant digits as were typed. */
    private static String shown(Reading reading, double volts) {
        double scale = reading.volts() == 0 ? 1 : Math.abs(volts / reading.volts());
        return Amount.volts(volts, reading.typed().resolutionVolts() * scale);
    }

    private static String millivolts(double volts) {
        return volts >= 0.1 ? Amount.volts(volts, 0.1) : Math.round(volts * 1e4) / 10.0 + " mV";
    }
}
