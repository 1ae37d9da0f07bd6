package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.PulledIn;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What must have been shown before a part may be called faulty (docs/job.md, when may a component be called faulty): a
 * wiring part needs a reading across itself with a current flowing; a device needs what reaches it and what it delivers.
 */
public final class Proof {
    private final PreparedCircuit prepared;
    private final Circuit circuit;
    private final Taken taken;
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
        this.taken = new Taken(circuit, observations);
        this.undercharging = undercharging;
    }

    /** What is still missing before a part may be called faulty. */
    public List<Link> missing(PartId part) {
        return chain(part).stream().filter(link -> !taken.closes(link)).toList();
    }

    /** Everything a part's verdict needs. */
    public List<Link> chain(PartId part) {
        return circuit.part(part)
                .map(this::chain)
                .orElseGet(() -> chain(circuit.device(part)
                        .orElseThrow(() -> new IllegalArgumentException(
                                "There is no part (%s) in the circuit (%s).".formatted(part, circuit.id())))));
    }

    /** Contacts that stand open are faulty only if they were told to close. */
    private List<Link> chain(Part wiring) {
        Link across = across(wiring);
        double open = PulledIn.OPEN_VOLTS * circuit.blocks();
        return circuit.solenoid()
                .filter(s -> s.contacts().equals(wiring.id()))
                .filter(s -> across.any().stream().anyMatch(what -> taken.reads(what, open)))
                .map(s -> List.of(across, pulledIn(s)))
                .orElse(List.of(across));
    }

    private Link pulledIn(Solenoid solenoid) {
        boolean lifted = Stream.of(Condition.CRANKING, Condition.START_ATTEMPT, Condition.PILE_STARTER)
                .map(loaded -> Observable.volts(loaded, solenoid.ground(), circuit.minusPost()))
                .anyMatch(what -> taken.reads(what, PulledIn.CASE_LIFTED_VOLTS * circuit.blocks()));
        List<Observable> any = Stream.of(Condition.CRANKING, Condition.START_ATTEMPT)
                .flatMap(held -> PulledIn.grounds(circuit, solenoid, lifted).stream()
                        .<Observable>map(ground -> Observable.volts(held, solenoid.trigger(), ground)))
                .toList();
        return Link.of(Requirement.TRIGGER_VOLTS, any).ofAtLeast(PulledIn.TRIGGER_VOLTS * circuit.blocks());
    }

    private List<Link> chain(Device device) {
        if (device instanceof Battery battery) {
            return new BatteryProof(circuit, taken).chain(battery);
        }
        if (device instanceof Starter starter) {
            return List.of(
                    Link.of(
                            Requirement.MOTOR_VOLTS,
                            Observable.volts(Condition.CRANKING, starter.motorStud(), starter.starterCase())),
                    Link.of(Requirement.BATTERY_CRANKING, taken.posts(Condition.CRANKING)));
        }
        if (device instanceof Alternator alternator) {
            return new AlternatorProof(circuit, taken, undercharging).chain(alternator);
        }
        Requirement current = device instanceof Load ? Requirement.STANDING_CURRENT : Requirement.UNKNOWN_READING;
        return List.of(Link.of(current, new Observable.Amps(Condition.REST)));
    }

    /**
     * What has to be seen or tried beside all readings before a device may be called faulty; empty for what readings alone
     * can prove.
     */
    public List<Look> looks(PartId part) {
        return circuit.device(part).map(this::looks).orElse(List.of());
    }

    private List<Look> looks(Device device) {
        if (device instanceof Starter) {
            return List.of(
                    Look.of(Topic.ENGINE_TURNS, Requirement.ENGINE_FREE, Answer.FREELY),
                    Look.of(Topic.CRANKS, Requirement.TURNS_BADLY, Answer.SLOWLY, Answer.NOT_AT_ALL));
        }
        if (device instanceof Alternator) {
            return AlternatorProof.looks(circuit.regulator().orElseThrow());
        }
        if (device instanceof Battery battery && new BatteryProof(circuit, taken).cellLow(battery)) {
            return List.of(Look.of(Topic.CELL_STAYS_LOW, Requirement.CELL_STILL_LOW, Answer.YES));
        }
        return device instanceof Load
                ? List.of(Look.of(Topic.DRAIN_FOUND, Requirement.WHICH_CONSUMER, Answer.YES))
                : List.of();
    }

    /** Across just this part, in any condition in which its current flows. */
    private Link across(Part part) {
        List<Observable> any = new ArrayList<>();
        for (Condition condition : PreparedCircuit.USUAL) {
            if (loaded(part, condition)) {
                any.add(Observable.volts(condition, part.from(), part.to()));
            }
        }
        if (loaded(part, Condition.CRANKING)) {
            // With the key held and nothing turning an open part shows itself as well.
            any.add(Observable.volts(Condition.START_ATTEMPT, part.from(), part.to()));
        }
        return Link.of(Requirement.ACROSS, any);
    }

    private boolean loaded(Part part, Condition condition) {
        double most = Math.max(
                prepared.healthyAmps(part, Condition.CRANKING), prepared.healthyAmps(part, Condition.RAISED_LOADED));
        return prepared.healthyAmps(part, condition) >= Marks.ASSUMED_LEAST_SHARE * most;
    }
}
