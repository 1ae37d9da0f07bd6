package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Regulator;
import app.dantro.core.circuit.Starter;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The chain of readings without which no part is called faulty, whatever its probability (docs/job.md, when a part may
 * be called faulty): a wiring part needs one across just itself with its current flowing; a device needs what reaches it
 * and what it delivers.
 */
public final class Proof {
    /** Of the most current that flows in a part. */
    private static final double LEAST_SHARE = 0.08;

    private static final double CHARGED_VOLTS = 12.4;
    /** A dead cell takes 2.1 V; half of that tells it from a battery that is merely flat after charging. */
    private static final double LOW_CELL_VOLTS = 1.05;

    private final PreparedCircuit prepared;
    private final Circuit circuit;
    private final List<Observation> observations;
    private final boolean undercharging;

    Proof(PreparedCircuit prepared, List<Observation> observations) {
        this(prepared, observations, false);
    }

    /**
     * @param undercharging whether a regulator that is set too low is what the readings speak for: then they have to be told
     *     from an alternator at its limit
     */
    Proof(PreparedCircuit prepared, List<Observation> observations, boolean undercharging) {
        this.prepared = prepared;
        this.circuit = prepared.circuit();
        this.observations = List.copyOf(observations);
        this.undercharging = undercharging;
    }

    /**
     * A link of the chain.
     *
     * @param words what it is, as spoken
     * @param any readings of which one closes it
     * @param delivers whether it shows what the device gives, not what reaches it
     */
    public record Link(String words, List<Observable> any, boolean delivers) {
        public Link {
            any = List.copyOf(any);
        }

        Link(String words, List<Observable> any) {
            this(words, any, false);
        }

        Link delivered() {
            return new Link(words, any, true);
        }
    }

    /**
     * Something to see or try before a device may be called faulty.
     *
     * @param wanted the values that speak for the device being faulty; any other speaks against it
     */
    public record Look(Topic topic, Set<String> wanted, String words) {
        public Look {
            wanted = Set.copyOf(wanted);
        }

        Look(Topic topic, String wanted, String words) {
            this(topic, Set.of(wanted), words);
        }

        /** True if nobody has looked yet. */
        public boolean open(Statements statements) {
            return statements.about(topic).isEmpty();
        }

        public boolean seen(Statements statements) {
            return statements
                    .about(topic)
                    .filter(s -> wanted.contains(s.value()))
                    .isPresent();
        }

        /** True if it was seen, and is not so. */
        public boolean refuted(Statements statements) {
            return !open(statements) && !seen(statements);
        }
    }

    /** What is still missing before a part may be called faulty. */
    public List<Link> missing(PartId part) {
        return chain(part).stream().filter(link -> !closed(link)).toList();
    }

    /** Everything a part's verdict needs. */
    public List<Link> chain(PartId part) {
        Optional<Part> wiring = circuit.part(part);
        if (wiring.isPresent()) {
            return List.of(across(wiring.get()));
        }
        Device device = circuit.device(part)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no part (%s) in the circuit (%s).".formatted(part, circuit.id())));
        if (device instanceof Battery battery) {
            return battery(battery);
        }
        if (device instanceof Starter starter) {
            return List.of(
                    link(
                            "the volts that reach the motor while cranking",
                            volts(Condition.CRANKING, starter.motorStud(), starter.starterCase())),
                    link("the battery's volts while cranking", posts(Condition.CRANKING)));
        }
        if (device instanceof Alternator alternator) {
            return alternator(alternator);
        }
        return device instanceof Load
                ? List.of(link("the standing current with everything off", new Observable.Amps(Condition.REST)))
                : List.of(link("a reading that this program does not take yet", new Observable.Amps(Condition.REST)));
    }

    /**
     * What has to be seen or tried beside all readings before a device may be called faulty; empty for what readings alone
     * can prove.
     */
    public List<Look> looks(PartId part) {
        Optional<Device> device = circuit.device(part);
        if (device.filter(Starter.class::isInstance).isPresent()) {
            return List.of(new Look(
                    Topic.ENGINE_TURNS, "FREELY", "the engine turns freely by hand, or the starter fails off it too"));
        }
        if (device.filter(Alternator.class::isInstance).isPresent()) {
            return alternatorLooks(circuit.regulator().orElseThrow());
        }
        if (device.filter(Battery.class::isInstance)
                .filter(b -> cellLow((Battery) b))
                .isPresent()) {
            return List.of(new Look(
                    Topic.CELL_STAYS_LOW,
                    "YES",
                    "charged on its own and rested, it is still about 2 V low: before that it may just be flat"));
        }
        if (device.filter(Load.class::isInstance).isPresent()) {
            return List.of(
                    new Look(Topic.DRAIN_FOUND, "YES", "which consumer draws: branch by branch, after the sleep time"));
        }
        return List.of();
    }

    private static List<Look> alternatorLooks(Regulator regulator) {
        Look generator = new Look(
                Topic.GENERATOR_GOOD,
                Set.of("YES", "NO"),
                "the generator's AC volts phase to phase: equal, rising with the speed, none to the frame");
        Look belt = new Look(
                Topic.BELT_DRIVES,
                "YES",
                "the belt drives it: tight, not glazed, pulley and shaft turn with the engine");
        Look plug = new Look(
                Topic.PLUG_FED,
                "YES",
                "what its plug needs arrives: ignition feed or exciter, sense, field asked for (maker's figures)");
        Look field = new Look(
                Topic.FIELD_ANSWERS,
                Set.of("YES", "NO"),
                "the field commanded as the maker allows, with a load on: whether the alternator answers");
        return switch (regulator) {
            case SEPARATE -> List.of(generator);
            case INSIDE -> List.of(belt, plug);
            case BOX, COMPUTER -> List.of(belt, plug, field);
        };
    }

    private List<Link> alternator(Alternator a) {
        List<Observable> wiring = new ArrayList<>(List.of(
                volts(Condition.KEY_ON, a.output(), circuit.minusPost()),
                volts(Condition.KEY_ON, a.output(), a.ground())));
        for (Condition condition : List.of(Condition.KEY_ON, Condition.RAISED, Condition.RAISED_LOADED)) {
            wiring.add(volts(condition, a.output(), circuit.plusPost()));
        }
        List<Link> chain = new ArrayList<>();
        chain.add(new Link(
                        "the alternator's own volts, B+ to case, while it should charge",
                        List.of(
                                volts(Condition.RAISED_LOADED, a.output(), a.ground()),
                                volts(Condition.RAISED, a.output(), a.ground())))
                .delivered());
        if (undercharging) {
            chain.add(link(
                            "its volts with the loads off: under load it may just be at its limit",
                            volts(Condition.RAISED, a.output(), a.ground()),
                            posts(Condition.RAISED))
                    .delivered());
        }
        chain.add(link("a battery that can take charge: its base voltage", posts(Condition.REST)));
        chain.add(new Link("its way to the battery: B+ to + post, or the feed check with the key on", wiring));
        chain.add(new Link("its way back: case to − post, or B+ to its own case with the key on", wayBack(a)));
        ownWire(a, a.sense().plus(), circuit.plusPost())
                .map(point -> sensed("what it senses, to the + post", point, circuit.plusPost()))
                .ifPresent(chain::add);
        ownWire(a, a.sense().minus(), circuit.minusPost())
                .map(point -> sensed("the ground it senses against, to the − post", point, circuit.minusPost()))
                .ifPresent(chain::add);
        return List.copyOf(chain);
    }

    /** Read by itself, or as what the posts, the output and its way there leave over at one moment. */
    private List<Observable> wayBack(Alternator a) {
        List<Observable> any = new ArrayList<>(List.of(volts(Condition.KEY_ON, a.output(), a.ground())));
        for (Condition condition : List.of(Condition.RAISED_LOADED, Condition.RAISED)) {
            any.add(volts(condition, circuit.minusPost(), a.ground()));
            any.add(volts(condition, circuit.plusPost(), a.ground()));
            if (taken(volts(condition, a.output(), a.ground()))
                    && taken(volts(condition, a.output(), circuit.plusPost()))) {
                any.add(posts(condition));
            }
        }
        return any;
    }

    /** A sensed point that is neither at the alternator nor at the battery. */
    private static Optional<PointId> ownWire(Alternator a, PointId sensed, PointId post) {
        return Optional.of(sensed)
                .filter(p -> !Set.of(a.output(), a.ground(), post).contains(p));
    }

    private static Link sensed(String words, PointId point, PointId post) {
        return new Link(
                words,
                List.of(
                        volts(Condition.RAISED_LOADED, point, post),
                        volts(Condition.RAISED, point, post),
                        volts(Condition.KEY_ON, point, post)));
    }

    /** Across just this part, in any condition in which its current flows. */
    private Link across(Part part) {
        List<Observable> any = new ArrayList<>();
        for (Condition condition : PreparedCircuit.USUAL) {
            if (loaded(part, condition)) {
                any.add(volts(condition, part.from(), part.to()));
            }
        }
        return new Link("a reading across just this part", any);
    }

    private List<Link> battery(Battery battery) {
        Link base = link(
                "its base voltage",
                volts(Condition.REST, battery.positivePost(), battery.negativePost()),
                posts(Condition.REST));
        if (cellLow(battery)) {
            return List.of(base);
        }
        List<Link> chain = new ArrayList<>(List.of(
                base,
                new Link(
                                "its volts while cranking",
                                List.of(
                                        posts(Condition.CRANKING),
                                        volts(Condition.CRANKING, battery.positivePost(), battery.negativePost())))
                        .delivered(),
                new Link("the current while cranking, by clamp or as the drop of a known cable", current())));
        circuit.batteries().stream()
                .filter(other -> !other.equals(battery) && circuit.blocks() == 1)
                .map(other -> sharing(battery, other))
                .forEach(chain::add);
        return List.copyOf(chain);
    }

    /** Of two batteries in parallel the posts read nearly the same; only what is lost between them tells who delivers. */
    private static Link sharing(Battery one, Battery other) {
        return link(
                "how the batteries share the current: the drop between them while cranking",
                volts(Condition.CRANKING, one.positivePost(), other.positivePost()),
                volts(Condition.CRANKING, one.negativePost(), other.negativePost()));
    }

    /** A clamp, or the cables of the starting circuit read as shunts, alone or with their joints. */
    private List<Observable> current() {
        List<Observable> any = new ArrayList<>(List.of(new Observable.Amps(Condition.CRANKING)));
        for (List<Part> side : List.of(circuit.startingReturn(), circuit.startingSupply())) {
            for (int i = 0; i < side.size(); i++) {
                for (int j = i; j < side.size(); j++) {
                    if (side.subList(i, j + 1).stream().anyMatch(p -> p.kind() == PartKind.CABLE)) {
                        any.add(volts(
                                Condition.CRANKING,
                                side.get(i).from(),
                                side.get(j).to()));
                    }
                }
            }
        }
        return any;
    }

    /** A base voltage that a cell is missing from: then there is nothing to crank with. */
    private boolean cellLow(Battery battery) {
        double own = CHARGED_VOLTS - LOW_CELL_VOLTS;
        return base(battery.positivePost(), battery.negativePost(), own)
                || base(circuit.plusPost(), circuit.minusPost(), CHARGED_VOLTS * circuit.blocks() - LOW_CELL_VOLTS);
    }

    private boolean base(PointId red, PointId black, double belowVolts) {
        return observations.stream()
                .filter(o -> same(o.what(), volts(Condition.REST, red, black)))
                .anyMatch(o -> Math.abs(o.value()) < belowVolts);
    }

    private boolean closed(Link link) {
        return link.any().stream().anyMatch(this::taken);
    }

    private boolean taken(Observable what) {
        return observations.stream().anyMatch(o -> same(o.what(), what));
    }

    /** True if a healthy part carries a current worth the name there: with less, a drop says nothing about it. */
    private boolean loaded(Part part, Condition condition) {
        double most = Math.max(
                prepared.healthyAmps(part, Condition.CRANKING), prepared.healthyAmps(part, Condition.RAISED_LOADED));
        return prepared.healthyAmps(part, condition) >= LEAST_SHARE * most;
    }

    /** The same measurement, whichever way round the leads are. */
    public static boolean same(Observable one, Observable other) {
        if (one instanceof Observable.Volts a && other instanceof Observable.Volts b) {
            return a.condition() == b.condition()
                    && (a.red().equals(b.red()) && a.black().equals(b.black())
                            || a.red().equals(b.black()) && a.black().equals(b.red()));
        }
        return one.equals(other);
    }

    private Observable posts(Condition condition) {
        return volts(condition, circuit.plusPost(), circuit.minusPost());
    }

    private static Observable volts(Condition condition, PointId red, PointId black) {
        return new Observable.Volts(condition, red, black);
    }

    private static Link link(String words, Observable... any) {
        return new Link(words, List.of(any));
    }
}
