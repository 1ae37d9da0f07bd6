package app.dantro.core.figure;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.network.BatteryModel;
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
import java.util.stream.Stream;

/**
 * Figures that are measured beside drops: charge, recovery, draw, drain, output against its rating, ripple, diodes, field
 * and phases (docs/job.md, tests 1, 2, 5, 14 and 19 to 24). None of them condemns a device by itself.
 */
public final class Figures {
    public static final double HEALTHY_RIPPLE_VOLTS = 0.1;
    private static final double MOST_RIPPLE_VOLTS = 0.5;
    /** Two junctions in series. */
    private static final double TWO_JUNCTIONS_LOW_MV = 750;

    private static final double TWO_JUNCTIONS_HIGH_MV = 1150;
    private static final double ONE_JUNCTION_LOW_MV = 350;
    private static final double SHORT_MV = 100;
    private static final double USUAL_DRAIN_MA = 50;
    private static final double LEAST_SHARE_OF_RATING = 0.9;
    private static final double EXACTLY = 0.01;
    private static final double EQUAL_PHASES = 0.1;
    private static final double UNSTEADY_VOLTS = 0.2;
    private static final double ASKED_FULLY = 0.9;
    private static final double NOT_ASKED = 0.1;
    private static final double DRAW_TOLERANCE = 0.15;

    private final CaseRecord evidence;
    private final Statements said;
    private final Circuit circuit;
    private final int blocks;

    private Figures(CaseRecord evidence) {
        this.evidence = evidence;
        this.said = evidence.statedSinceRepair();
        this.circuit = evidence.circuit();
        this.blocks = circuit.blocks();
    }

    /** A verdict on every figure that is known. */
    public static List<FigureVerdict> of(CaseRecord evidence) {
        Figures judge = new Figures(evidence);
        Stream<FigureVerdict> figures = Stream.of(
                        judge.charge(),
                        judge.underLightLoad(),
                        judge.recovery(),
                        judge.draw(),
                        TwoCranks.verdict(evidence),
                        judge.drain(),
                        judge.output(),
                        judge.consumption(),
                        judge.ripple(Topic.RIPPLE_IDLE),
                        judge.ripple(Topic.RIPPLE_LOADED),
                        judge.ripple(Topic.RIPPLE_POST),
                        judge.diodes(),
                        judge.field(),
                        judge.unsteady(),
                        judge.phases())
                .flatMap(Optional::stream);
        return Stream.of(
                        figures,
                        new ChargingFigures(evidence).verdicts().stream(),
                        new BranchCurrents(evidence).verdicts().stream())
                .flatMap(s -> s)
                .toList();
    }

    /** What an alternator puts out: currents, volts against loads and speed, ripple and diodes, new unit against old. */
    public static List<FigureVerdict> ofOutput(CaseRecord evidence) {
        Figures judge = new Figures(evidence);
        ChargingFigures charging = new ChargingFigures(evidence);
        return Stream.of(
                        Stream.of(judge.output(), judge.consumption(), judge.unsteady())
                                .flatMap(Optional::stream),
                        charging.output().stream(),
                        new BranchCurrents(evidence).verdicts().stream(),
                        judge.diodesAndRipple(),
                        charging.units().stream())
                .flatMap(s -> s)
                .toList();
    }

    /** What regulates it: the field's command or the generator's phases, and how the voltage rises and holds. */
    public static List<FigureVerdict> ofRegulation(CaseRecord evidence) {
        Figures judge = new Figures(evidence);
        return Stream.concat(
                        Stream.of(judge.field(), judge.phases(), judge.unsteady())
                                .flatMap(Optional::stream),
                        new ChargingFigures(evidence).rises().stream())
                .toList();
    }

    /** What empties the battery overnight: the standing current, and diodes that leak. */
    public static List<FigureVerdict> ofDrain(CaseRecord evidence) {
        Figures judge = new Figures(evidence);
        return Stream.of(
                        judge.drain().stream(),
                        new ChargingFigures(evidence).lifted().stream(),
                        judge.diodesAndRipple())
                .flatMap(s -> s)
                .toList();
    }

    private Stream<FigureVerdict> diodesAndRipple() {
        return Stream.of(ripple(Topic.RIPPLE_IDLE), ripple(Topic.RIPPLE_LOADED), ripple(Topic.RIPPLE_POST), diodes())
                .flatMap(Optional::stream);
    }

    /** True if ripple and diode test both speak against the alternator's diodes. */
    public static boolean diodesFail(CaseRecord evidence) {
        Figures judge = new Figures(evidence);
        boolean ripple = Stream.of(Topic.RIPPLE_IDLE, Topic.RIPPLE_LOADED)
                .anyMatch(
                        t -> judge.ripple(t).filter(v -> v.sign() == Sign.FAILS).isPresent());
        return ripple && judge.diodes().filter(v -> v.sign() == Sign.FAILS).isPresent();
    }

    private Optional<FigureVerdict> charge() {
        Optional<Reading> base = posts(Condition.REST);
        Optional<StateOfCharge> chemistry = said.about(Topic.CHEMISTRY).map(s -> StateOfCharge.valueOf(s.value()));
        if (base.isEmpty() || chemistry.isEmpty()) {
            return Optional.empty();
        }
        double volts = Math.abs(base.get().volts());
        double share = chemistry.get().share(volts / blocks, evidence.celsius());
        boolean surface = volts / blocks > chemistry.get().surfaceVolts();
        Sign sign = surface ? Sign.SAYS_LITTLE : share >= 0.75 ? Sign.GOOD : share >= 0.2 ? Sign.SUSPECT : Sign.FAILS;
        String says = surface
                ? "Over %s a %s battery carries surface charge: load it a minute, let it rest two, read again."
                        .formatted(
                                Amount.volts(chemistry.get().surfaceVolts() * blocks),
                                Topic.CHEMISTRY.words(chemistry.get().name()))
                : share >= 0.75
                        ? "About %d %% charged: enough for a starting or charging test.".formatted(percent(share))
                        : "About %d %% charged: charge it before it, or anything it feeds, is judged."
                                .formatted(percent(share));
        return verdict(List.of(Topic.CHEMISTRY), "State of charge", shown(base.get()) + " at rest", sign, says);
    }

    private Optional<FigureVerdict> underLightLoad() {
        Optional<Reading> base = posts(Condition.REST);
        Optional<Reading> loaded = posts(Condition.ENGINE_OFF_LOAD);
        Optional<Double> amps = loaded.flatMap(Reading::amps).filter(a -> a > 0);
        if (base.isEmpty() || amps.isEmpty()) {
            return Optional.empty();
        }
        double ohms = (Math.abs(base.get().volts()) - Math.abs(loaded.get().volts())) / amps.get();
        double upper = evidence.loop().battery().internalOhms().upperOhms()
                * BatteryModel.ohmsFactor(0.65, evidence.celsius());
        // Polarization adds to the resistance within a minute: a light load can only clear with room to spare.
        Sign sign = ohms < 2 * upper ? Sign.GOOD : Sign.SUSPECT;
        return verdict(
                List.of(),
                "Battery under light load",
                shown(loaded.get()) + " at " + Amount.amps(amps.get()),
                sign,
                "(%s − %s) ÷ %s = %s, a healthy one up to %s with the load on for a minute."
                        .formatted(
                                shown(base.get()),
                                shown(loaded.get()),
                                Amount.amps(amps.get()),
                                Amount.milliohms(ohms),
                                Amount.milliohms(2 * upper)));
    }

    private Optional<FigureVerdict> recovery() {
        return figure(Topic.RECOVERY_VOLTS).map(v -> {
            boolean climbs = v >= 12.2 * blocks;
            return new FigureVerdict(
                    List.of(Topic.RECOVERY_VOLTS),
                    "Recovery after the load",
                    shownOf(Topic.RECOVERY_VOLTS),
                    climbs ? Sign.GOOD : Sign.SUSPECT,
                    climbs
                            ? "It climbed back above %s within two minutes.".formatted(Amount.volts(12.2 * blocks))
                            : "It should climb above %s within two minutes: charge it, then test it again."
                                    .formatted(Amount.volts(12.2 * blocks)));
        });
    }

    private Optional<FigureVerdict> draw() {
        Optional<Double> maker = figure(Topic.MAKER_DRAW);
        Optional<Double> amps = evidence.counted().stream()
                .filter(r -> r.condition() == Condition.CRANKING)
                .flatMap(r -> r.amps().stream())
                .reduce((first, second) -> second);
        if (maker.isEmpty() || amps.isEmpty()) {
            return Optional.empty();
        }
        double share = amps.get() / maker.get();
        boolean normal = Math.abs(share - 1) <= DRAW_TOLERANCE;
        return verdict(
                List.of(Topic.MAKER_DRAW),
                "Starter's draw",
                Amount.amps(amps.get()),
                normal ? Sign.GOOD : Sign.SUSPECT,
                "%d %% of the maker's %s.%s"
                        .formatted(
                                percent(share),
                                Amount.amps(maker.get()),
                                normal
                                        ? ""
                                        : share < 1
                                                ? " Low: resistance on the way, or a battery that cannot deliver."
                                                : " High: the starter drags or the engine is tight. Turn it by hand."));
    }

    private Optional<FigureVerdict> drain() {
        return figure(Topic.STANDING_CURRENT).map(milliamps -> {
            double ampHours =
                    circuit.batteries().stream().mapToDouble(Battery::ampHours).sum() / blocks;
            // From full to three quarters is a quarter of the charge.
            double days = ampHours * 250 / Math.max(milliamps, 0.1) / 24;
            boolean usual = milliamps <= USUAL_DRAIN_MA;
            return new FigureVerdict(
                    List.of(Topic.STANDING_CURRENT),
                    "Standing current",
                    shownOf(Topic.STANDING_CURRENT),
                    usual ? Sign.GOOD : Sign.FAILS,
                    "%s takes a quarter of %s Ah in %s. %s"
                            .formatted(
                                    shownOf(Topic.STANDING_CURRENT),
                                    Math.round(ampHours),
                                    days >= 2 ? Math.round(days) + " days" : Math.round(days * 24) + " hours",
                                    usual
                                            ? "Up to 50 mA is usual; the maker's figure comes first."
                                            : "Find the branch by fuse drops; lift B+ (battery − off first) to see whether it stops: a leaking diode is one cause."));
        });
    }

    private Optional<FigureVerdict> output() {
        Optional<Alternator> alternator = circuit.alternator();
        Optional<Reading> most = evidence.counted().stream()
                .filter(r -> r.condition() == Condition.FULL_OUTPUT || r.condition() == Condition.RAISED_LOADED)
                .filter(r -> r.amps().isPresent())
                .max(java.util.Comparator.comparingDouble(r -> r.amps().orElseThrow()));
        if (alternator.isEmpty() || most.isEmpty()) {
            return Optional.empty();
        }
        Optional<Double> plate = figure(Topic.RATED_AMPS);
        double rated = plate.orElse(alternator.get().rating().maxAmps());
        double amps = most.get().amps().orElseThrow();
        double share = amps / rated;
        String by = plate.isPresent() ? "by its plate" : "by the circuit, not by its plate";
        if (Math.abs(share - 1) < EXACTLY) {
            return verdict(
                    List.of(Topic.RATED_AMPS),
                    "Output current",
                    Amount.amps(amps),
                    Sign.SAYS_LITTLE,
                    "Exactly its rating of %s %s: which load was on? Was the plate typed in place of the clamp?"
                            .formatted(Amount.amps(rated), by));
        }
        boolean full = share >= LEAST_SHARE_OF_RATING;
        return verdict(
                List.of(Topic.RATED_AMPS),
                "Output current",
                "%s, %s".formatted(Amount.amps(amps), most.get().condition().words()),
                full ? Sign.GOOD : Sign.SAYS_LITTLE,
                full
                        ? "%d %% of its rating of %s %s.".formatted(percent(share), Amount.amps(rated), by)
                        : "%d %% of its rating of %s %s. It gives no more than is asked for: below 90 %% counts only when the volts fall too, or under a pile."
                                .formatted(percent(share), Amount.amps(rated), by));
    }

    private Optional<FigureVerdict> consumption() {
        Optional<Double> battery = figure(Topic.BATTERY_AMPS);
        Optional<Double> made = evidence.counted().stream()
                .filter(r -> r.condition() == Condition.RAISED_LOADED || r.condition() == Condition.IDLE_LOADED)
                .flatMap(r -> r.amps().stream())
                .reduce((first, second) -> second);
        if (battery.isEmpty() || made.isEmpty()) {
            return Optional.empty();
        }
        double used = made.get() - battery.get();
        if (used < 0) {
            return verdict(
                    List.of(Topic.BATTERY_AMPS),
                    "Loads",
                    shownOf(Topic.BATTERY_AMPS),
                    Sign.SAYS_LITTLE,
                    "More goes into the battery than the alternator makes: was the clamp around one cable, and zeroed?");
        }
        boolean discharged = battery.get() < 0;
        return verdict(
                List.of(Topic.BATTERY_AMPS),
                "Loads",
                Amount.amps(used),
                discharged ? Sign.SUSPECT : Sign.GOOD,
                "%s made − %s into the battery = %s used.%s"
                        .formatted(
                                Amount.amps(made.get()),
                                Amount.amps(battery.get()),
                                Amount.amps(used),
                                discharged ? " The battery gives: more is used than made at this speed." : ""));
    }

    private Optional<FigureVerdict> ripple(Topic topic) {
        return figure(topic).map(volts -> {
            Sign sign =
                    volts < HEALTHY_RIPPLE_VOLTS ? Sign.GOOD : volts <= MOST_RIPPLE_VOLTS ? Sign.SUSPECT : Sign.FAILS;
            String says = sign == Sign.GOOD
                    ? "Under 0.1 V AC is healthy."
                    : sign == Sign.SUSPECT
                            ? topic == Topic.RIPPLE_IDLE
                                    ? "0.1 to 0.5 V AC: repeat it loaded, with the meter on AC and the leads at the machine."
                                    : "0.1 to 0.5 V AC under load: the diode test decides, battery − off."
                            : "Over 0.5 V AC: a diode or a phase. The diode test decides, battery − off.";
            return new FigureVerdict(List.of(topic), topic.title(), shownOf(topic), sign, says);
        });
    }

    private Optional<FigureVerdict> diodes() {
        boolean forward = said.about(Topic.DIODES_FORWARD).isPresent();
        boolean reverse = said.about(Topic.DIODES_REVERSE).isPresent();
        if (!forward && !reverse) {
            return Optional.empty();
        }
        String shown = Stream.of(Topic.DIODES_FORWARD, Topic.DIODES_REVERSE)
                .flatMap(t -> said.about(t).map(s -> t.words(s.value())).stream())
                .reduce((a, b) -> a + ", swapped " + b)
                .orElseThrow();
        List<Topic> topics = List.of(Topic.DIODES_FORWARD, Topic.DIODES_REVERSE);
        if (!forward || !reverse) {
            return verdict(topics, "Diode test", shown, Sign.SAYS_LITTLE, "Test both directions.");
        }
        boolean blocks2 = said.openLine(Topic.DIODES_REVERSE);
        boolean open = said.openLine(Topic.DIODES_FORWARD);
        double millivolts = figure(Topic.DIODES_FORWARD).orElse(Double.POSITIVE_INFINITY);
        double back = figure(Topic.DIODES_REVERSE).orElse(Double.POSITIVE_INFINITY);
        if (open && blocks2) {
            return verdict(
                    topics,
                    "Diode test",
                    shown,
                    Sign.SAYS_LITTLE,
                    "Open both ways: scratch for contact first, and swap the leads once more.");
        }
        if (millivolts < SHORT_MV || !blocks2 && back < TWO_JUNCTIONS_HIGH_MV) {
            return verdict(
                    topics,
                    "Diode test",
                    shown,
                    Sign.FAILS,
                    "It conducts both ways or nearly shorts: a shorted or leaking diode. It also drains the battery overnight.");
        }
        if (millivolts >= TWO_JUNCTIONS_LOW_MV && millivolts <= TWO_JUNCTIONS_HIGH_MV) {
            return verdict(
                    topics,
                    "Diode test",
                    shown,
                    Sign.GOOD,
                    "Two junctions in series one way, open the other. One open diode cannot be seen this way: ripple shows it.");
        }
        boolean half = millivolts >= ONE_JUNCTION_LOW_MV && millivolts < TWO_JUNCTIONS_LOW_MV;
        return verdict(
                topics,
                "Diode test",
                shown,
                half ? Sign.FAILS : Sign.SUSPECT,
                half
                        ? "About half of the 0.8 to 1.1 V of two junctions: one of them is shorted, or another circuit hangs on the cable. Is the cable off?"
                        : "Two junctions in series show 0.8 to 1.1 V one way: test again with the cable off.");
    }

    private Optional<FigureVerdict> field() {
        Optional<Double> volts = figure(Topic.FIELD_VOLTS);
        Optional<String> side = said.about(Topic.FIELD_SIDE).map(Statement::value);
        if (volts.isEmpty() || side.isEmpty() || side.get().equals("INSIDE")) {
            return Optional.empty();
        }
        double system = evidence.counted().stream()
                .filter(r -> r.condition().running() && isPosts(r))
                .mapToDouble(r -> Math.abs(r.volts()))
                .reduce((first, second) -> second)
                .orElse(12.6 * blocks);
        double share = volts.get() / system;
        double asked = side.get().equals("FED") ? share : 1 - share;
        String command = asked >= ASKED_FULLY
                ? "asks all the time"
                : asked <= NOT_ASKED ? "does not ask" : "asks part of the time";
        Optional<Reading> made = output(Condition.RAISED_LOADED);
        boolean low = made.filter(r -> Math.abs(r.volts()) < 13 * blocks).isPresent();
        String then = made.isEmpty()
                ? "Read B+ to case with the loads on to say more."
                : low && asked >= ASKED_FULLY
                        ? "B+ stays low although it is asked fully: the machine, its drive or its feed."
                        : low && asked <= NOT_ASKED
                                ? "B+ is low and nobody asks: the computer, its sense or its ground, before the machine."
                                : "It answers.";
        return verdict(
                List.of(Topic.FIELD_SIDE, Topic.FIELD_VOLTS),
                "Field command",
                shownOf(Topic.FIELD_VOLTS),
                low ? Sign.SUSPECT : Sign.GOOD,
                "Switched %s, %s of %s: it %s. %s The maker's figure comes first."
                        .formatted(
                                Topic.FIELD_SIDE.words(side.get()),
                                shownOf(Topic.FIELD_VOLTS),
                                Amount.volts(system),
                                command,
                                then));
    }

    private Optional<FigureVerdict> unsteady() {
        Optional<Double> low = figure(Topic.UNSTEADY_LOW);
        Optional<Double> high = figure(Topic.UNSTEADY_HIGH);
        if (low.isEmpty() || high.isEmpty()) {
            return Optional.empty();
        }
        double swing = high.get() - low.get();
        String shown = shownOf(Topic.UNSTEADY_LOW) + " to " + shownOf(Topic.UNSTEADY_HIGH);
        List<Topic> topics = List.of(Topic.UNSTEADY_LOW, Topic.UNSTEADY_HIGH);
        if (swing < 0) {
            return verdict(
                    topics, "Steadiness", shown, Sign.SAYS_LITTLE, "The lowest is above the highest: swap them.");
        }
        return swing <= UNSTEADY_VOLTS * blocks
                ? verdict(
                        topics,
                        "Steadiness",
                        shown,
                        Sign.GOOD,
                        "Steady within %s.".formatted(Amount.volts(swing, 0.01)))
                : verdict(
                        topics,
                        "Steadiness",
                        shown,
                        Sign.SUSPECT,
                        "It swings by %s: probe contact, belt, joints, plug pins, sense lead, brushes. Wiggle while watching, cold and warm; one good pass closes nothing."
                                .formatted(Amount.volts(swing, 0.01)));
    }

    private Optional<FigureVerdict> phases() {
        List<Topic> pairs = List.of(Topic.PHASE_ONE, Topic.PHASE_TWO, Topic.PHASE_THREE);
        List<Double> volts = pairs.stream().flatMap(t -> figure(t).stream()).toList();
        Optional<Double> frame = figure(Topic.PHASE_FRAME);
        if (volts.size() < 3 && frame.isEmpty()) {
            return Optional.empty();
        }
        List<Topic> topics = new ArrayList<>(pairs);
        topics.add(Topic.PHASE_FRAME);
        String shown = topics.stream()
                .flatMap(t -> said.about(t).map(s -> t.words(s.value())).stream())
                .reduce((a, b) -> a + ", " + b)
                .orElseThrow();
        if (frame.filter(v -> v > 1).isPresent()) {
            return verdict(
                    topics,
                    "Generator",
                    shown,
                    Sign.FAILS,
                    "A phase to the frame must show nothing: its winding touches the frame.");
        }
        if (volts.size() < 3) {
            return verdict(topics, "Generator", shown, Sign.SAYS_LITTLE, "Measure all three pairs at one speed.");
        }
        double least = volts.stream().mapToDouble(v -> v).min().orElseThrow();
        double most = volts.stream().mapToDouble(v -> v).max().orElseThrow();
        boolean equal = most - least <= EQUAL_PHASES * most && most > 0;
        return verdict(
                topics,
                "Generator",
                shown,
                equal ? Sign.GOOD : Sign.FAILS,
                equal
                        ? "Equal phase to phase: the generator is good if they rise with the speed; then the rectifier-regulator, after its wires."
                        : "The pairs differ by more than a tenth: the generator's winding or its plug, before the rectifier-regulator.");
    }

    private Optional<Reading> posts(Condition condition) {
        return evidence.counted().stream()
                .filter(r -> r.condition() == condition && isPosts(r))
                .reduce((first, second) -> second);
    }

    private Optional<Reading> output(Condition condition) {
        return circuit.alternator()
                .flatMap(a -> evidence.counted().stream()
                        .filter(r -> r.condition() == condition)
                        .filter(r -> pair(r).equals(Set.of(a.output(), a.ground())))
                        .reduce((first, second) -> second));
    }

    private boolean isPosts(Reading reading) {
        return pair(reading).equals(Set.of(circuit.plusPost(), circuit.minusPost()));
    }

    private static Set<PointId> pair(Reading reading) {
        return Set.of(reading.red(), reading.black());
    }

    private Optional<Double> figure(Topic topic) {
        OptionalDouble value = said.figure(topic);
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }

    private String shownOf(Topic topic) {
        return topic.words(said.about(topic).orElseThrow().value());
    }

    private static String shown(Reading reading) {
        return Amount.volts(Math.abs(reading.volts()), reading.resolutionVolts());
    }

    private static long percent(double share) {
        return Math.round(share * 100);
    }

    private static Optional<FigureVerdict> verdict(
            List<Topic> topics, String what, String shown, Sign sign, String says) {
        return Optional.of(new FigureVerdict(topics, what, shown, sign, says));
    }
}
