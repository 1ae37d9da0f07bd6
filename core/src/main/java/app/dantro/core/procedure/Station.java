package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Side;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The order of work, each station with the reason why it stands there and what shows that it was passed (docs/job.md,
 * before measuring; order of work). A technician may take any of them in any order; what was passed over is said.
 */
public enum Station {
    COMPLAINT(
            "What it does",
            "Nothing, a click and a slow crank are three searches: the symptom points the way.",
            f -> said(f, Topic.SYMPTOM, Topic.CHARGING_SYMPTOM, Topic.LAMP)),
    SAFETY(
            "Safety",
            "An engine that cannot fire starts nobody's hand; what is disabled is put back.",
            f -> said(f, Topic.ENGINE_DISABLED)),
    LOOK(
            "Look first",
            "A loose clamp is found faster by eye than by meter.",
            f -> Arrays.stream(Topic.values())
                    .filter(t -> t.group() == Topic.Group.LOOK)
                    .anyMatch(t -> f.evidence().statements().about(t).isPresent())),
    BATTERY(
            "Battery",
            "Nearly every test needs a battery that is known to be charged.",
            f -> f.evidence().readings().stream()
                    .map(RecordedReading::effective)
                    .anyMatch(r -> r.condition() == Condition.REST && atPosts(f, r))),
    SIDES("Both sides", "One reading a side tells where to walk, and which half is proven good.", Station::sidesRead),
    WALK(
            "Walk to the part",
            "Only a reading across just the part condemns it.",
            f -> f.evidence().readings().stream()
                    .map(RecordedReading::effective)
                    .anyMatch(r -> acrossOnePart(f, r))),
    VERDICT(
            "Verdict",
            "A part is named once the readings agree and what it needs was shown.",
            f -> !f.evidence().repairs().isEmpty()
                    || f.parts().stream().anyMatch(p -> p.standing() == Standing.FAULTY)),
    REPAIR(
            "Repair",
            "The whole stack, bright metal on every face; what was done is on record.",
            f -> !f.evidence().repairs().isEmpty()),
    RETEST(
            "Retest",
            "Same leads, same condition: a repair that was not read again is a guess.",
            f -> f.evidence()
                    .lastRepair()
                    .filter(repair ->
                            f.evidence().counted().stream().anyMatch(r -> r.takenAtMillis() > repair.doneAtMillis()))
                    .isPresent()),
    CLOSE(
            "Complaint's own test",
            "The customer's complaint is what has to be gone.",
            f -> f.evidence().lastTest().filter(ComplaintTest::passed).isPresent());

    private final String words;
    private final String reason;
    private final Predicate<Findings> passed;

    Station(String words, String reason, Predicate<Findings> passed) {
        this.words = words;
        this.reason = reason;
        this.passed = passed;
    }

    public String words() {
        return words;
    }

    /** Why it stands where it stands. */
    public String reason() {
        return reason;
    }

    boolean passed(Findings findings) {
        return passed.test(findings);
    }

    /** Safety is spoken of once the starter was called. */
    boolean appliesTo(Findings findings) {
        return this != SAFETY || passed(findings) || cranked(findings.evidence());
    }

    private static boolean said(Findings findings, Topic... topics) {
        return Arrays.stream(topics)
                .anyMatch(t -> findings.evidence().statements().about(t).isPresent());
    }

    private static boolean cranked(CaseRecord evidence) {
        return evidence.readings().stream()
                .anyMatch(r -> r.reading().condition().starterCalled());
    }

    private static boolean atPosts(Findings findings, Reading reading) {
        return findings.loop().isPosts(reading.red(), reading.black());
    }

    /** A whole side of either loop, in one reading. */
    private static boolean sidesRead(Findings findings) {
        Circuit circuit = findings.evidence().circuit();
        List<Set<PointId>> sides = new ArrayList<>(List.of(ends(findings, Side.SUPPLY), ends(findings, Side.RETURN)));
        circuit.alternator().ifPresent(a -> {
            sides.add(Set.of(a.output(), circuit.plusPost()));
            sides.add(Set.of(a.ground(), circuit.minusPost()));
        });
        return findings.evidence().readings().stream()
                .map(RecordedReading::effective)
                .anyMatch(r -> sides.contains(Set.of(r.red(), r.black())));
    }

    private static Set<PointId> ends(Findings findings, Side side) {
        Map.Entry<PointId, PointId> ends = findings.loop().ends(side);
        return Set.of(ends.getKey(), ends.getValue());
    }

    private static boolean acrossOnePart(Findings findings, Reading reading) {
        Set<PointId> pair = Set.of(reading.red(), reading.black());
        return findings.evidence().circuit().parts().stream()
                .anyMatch(p -> Set.of(p.from(), p.to()).equals(pair));
    }
}
