package app.dantro.core.procedure;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.ending.Endings;
import app.dantro.core.fact.DeadCharging;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.planning.Guide;
import app.dantro.core.planning.Planner;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.profile.ChargingProfile;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.profile.StartingProfile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.Judgement;
import app.dantro.core.starting.StartingReason;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The readings every charging complaint begins with, in order, each beside what a healthy vehicle shows. By rules alone
 * they are compared; the judgement finds the part.
 */
final class ChargingProcedure {
    private final Findings all;
    private final Optional<Judgement> judgement;
    private final CaseRecord record;
    private final Optional<LoopProfile> charging;
    private final ChargingLooks looks;
    private final boolean passed;

    private ChargingProcedure(Findings all, Optional<Judgement> judgement) {
        this.all = all;
        this.judgement = judgement;
        this.record = all.evidence();
        this.charging = ChargingProfile.of(all);
        this.looks = ChargingLooks.of(record, charging);
        this.passed = record.lastTest().filter(ComplaintTest::passed).isPresent();
    }

    /**
     * The profiles and the next reading. A circuit that does not charge even when healthy has no charging profile; its
     * readings can still be taken. With a judgement the readings after the base voltage are those that tell most; once it
     * has nothing more to ask the rest of the survey is taken.
     */
    static Conclusions conclude(Findings all, Optional<Judgement> judgement, Planner planner) {
        return new ChargingProcedure(all, judgement).conclude(planner);
    }

    private Conclusions conclude(Planner planner) {
        Findings findings = judgement.isPresent() ? all : all.headed(List.of(headline()));
        Optional<PartId> faulty = passed
                ? Optional.empty()
                : all.withStanding(Standing.FAULTY).stream().findFirst();
        boolean repaired = record.lastRepair().isPresent();
        boolean failed = record.lastTest().filter(t -> !t.passed()).isPresent();
        boolean retested = repaired
                && !failed
                && looks.open().isEmpty()
                && all.parts().stream().noneMatch(PartFinding::alarmed);
        boolean retesting = repaired && !looks.open().isEmpty() || retested;
        Optional<Step> quiet = faulty.isEmpty() && !passed ? unaccused() : Optional.empty();
        Optional<Guide> guide = judgement
                .filter(j -> looks.based() && faulty.isEmpty() && !passed && !retesting && quiet.isEmpty())
                .map(j -> Guide.of(all, j, Gates.workplace(all, Loop.CHARGING), UsualOrder.charging(work())));
        Work work = new Work(all, judgement, guide, planner);
        Step next = faulty.map(part -> DeviceSteps.repair(all, part))
                .or(this::diodes)
                .or(() -> measured().or(this::charged))
                .or(() -> AlternatorSteps.refuted(work))
                .or(() -> quiet)
                .or(() -> AlternatorSteps.falling(work).map(Placed::step))
                .or(() -> EndingSteps.slow(work()).map(Placed::step))
                .or(() -> guide.flatMap(SideSteps::inOrder).map(Step::measure))
                .or(() -> DeviceSteps.openUp(work))
                .or(() -> DeviceSteps.advised(work))
                .or(this::besides)
                .orElseGet(() -> looks.open().isEmpty() || passed
                        ? afterwards()
                        : looks.open().get(0).step(findings));
        LoopProfile start = StartingProfile.of(all);
        return new Conclusions(
                findings,
                charging.orElse(start),
                charging.map(c -> start),
                stage(next),
                chargingFirst(next),
                guide.map(Guide::standby).orElse(List.of()));
    }

    /**
     * A flat battery is charged before an engine is run on it, and surface charge removed once; an engine that was read running
     * is measured as it runs.
     */
    private Optional<Step> charged() {
        boolean begun = record.lastRepair().isPresent()
                || passed
                || Arrived.baseLater(record)
                || record.posts(Condition.REST).isEmpty()
                || record.counted().stream().anyMatch(r -> r.condition().running());
        return begun ? Optional.empty() : BatterySteps.charged(work()).map(Placed::step);
    }

    /** Without current a drop test proves nothing: where nothing is made, that is said before anything is read. */
    private Step chargingFirst(Step next) {
        boolean dead = next.probe().isPresent() && record.lastRepair().isEmpty() && DeadCharging.shown(record);
        return dead ? next.because(ProcedureReason.REPAIR_CHARGING_FIRST.with()) : next;
    }

    /** While nothing speaks against a part the usual readings are taken in their order; they end the job if all are good. */
    private Optional<Step> unaccused() {
        if (judgement.isEmpty() || record.lastRepair().isPresent()) {
            return Optional.empty();
        }
        Work work = work();
        Optional<Step> end = ChargingEnds.end(work);
        return end.or(() -> ChargingEnds.survey(work, looks));
    }

    private Work work() {
        return new Work(all, judgement, Optional.empty(), Planner.halving());
    }

    /** What was measured beside the volts and speaks against a part: what draws asleep, what one battery feeds into another. */
    private Optional<Step> measured() {
        return ChargingEnds.drain(work())
                .or(() -> SeveralBatteries.parted(work()).map(Placed::step));
    }

    /** Ripple and diode test speak against the machine: what is left is to see its belt and plug. */
    private Optional<Step> diodes() {
        return judgement.flatMap(j -> record.circuit()
                .alternator()
                .map(Alternator::id)
                .filter(id -> all.standing(id) == Standing.SUSPECT)
                .filter(id -> Figures.diodesFail(record)
                        || all.of(id).by() == StandingRule.RIPPLE_SPEAKS && DeviceSteps.anyOpen(work(), j, id))
                .map(id -> DeviceSteps.suspect(all, id, j)));
    }

    private Stage stage(Step next) {
        if (passed) {
            return Stage.VERIFIED;
        }
        if (next.kind() == Kind.REPAIR) {
            return Stage.REPAIR;
        }
        if (record.lastRepair().isPresent()) {
            return Stage.RETEST;
        }
        return record.counted().isEmpty() ? Stage.FRESH : Stage.SIDES;
    }

    private Reason headline() {
        return looks.taken() == 0
                ? StartingReason.NO_READINGS.with()
                : ProcedureReason.TAKEN_OF.with(
                        Quantity.count(looks.taken()),
                        Quantity.count(looks.all().size()));
    }

    /** What is seen again once an alternator was fitted: belt, lamp and ripple say what volts alone do not. */
    private List<Topic> fitted() {
        Optional<Repair> alternator = record.lastRepair()
                .filter(r -> r.action() != Repair.Action.PUT_RIGHT)
                .filter(r -> record.circuit()
                        .alternator()
                        .filter(a -> a.id().equals(r.part()))
                        .isPresent());
        return Stream.of(Topic.BELT_DRIVES, Topic.LAMP, Topic.RIPPLE_LOADED)
                .filter(topic -> alternator.filter(r -> !saidSince(topic, r)).isPresent())
                .toList();
    }

    private boolean saidSince(Topic topic, Repair repair) {
        return record.statements()
                .about(topic)
                .filter(s -> s.saidAtMillis() > repair.doneAtMillis())
                .isPresent();
    }

    /** It charges and the base is that of a flat battery: charge it, then ask why. */
    private Optional<Step> flat() {
        double least = Marks.FLAT_VOLTS * record.circuit().blocks();
        boolean low = record.posts(Condition.REST)
                .filter(r -> Math.abs(r.volts()) < least)
                .isPresent();
        return low && record.lastRepair().isEmpty() && !BatterySteps.inVain(work())
                ? Optional.of(BatterySteps.charge(work(), ProcedureReason.FLAT_FIND_OUT.with(Quantity.volts(least))))
                : Optional.empty();
    }

    /** A reading stays in doubt that nothing at hand would settle: the usual readings are taken all the same, and end the job. */
    private Optional<Step> besides() {
        return judgement.isPresent() && record.lastRepair().isEmpty() && !passed
                ? ChargingEnds.besides(work(), looks)
                : Optional.empty();
    }

    private Step afterwards() {
        if (passed) {
            return EndingSteps.chargedFirst(work(), Endings.of(all)).orElseGet(() -> Verification.charging(work()));
        }
        Optional<Step> flat = flat();
        if (flat.isPresent()) {
            return flat.get();
        }
        boolean untested = record.lastTest().isEmpty();
        List<Topic> unseen = fitted();
        if (untested && !unseen.isEmpty()) {
            return Step.of(
                            Kind.PROVE,
                            ProcedureReason.SEE_FITTED.with(),
                            List.of(ProcedureReason.VOLTS_ARE_BACK.with()),
                            Cautions.running())
                    .seeing(unseen.stream().map(ToSee::open).toList());
        }
        boolean due = untested && record.lastRepair().isPresent();
        return judgement.isEmpty() ? last(due) : ChargingEnds.asleep(work()).orElseGet(() -> last(due));
    }

    private Step last(boolean due) {
        ProcedureReason why = due
                ? ProcedureReason.TAKEN_AGAIN
                : judgement.isPresent() ? ProcedureReason.NOTHING_MORE_AT_HAND : ProcedureReason.STILL_PREPARING;
        return Step.of(
                due ? Kind.COMPLAINT_TEST : Kind.LOOK_ELSEWHERE,
                (due ? ProcedureReason.DOES_IT_CHARGE : ProcedureReason.POINT_BY_POINT).with(),
                List.of(why.with()),
                Cautions.running());
    }
}
