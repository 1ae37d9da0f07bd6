package app.dantro.core.standing;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Display;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Experience;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;

/** What a case's record is to the inference: the readings that count, the complaint, whether the engine was seen to run. */
public final class CaseInference {
    private CaseInference() {}

    /** The evidence of a case in a shop without experience. */
    public static Evidence of(CaseRecord evidence, Complaint about) {
        return of(evidence, about, Experience.none());
    }

    /** The evidence of a case. After a repair the complaint it came with says nothing more; a mere check never said anything. */
    public static Evidence of(CaseRecord evidence, Complaint about, Experience experience) {
        Complaint complaint = checked(evidence, about);
        boolean repaired = evidence.lastRepair().isPresent();
        Optional<Long> charged = Charges.apartAtMillis(evidence);
        OptionalLong risen = Charges.risenAtMillis(evidence);
        List<Observation> all = new ArrayList<>();
        Moments moments = new Moments();
        for (Reading r : evidence.observed().all()) {
            long moment = moments.of(r);
            if (stillTrue(r, evidence)
                    && !(isSource(r, evidence) && r.takenAtMillis() < risen.orElse(Long.MIN_VALUE))
                    && charged.filter(at -> r.takenAtMillis() <= at).isEmpty()) {
                observations(r, evidence).forEach(o -> all.add(o.in(moment).confirmedAs(evidence.confirmed(r.id()))));
            }
        }
        speed(evidence).ifPresent(all::add);
        return new Evidence(
                all,
                repaired ? Complaint.UNKNOWN : complaint,
                starts(evidence),
                repaired,
                charged.isPresent(),
                EnteredOfCase.of(evidence),
                experience);
    }

    private static Optional<Boolean> starts(CaseRecord evidence) {
        if (evidence.counted().stream().map(Reading::condition).anyMatch(Condition::running)) {
            return Optional.of(true);
        }
        if (evidence.repaired().turned(Answer.NOT_AT_ALL)) {
            return Optional.of(false);
        }
        return evidence.lastRepair().isPresent()
                ? Optional.empty()
                : evidence.statements().starts();
    }

    private static Complaint checked(CaseRecord evidence, Complaint about) {
        Topic said = about == Complaint.STARTING ? Topic.SYMPTOM : Topic.CHARGING_SYMPTOM;
        return evidence.statements().says(said, Answer.CHECK) ? Complaint.NONE : about;
    }

    /** Across all batteries, or one of them. */
    private static boolean isSource(Reading reading, CaseRecord evidence) {
        return reading.pair().equals(evidence.circuit().posts())
                || evidence.circuit().batteries().stream()
                        .anyMatch(b -> reading.isAcross(b.positivePost(), b.negativePost()));
    }

    /**
     * A repair changes the current everywhere, and with it what any path shows; only the base voltage stays, if it was not
     * the battery that was repaired.
     */
    private static boolean stillTrue(Reading reading, CaseRecord evidence) {
        return evidence.repairs().stream()
                .filter(repair -> repair.doneAtMillis() >= reading.takenAtMillis())
                .allMatch(repair -> reading.condition() == Condition.REST
                        && evidence.circuit().batteries().stream().noneMatch(b -> b.id().equals(repair.part())));
    }

    /** The cranking speed that was stated since the last repair, in 1/min. */
    private static Optional<Observation> speed(CaseRecord evidence) {
        Statements said = evidence.statedSinceRepair();
        OptionalDouble value = said.figure(Topic.CRANK_SPEED);
        Observable what = new Observable.Speed(Condition.CRANKING);
        return value.isEmpty()
                ? Optional.empty()
                : said.about(Topic.CRANK_SPEED)
                        .map(s -> new Observation(
                                s.id(), what, value.getAsDouble(), Display.resolution(what, value.getAsDouble())));
    }

    /** True if a reading says anything about the vehicle: a pile's, only where its amps are known. */
    public static boolean tells(Reading reading, CaseRecord evidence) {
        return !observations(reading, evidence).isEmpty();
    }

    static Observable volts(Reading reading) {
        return new Observable.Volts(reading.condition(), reading.red(), reading.black());
    }

    /** A cable read as a shunt is its drop again: how far its size can be trusted, the inference knows better. */
    private static List<Observation> observations(Reading reading, CaseRecord evidence) {
        if (reading.condition() == Condition.RAISED_SOME) {
            // Which loads were on is not known: by its own current it certifies, beside the others it says nothing.
            return List.of();
        }
        if (reading.condition().pile()) {
            return UnderPile.observations(reading, evidence);
        }
        List<Observation> all = new ArrayList<>();
        all.add(new Observation(reading.id(), volts(reading), reading.volts(), reading.resolutionVolts()));
        if (reading.current() instanceof Current.Measured measured) {
            Optional<Part> in = measured.in().flatMap(evidence.circuit()::part);
            if (measured.how() == Current.How.CABLE_AS_SHUNT) {
                in.ifPresent(cable -> all.add(new Observation(
                        reading.id(),
                        new Observable.Volts(reading.condition(), cable.from(), cable.to()),
                        measured.amps() * Ammeter.ohms(cable, evidence.celsius()),
                        Marks.SHUNT_STEP_VOLTS)));
            } else {
                all.add(new Observation(
                        reading.id(),
                        new Observable.Amps(reading.condition(), in.map(Part::id)),
                        measured.amps(),
                        Marks.CLAMP_STEP_AMPS));
            }
        }
        return all;
    }
}
