package app.dantro.core.procedure;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.planning.Guide;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.profile.ChargingProfile;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.profile.StartingProfile;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.ReadingState;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.Judgement;
import app.dantro.core.starting.StartingRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The readings every charging complaint begins with, in order, each beside what a healthy vehicle shows. By rules alone
 * they are compared; the judgement finds the part.
 */
public final class ChargingSurvey {

    /** @param oneSide a drop over one side, which the fast way leaves out where both together pass */
    private record Look(String title, String why, PointId red, PointId black, Condition condition, boolean oneSide) {
        Look(String title, String why, PointId red, PointId black, Condition condition) {
            this(title, why, red, black, condition, false);
        }
    }

    /** Findings, the profiles and the next of the readings, by rules alone. */
    public Assessment assess(CaseRecord evidence) {
        return assess(StartingRules.of(evidence), Optional.empty());
    }

    /**
     * Findings, the profiles and the next reading. A circuit that does not charge even when healthy has no charging
     * profile; its readings can still be taken. With a judgement the readings after the base voltage are those that tell
     * most; once it has nothing more to ask the rest of the survey is taken.
     */
    Assessment assess(Findings all, Optional<Judgement> judgement) {
        CaseRecord evidence = all.evidence();
        LoopProfile start = StartingProfile.of(all);
        Optional<LoopProfile> charging = ChargingProfile.of(all);
        List<Look> looks = new ArrayList<>(looks(evidence.circuit()));
        if (alike(evidence, charging)) {
            looks.removeIf(Look::oneSide);
        }
        looks.addAll(retests(evidence, looks));
        List<Look> open = looks.stream().filter(l -> !taken(evidence, l)).toList();
        Findings findings =
                judgement.isPresent() ? all : all.headed(headline(looks.size() - open.size(), looks.size()));
        boolean passed = evidence.lastTest().filter(ComplaintTest::passed).isPresent();
        boolean repaired = evidence.lastRepair().isPresent();
        Optional<PartId> faulty = passed
                ? Optional.empty()
                : all.withStanding(Standing.FAULTY).stream().findFirst();
        boolean based =
                looks.stream().findFirst().filter(l -> taken(evidence, l)).isPresent();
        Optional<Guide> guide = judgement
                .filter(j -> based && faulty.isEmpty() && !passed && !(repaired && !open.isEmpty()))
                .map(j -> Guide.of(all, j, Gates.workplace(all, Concern.CHARGING)));
        Step next = faulty.map(part -> repair(all, part))
                .or(() -> judgement.flatMap(j -> diodes(all, j)))
                .or(() -> guide.flatMap(Guide::next).map(Step::measure))
                .or(() -> guide.flatMap(g -> g.toRepair()
                        .filter(part -> all.standing(part) == Standing.SUSPECT)
                        .map(part -> Step.suspectDevice(all, part, judgement.orElseThrow()))))
                .orElseGet(() -> open.isEmpty() || passed
                        ? afterwards(evidence, judgement.isPresent())
                        : measure(findings, open.get(0)));
        return new Assessment(
                findings,
                charging.orElse(start),
                charging.map(c -> start),
                stage(evidence, passed, next),
                next,
                guide.map(Guide::standby).orElse(List.of()),
                judgement,
                List.of());
    }

    /** Ripple and diode test speak against the machine: what is left is to see its belt and plug. */
    private static Optional<Step> diodes(Findings findings, Judgement judgement) {
        return findings.evidence()
                .circuit()
                .alternator()
                .map(Alternator::id)
                .filter(id -> findings.standing(id) == Standing.SUSPECT)
                .filter(id -> Figures.diodesFail(findings.evidence()))
                .map(id -> Step.suspectDevice(findings, id, judgement));
    }

    private static Stage stage(CaseRecord evidence, boolean passed, Step next) {
        if (passed) {
            return Stage.VERIFIED;
        }
        if (next.kind() == Kind.REPAIR) {
            return Stage.REPAIR;
        }
        if (evidence.lastRepair().isPresent()) {
            return Stage.RETEST;
        }
        return evidence.counted().isEmpty() ? Stage.FRESH : Stage.SIDES;
    }

    private static Step repair(Findings findings, PartId part) {
        String name = findings.of(part).name();
        return new Step(
                Kind.REPAIR,
                "Repair the " + name,
                findings.of(part).says(),
                Optional.empty(),
                Optional.of(part),
                Optional.empty(),
                Cautions.repair(findings.evidence().circuit()));
    }

    private static String headline(int taken, int of) {
        return taken == 0
                ? "No readings yet."
                : "%d of %d readings taken. They are compared with a healthy vehicle, not judged.".formatted(taken, of);
    }

    private static List<Look> looks(Circuit circuit) {
        Alternator alternator = circuit.alternator().orElseThrow();
        PointId plus = circuit.plusPost();
        PointId minus = circuit.minusPost();
        PointId output = alternator.output();
        PointId ground = alternator.ground();
        return List.of(
                new Look(
                        "Base voltage at the posts",
                        "Every charging figure is held against it.",
                        plus,
                        minus,
                        Condition.REST),
                new Look(
                        "Voltage at idle, loads off",
                        "Wait until it has built up. It must not climb much when the engine turns faster.",
                        plus,
                        minus,
                        Condition.IDLE),
                new Look(
                        "Regulated voltage at the posts",
                        "Must rise above the base voltage by 0.5 to 2 V and settle.",
                        plus,
                        minus,
                        Condition.RAISED),
                new Look(
                        "Loaded voltage at the posts",
                        "All loads on: it must hold.",
                        plus,
                        minus,
                        Condition.RAISED_LOADED),
                new Look(
                        "Alternator's own voltage, loaded",
                        "B+ to its case: what it makes before the wiring takes its share.",
                        output,
                        ground,
                        Condition.RAISED_LOADED),
                new Look(
                        "Whole supply side, loaded",
                        "From B+ to the + post.",
                        output,
                        plus,
                        Condition.RAISED_LOADED,
                        true),
                new Look(
                        "Whole return side, loaded",
                        "From the − post to the case.",
                        minus,
                        ground,
                        Condition.RAISED_LOADED,
                        true));
    }

    /**
     * The fast way: B+ to case and the posts stand no further apart than the school allows both sides together, so neither
     * side has to be read.
     */
    private static boolean alike(CaseRecord evidence, Optional<LoopProfile> charging) {
        return evidence.statements().says(Topic.SIDES_READ, "COMPARE")
                && charging.flatMap(LoopProfile::parted)
                        .filter(LoopProfile.Parted::allowed)
                        .isPresent();
    }

    /** What was read elsewhere before the last repair is read again after it, with the same leads. */
    private static List<Look> retests(CaseRecord evidence, List<Look> looks) {
        List<Look> again = new ArrayList<>();
        for (RecordedReading recorded : evidence.readings()) {
            Reading reading = recorded.effective();
            boolean known = Stream.concat(looks.stream(), again.stream())
                    .anyMatch(l ->
                            l.condition == reading.condition() && pair(reading).equals(Set.of(l.red, l.black)));
            if (!known && evidence.stateOf(recorded) == ReadingState.BEFORE_REPAIR) {
                again.add(new Look(
                        "Retest with the same leads",
                        "Read before the repair: %s. It shows whether the repair holds."
                                .formatted(Amount.volts(reading.volts(), reading.resolutionVolts())),
                        reading.red(),
                        reading.black(),
                        reading.condition()));
            }
        }
        return again;
    }

    private static boolean taken(CaseRecord evidence, Look look) {
        return evidence.counted().stream()
                .anyMatch(r -> r.condition() == look.condition && pair(r).equals(Set.of(look.red, look.black)));
    }

    private static Set<PointId> pair(Reading reading) {
        return Set.of(reading.red(), reading.black());
    }

    private static Step measure(Findings findings, Look look) {
        ProbePlan plan = FreeProbe.of(findings, look.red, look.black, look.condition);
        return Step.measure(new ProbePlan(
                plan.red(),
                plan.black(),
                plan.condition(),
                look.title,
                look.why,
                plan.outcomes(),
                plan.goodVolts(),
                plan.faultyVolts()));
    }

    /** What is seen again once an alternator was fitted: belt, lamp and ripple say what volts alone do not. */
    private static List<Topic> fitted(CaseRecord evidence) {
        Optional<Repair> alternator = evidence.lastRepair()
                .filter(r -> evidence.circuit()
                        .alternator()
                        .filter(a -> a.id().equals(r.part()))
                        .isPresent());
        return Stream.of(Topic.BELT_DRIVES, Topic.LAMP, Topic.RIPPLE_LOADED)
                .filter(topic -> alternator
                        .filter(r -> evidence.statements()
                                .about(topic)
                                .filter(s -> s.saidAtMillis() > r.doneAtMillis())
                                .isEmpty())
                        .isPresent())
                .toList();
    }

    private static Step afterwards(CaseRecord evidence, boolean judged) {
        if (evidence.lastTest().filter(ComplaintTest::passed).isPresent()) {
            return Step.of(Kind.DONE, "Verified", "The complaint's own test passed after the repair.", List.of());
        }
        List<Topic> unseen = fitted(evidence);
        if (evidence.lastTest().isEmpty() && !unseen.isEmpty()) {
            return Step.fitted(unseen);
        }
        if (evidence.lastRepair().isPresent() && evidence.lastTest().isEmpty()) {
            return Step.of(
                    Kind.COMPLAINT_TEST,
                    "Does it charge as it should?",
                    "The readings were taken again. The complaint's own test closes the case.",
                    Cautions.running());
        }
        return Step.of(
                Kind.LOOK_ELSEWHERE,
                "Take it point by point",
                judged
                        ? "No reading at hand would tell more. Place the leads anywhere on the profile: what a healthy vehicle reads there is shown. The alternator is not called bad on what the meter alone can show."
                        : "Place the leads anywhere on the profile: what a healthy vehicle reads there is shown. The circuit is still being prepared, so no part is called bad yet.",
                Cautions.running());
    }
}
