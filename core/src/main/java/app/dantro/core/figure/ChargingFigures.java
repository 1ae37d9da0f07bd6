package app.dantro.core.figure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the charging voltage does from step to step, which loads were on, and what was fitted (docs/job.md, tests 14 to 18 and 24). */
public final class ChargingFigures {
    private static final double LEAST_RISE_VOLTS = 0.5;
    private static final double MOST_RISE_VOLTS = 2.0;
    /** A regulator holds within this while the speed changes. */
    private static final double CLIMB_VOLTS = 0.3;

    private static final double CLASSIC_MOST_VOLTS = 15.0;
    private static final double SMART_MOST_VOLTS = 16.0;
    private static final double SAME_PULLEY = 0.02;

    private final CaseRecord evidence;
    private final Statements said;
    private final Circuit circuit;
    private final int blocks;

    public ChargingFigures(CaseRecord evidence) {
        this.evidence = evidence;
        this.said = evidence.statedSinceRepair();
        this.circuit = evidence.circuit();
        this.blocks = circuit.blocks();
    }

    public List<FigureVerdict> verdicts() {
        return Stream.of(output().stream(), lifted().stream(), units().stream())
                .flatMap(s -> s)
                .toList();
    }

    /** How the voltage answers loads, speed and switching off. */
    public List<FigureVerdict> output() {
        return Stream.of(rise(), loadedRise(), climb(), afterwards(), loads())
                .flatMap(Optional::stream)
                .toList();
    }

    /** How it rises over the base voltage, without and with the loads. */
    public List<FigureVerdict> rises() {
        return Stream.of(rise(), loadedRise()).flatMap(Optional::stream).toList();
    }

    /** What was fitted against what came off. */
    public List<FigureVerdict> units() {
        return Stream.of(replaced(), bench()).flatMap(Optional::stream).toList();
    }

    /** Regulated voltage against the base voltage. */
    private Optional<FigureVerdict> rise() {
        return difference(Condition.RAISED, Condition.REST)
                .map(d -> new FigureVerdict(
                        List.of(Topic.STRATEGY),
                        "Rise over the base voltage",
                        signed(d.volts()),
                        riseSign(d),
                        "%s − %s at rest. %s".formatted(d.to(), d.from(), riseMeaning(d))));
    }

    private Sign riseSign(Difference d) {
        boolean rises = d.volts() >= LEAST_RISE_VOLTS * blocks;
        if (!rises) {
            return said.says(Topic.STRATEGY, "SMART") ? Sign.SAYS_LITTLE : Sign.SUSPECT;
        }
        boolean tooHigh = d.toVolts() > mostVolts();
        return tooHigh ? Sign.FAILS : d.volts() > MOST_RISE_VOLTS * blocks + 0.5 ? Sign.SUSPECT : Sign.GOOD;
    }

    private String riseMeaning(Difference d) {
        return switch (riseSign(d)) {
            case GOOD ->
                "It charges: 0.5 to 2 V above the base is usual%s.".formatted(blocks > 1 ? ", doubled at 24 V" : "");
            case FAILS ->
                "Over %s: overcharging by its strategy. First what the regulator senses, and on which ground it stands; then the regulator."
                        .formatted(Amount.volts(mostVolts()));
            case SAYS_LITTLE ->
                "Smart charging may rest at about the base voltage: force it with headlights and blower, or read the commanded setpoint.";
            default ->
                d.volts() < LEAST_RISE_VOLTS * blocks
                        ? "Less than base + 0.5 V: a bad path and a dead alternator look the same here. B+ to case decides."
                        : "More than usual: read it again warm, and at another speed.";
        };
    }

    private double mostVolts() {
        boolean classic = !said.says(Topic.STRATEGY, "SMART") && !said.says(Topic.STRATEGY, "CALCIUM");
        return (classic ? CLASSIC_MOST_VOLTS : SMART_MOST_VOLTS) * blocks;
    }

    private Optional<FigureVerdict> loadedRise() {
        return difference(Condition.RAISED_LOADED, Condition.REST).map(d -> {
            boolean holds = d.volts() >= LEAST_RISE_VOLTS * blocks;
            return new FigureVerdict(
                    List.of(),
                    "Rise with all loads on",
                    signed(d.volts()),
                    holds ? Sign.GOOD : Sign.SUSPECT,
                    "%s − %s at rest. %s"
                            .formatted(
                                    d.to(),
                                    d.from(),
                                    holds
                                            ? "Base + 0.5 V is kept."
                                            : "Under base + 0.5 V: B+ to case at the same load tells whether it is not made or lost on the way."));
        });
    }

    /** The voltage must not climb with the speed. */
    private Optional<FigureVerdict> climb() {
        return difference(Condition.HIGH_SPEED, Condition.RAISED)
                .or(() -> difference(Condition.RAISED, Condition.IDLE))
                .map(d -> {
                    boolean climbs = d.volts() > CLIMB_VOLTS * blocks;
                    return new FigureVerdict(
                            List.of(),
                            "With the speed",
                            signed(d.volts()),
                            climbs ? Sign.SUSPECT : Sign.GOOD,
                            "%s, at the lower speed %s. %s"
                                    .formatted(
                                            d.to(),
                                            d.from(),
                                            climbs
                                                    ? "Still building up at idle, or a regulator that lets it climb: wait until it settles, then read both again."
                                                    : "It is regulated: it does not climb with the speed."));
                });
    }

    private Optional<FigureVerdict> afterwards() {
        return difference(Condition.AFTER_SWITCH_OFF, Condition.REST).map(d -> {
            boolean charged = d.volts() >= 0.1 * blocks;
            return new FigureVerdict(
                    List.of(),
                    "After switch-off",
                    signed(d.volts()),
                    charged ? Sign.GOOD : Sign.SAYS_LITTLE,
                    "%s, at rest before %s. %s"
                            .formatted(
                                    d.to(),
                                    d.from(),
                                    charged
                                            ? "A few tenths above the base show that charging took place; they fall back."
                                            : "No surface charge is left: little charging took place, or it was short."));
        });
    }

    private Optional<FigureVerdict> loads() {
        return said.about(Topic.LOADS_ON).map(s -> {
            List<ElectricalLoad> on = ElectricalLoad.in(s.value());
            double low = on.stream().mapToDouble(l -> l.lowAmps(blocks)).sum();
            double high = on.stream().mapToDouble(l -> l.highAmps(blocks)).sum();
            String pulsing = on.stream()
                    .filter(l -> !l.steady())
                    .map(ElectricalLoad::words)
                    .collect(Collectors.joining(" and "));
            return new FigureVerdict(
                    List.of(Topic.LOADS_ON),
                    "Loads on",
                    "%s to %s, typically".formatted(Amount.amps(low), Amount.amps(high)),
                    pulsing.isEmpty() ? Sign.GOOD : Sign.SAYS_LITTLE,
                    on.stream().map(ElectricalLoad::words).collect(Collectors.joining(", "))
                            + (pulsing.isEmpty()
                                    ? ". All steady."
                                    : ". %s: the meter jumps with them, leave them off for drops.".formatted(pulsing)));
        });
    }

    public Optional<FigureVerdict> lifted() {
        return said.about(Topic.DRAIN_LIFTED).map(s -> {
            boolean stops = s.value().equals("STOPS");
            Optional<String> branch = said.about(Topic.DRAIN_BRANCH).map(Statement::value);
            return new FigureVerdict(
                    List.of(Topic.DRAIN_LIFTED, Topic.DRAIN_BRANCH),
                    "Overnight drain",
                    "B+ lifted: it " + (stops ? "stops" : "stays"),
                    Sign.SUSPECT,
                    stops
                            ? "It flowed through the alternator: a leaking diode. Ripple and the diode test belong to it; a lamp that glows dimly too."
                            : branch.map(b -> "Not the alternator. The fuse of “%s” shows a drop: its branch draws."
                                            .formatted(b))
                                    .orElse(
                                            "Not the alternator: read the drop across each fuse, asleep; the one that shows volts draws."));
        });
    }

    /** What was fitted against what came out. */
    private Optional<FigureVerdict> replaced() {
        OptionalDouble oldAmps = said.figure(Topic.OLD_AMPS);
        OptionalDouble newAmps = said.figure(Topic.NEW_AMPS);
        OptionalDouble oldPulley = said.figure(Topic.OLD_PULLEY);
        OptionalDouble newPulley = said.figure(Topic.NEW_PULLEY);
        List<String> wrong = new ArrayList<>();
        if (oldAmps.isPresent() && newAmps.isPresent() && newAmps.getAsDouble() < oldAmps.getAsDouble()) {
            wrong.add("it is rated lower, so check that the loads still fit");
        }
        if (oldPulley.isPresent()
                && newPulley.isPresent()
                && Math.abs(newPulley.getAsDouble() / oldPulley.getAsDouble() - 1) > SAME_PULLEY) {
            wrong.add("its pulley differs, so it turns at another speed");
        }
        boolean both = oldAmps.isPresent() && newAmps.isPresent() || oldPulley.isPresent() && newPulley.isPresent();
        if (!both) {
            return Optional.empty();
        }
        return Optional.of(new FigureVerdict(
                List.of(Topic.OLD_AMPS, Topic.NEW_AMPS, Topic.OLD_PULLEY, Topic.NEW_PULLEY),
                "New unit against the old",
                Stream.of(Topic.OLD_AMPS, Topic.NEW_AMPS, Topic.OLD_PULLEY, Topic.NEW_PULLEY)
                        .flatMap(t -> said.about(t).map(s -> t.words(s.value())).stream())
                        .collect(Collectors.joining(", ")),
                wrong.isEmpty() ? Sign.GOOD : Sign.FAILS,
                wrong.isEmpty() ? "Rating and pulley fit." : "Not the same: " + String.join("; ", wrong) + "."));
    }

    /** A bench pass does not clear the wiring, and speaks against the verdict. */
    private Optional<FigureVerdict> bench() {
        List<Topic> benches = List.of(Topic.OLD_BENCH, Topic.NEW_BENCH);
        List<String> shown = benches.stream()
                .flatMap(t -> said.about(t).map(s -> t.title() + " " + t.words(s.value())).stream())
                .toList();
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        boolean oldPasses = said.says(Topic.OLD_BENCH, "PASSES");
        boolean newFails = said.says(Topic.NEW_BENCH, "FAILS");
        return Optional.of(new FigureVerdict(
                benches,
                "Bench tests",
                String.join(", ", shown),
                newFails ? Sign.FAILS : oldPasses ? Sign.SUSPECT : Sign.GOOD,
                newFails
                        ? "The new unit fails before it is fitted: new parts can be bad."
                        : oldPasses
                                ? "The old unit passes on the bench although the vehicle spoke against it: on the bench the wiring is not in the circuit. That points to wiring, regulator or control."
                                : "They agree with the change."));
    }

    /** Posts in one condition less posts in another. */
    private record Difference(double volts, double toVolts, String to, String from) {}

    private Optional<Difference> difference(Condition to, Condition from) {
        Optional<Reading> high = posts(to);
        Optional<Reading> low = posts(from);
        if (high.isEmpty() || low.isEmpty()) {
            return Optional.empty();
        }
        double a = Math.abs(high.get().volts());
        double b = Math.abs(low.get().volts());
        return Optional.of(new Difference(a - b, a, shown(high.get()), shown(low.get())));
    }

    private Optional<Reading> posts(Condition condition) {
        return evidence.counted().stream()
                .filter(r -> r.condition() == condition)
                .filter(r -> Set.of(r.red(), r.black()).equals(Set.of(circuit.plusPost(), circuit.minusPost())))
                .reduce((first, second) -> second);
    }

    private static String shown(Reading reading) {
        return Amount.volts(Math.abs(reading.volts()), reading.resolutionVolts());
    }

    private static String signed(double volts) {
        return (volts >= 0 ? "+" : "−") + Amount.volts(Math.abs(volts), 0.01);
    }
}
