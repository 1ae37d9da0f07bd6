package app.dantro.core.procedure;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Side;
import app.dantro.core.inference.Observable;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the trade reads first under a complaint, in order, as far as it was not read yet (docs/job.md, order of work). The
 * walk to the part comes after it; after a repair the retests do.
 */
final class UsualOrder {
    private final Work work;
    private final CaseRecord record;
    private final Circuit circuit;

    private UsualOrder(Work work) {
        this.work = work;
        this.record = work.record();
        this.circuit = record.circuit();
    }

    /** Slow crank: posts while cranking, then both sides. Click: posts, then the whole supply, then its half. */
    static List<Observable.Volts> starting(Work work) {
        return new UsualOrder(work).start();
    }

    private List<Observable.Volts> start() {
        Optional<Answer> symptom = record.statements().answer(Topic.SYMPTOM);
        if (work.repaired() || symptom.filter(s -> s == Answer.NOTHING).isPresent()) {
            return List.of();
        }
        boolean turns = record.statements().starts().orElse(true);
        Stream<Observable.Volts> sides =
                turns ? Stream.of(whole(Side.RETURN), whole(Side.SUPPLY)) : Stream.of(whole(Side.SUPPLY));
        return Stream.of(Stream.of(posts(Condition.CRANKING)), sides, turns ? Stream.<Observable.Volts>of() : halved())
                .flatMap(part -> part)
                .filter(what -> called(what).isEmpty())
                .toList();
    }

    /** Where the whole supply takes more than half of the base: up to the solenoid's contacts, which click. */
    private Stream<Observable.Volts> halved() {
        Optional<Double> base = newest(posts(Condition.REST));
        boolean taken = called(whole(Side.SUPPLY))
                .filter(volts -> base.filter(b -> volts > b / 2).isPresent())
                .isPresent();
        return circuit.solenoid().flatMap(s -> circuit.part(s.contacts())).stream()
                .filter(contacts -> taken && !contacts.from().equals(circuit.plusPost()))
                .map(contacts -> volts(Condition.CRANKING, circuit.plusPost(), contacts.from()));
    }

    /** What a pair showed last while the starter was called for. */
    private Optional<Double> called(Observable.Volts what) {
        return record.counted()
                .where(r -> r.condition().starterCalled())
                .across(what.red(), what.black())
                .newest()
                .map(Reading::volts)
                .map(Math::abs);
    }

    /**
     * Posts at idle and loaded, then B+ to case; the sides are split where posts and machine stand apart. What is said to
     * overcharge is not loaded to see it, and what was seen to is searched with the engine off.
     */
    static List<Observable.Volts> charging(Work work) {
        return new UsualOrder(work).charge();
    }

    private List<Observable.Volts> charge() {
        Optional<Alternator> alternator = circuit.alternator();
        if (work.repaired() || alternator.isEmpty() || SafetyFirst.overcharging(record)) {
            return List.of();
        }
        if (record.statements().says(Topic.CHARGING_SYMPTOM, Answer.OVERCHARGES)) {
            return unread(Stream.of(posts(Condition.RAISED)));
        }
        Observable.Volts own = volts(
                Condition.RAISED_LOADED,
                alternator.get().output(),
                alternator.get().ground());
        Stream<Observable.Volts> all = Stream.of(posts(Condition.IDLE), posts(Condition.RAISED_LOADED), own);
        return unread(apart(own) ? Stream.concat(all, bothSides(alternator.get())) : all);
    }

    private Stream<Observable.Volts> bothSides(Alternator alternator) {
        return Stream.of(
                volts(Condition.RAISED_LOADED, alternator.output(), circuit.plusPost()),
                volts(Condition.RAISED_LOADED, circuit.minusPost(), alternator.ground()));
    }

    private boolean apart(Observable.Volts own) {
        Optional<Double> made = newest(own);
        Optional<Double> arrives = newest(posts(Condition.RAISED_LOADED));
        return made.isPresent()
                && arrives.isPresent()
                && made.get() - arrives.get() > Marks.STAND_APART_VOLTS * circuit.blocks();
    }

    private Optional<Double> newest(Observable.Volts what) {
        return record.newest(what.red(), what.black(), what.condition())
                .map(Reading::volts)
                .map(Math::abs);
    }

    private List<Observable.Volts> unread(Stream<Observable.Volts> order) {
        return order.filter(what -> newest(what).isEmpty()).toList();
    }

    private Observable.Volts whole(Side side) {
        Map.Entry<PointId, PointId> ends = work.findings().loop().ends(side);
        return volts(Condition.CRANKING, ends.getKey(), ends.getValue());
    }

    private Observable.Volts posts(Condition condition) {
        return volts(condition, circuit.plusPost(), circuit.minusPost());
    }

    private static Observable.Volts volts(Condition condition, PointId red, PointId black) {
        return new Observable.Volts(condition, red, black);
    }
}
