package app.dantro.core.procedure;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Side;
import app.dantro.core.ending.Endings;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Standing;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How a starting case ends: again, tested, verified, or looked for elsewhere. */
final class ClosingSteps {
    private ClosingSteps() {}

    static Placed proven(Work work) {
        if (!work.findings().facts().contradictions().isEmpty() && !readOften(work)) {
            return again(work);
        }
        Optional<ComplaintTest> test = work.record().lastTest();
        if (test.filter(ComplaintTest::passed).isPresent()) {
            return ChargingAfterwards.look(work).orElseGet(() -> new Placed(Stage.VERIFIED, Verification.step(work)));
        }
        if (test.filter(t -> unheard(work, t)).isPresent()) {
            return new Placed(Stage.RETEST, EndingSteps.howItTurned());
        }
        return test.isPresent() || !work.repaired()
                ? elsewhere(work)
                : new Placed(
                        Stage.RETEST,
                        Step.of(
                                Kind.COMPLAINT_TEST,
                                ChargingAfterwards.test(work).with(),
                                List.of(bothGood(work)),
                                Cautions.running()));
    }

    /** The test failed, and nobody said how it turned then: slowly, or not at all. */
    private static boolean unheard(Work work, ComplaintTest test) {
        return work.record()
                .repaired()
                .turned()
                .filter(s -> s.saidAtMillis() >= test.doneAtMillis())
                .isEmpty();
    }

    /** The wiring is good and the complaint stays: what is left. */
    static Placed elsewhere(Work work) {
        return new Placed(
                Stage.ELSEWHERE,
                Step.of(
                                Kind.LOOK_ELSEWHERE,
                                ProcedureReason.WIRING_DOES_NOT_EXPLAIN.with(),
                                left(work),
                                Cautions.turning())
                        .ending(Endings.of(work.findings()).slow()));
    }

    private static Reason bothGood(Work work) {
        boolean certified = Stream.of(Side.values())
                .allMatch(side ->
                        work.findings().whole(side).filter(DropVerdict::clears).isPresent());
        return (certified ? ProcedureReason.BOTH_CERTIFIED : ProcedureReason.BOTH_TURNED).with();
    }

    /** What shows the same three times is not settled by a fourth. */
    private static boolean readOften(Work work) {
        Reading newest = work.findings().counted().newest().orElseThrow();
        return work.findings()
                        .counted()
                        .in(newest.condition())
                        .across(newest.red(), newest.black())
                        .size()
                >= Marks.MOST_TIMES;
    }

    /** Readings that contradict each other end nothing: the newest is read again first. */
    private static Placed again(Work work) {
        Reading newest = work.findings().counted().newest().orElseThrow();
        ProbePlan plan = FreeProbe.of(work.findings(), newest.red(), newest.black(), newest.condition());
        return new Placed(
                work.stage(Stage.SIDES),
                Step.measure(plan.titled(
                        ProcedureReason.AGAIN.with(Quantity.named(plan.title())),
                        work.findings().facts().contradictions().get(0).because())));
    }

    /** What stays open when the wiring is good; the battery is named unless it is cleared. */
    private static List<Reason> left(Work work) {
        if (work.said().says(Topic.ENGINE_TURNS, Answer.HARD)) {
            return List.of(ProcedureReason.TURNS_HARD.with());
        }
        boolean free = work.said().says(Topic.ENGINE_TURNS, Answer.FREELY);
        List<Reason> all = new ArrayList<>();
        all.add((free ? ProcedureReason.NOT_ENOUGH_FOR_STARTER : ProcedureReason.NO_VERDICT_ON_STARTER).with());
        PartId battery = work.findings().loop().battery().id();
        if (work.findings().standing(battery) != Standing.CLEARED) {
            all.add(ProcedureReason.BATTERY_NOT_PROVEN.with(
                    Quantity.named(work.findings().of(battery).says())));
        }
        return all;
    }
}
