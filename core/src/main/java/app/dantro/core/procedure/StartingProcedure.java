package app.dantro.core.procedure;

import app.dantro.core.circuit.Loop;
import app.dantro.core.fact.BothSides;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.planning.Guide;
import app.dantro.core.planning.Planner;
import app.dantro.core.profile.ChargingProfile;
import app.dantro.core.profile.StartingProfile;
import app.dantro.core.standing.Judgement;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The order of work on a starting circuit: battery, both sides, walk, repair, retest, complaint's own test. */
final class StartingProcedure {
    /** A step that is due, or not. */
    private interface Rule extends Function<Work, Optional<Placed>> {}

    /** What comes before any search, the first that is due. */
    private static final List<Rule> GATES = List.of(
            BatterySteps::dead,
            BatterySteps::charged,
            RetestSteps::repair,
            RetestSteps::across,
            SeveralBatteries::alike,
            SeveralBatteries::parted);

    /** What shows a good side in few readings, and ends the job. */
    private static final List<Rule> IF_GOOD = List.of(
            EndingSteps::starting,
            EndingSteps::slow,
            EndingSteps::survey,
            AlternatorSteps::falling,
            AlternatorSteps::seenWrong,
            EndingSteps::heard);

    /** What all readings together advise. */
    private static final List<Rule> ADVISED = List.of(
            SideSteps::advised,
            BatterySteps::advisedToCharge,
            work -> DeviceSteps.openUp(work).map(step -> new Placed(Stage.REPAIR, step)),
            work -> DeviceSteps.advised(work).map(step -> new Placed(Stage.REPAIR, step)),
            BatterySteps::flatOrWorn);

    /** The search by drops alone. */
    private static final List<Rule> BY_DROPS = List.of(
            BatterySteps::underLoad,
            SideSteps::wholeReturn,
            SideSteps::wholeSupply,
            SideSteps::walk,
            BatterySteps::suspect,
            SideSteps::unansweredReturn,
            SideSteps::unansweredSupply);

    private final Planner planner;

    StartingProcedure(Planner planner) {
        this.planner = planner;
    }

    /** Profile and the one next step; with a judgement the search is its, the gates stay. */
    Conclusions conclude(Findings findings, Optional<Judgement> judgement) {
        Work work = new Work(findings, judgement, Optional.empty(), planner);
        Optional<Placed> gate = first(GATES, work).or(() -> first(IF_GOOD, work));
        Work guided =
                gate.isPresent() ? work : new Work(findings, judgement, judgement.map(j -> guide(work, j)), planner);
        Placed placed = gate.or(() -> search(guided))
                .or(() -> first(BY_DROPS, guided))
                .or(() -> DeviceSteps.unseen(guided))
                .orElseGet(() -> ClosingSteps.proven(guided));
        return new Conclusions(
                findings,
                StartingProfile.of(findings),
                ChargingProfile.of(findings),
                placed.stage(),
                placed.step(),
                SideSteps.standby(guided, placed.step()));
    }

    private static Guide guide(Work work, Judgement judgement) {
        Findings findings = work.findings();
        return Guide.of(findings, judgement, Gates.workplace(findings, Loop.STARTING), UsualOrder.starting(work));
    }

    /**
     * After a repair the drops come first; then the search goes on only if the readings still speak of another fault, and
     * not where both sides are good and no part is suspect: there the complaint's own test is due.
     */
    private static Optional<Placed> search(Work work) {
        if (ChargingAfterwards.off(work)) {
            return ChargingAfterwards.look(work)
                    .or(() -> ChargingAfterwards.survey(work))
                    .or(() -> first(ADVISED, work));
        }
        boolean failed = work.record().lastTest().filter(t -> !t.passed()).isPresent();
        boolean retesting = work.repaired() && work.findings().failing().isEmpty() && !failed;
        if (!retesting) {
            return first(ADVISED, work);
        }
        boolean shown = BothSides.good(work.findings().facts()).isPresent()
                && work.findings().parts().stream().noneMatch(PartFinding::alarmed);
        boolean doubted = !shown
                && work.judgement()
                        .filter(j -> j.posterior().healthy() < Marks.ASSUMED_HEALTHY_ENOUGH)
                        .isPresent();
        return first(BY_DROPS, work)
                .or(() -> PairCranking.afterRepair(work))
                .or(() -> doubted ? first(ADVISED, work) : Optional.empty());
    }

    private static Optional<Placed> first(List<Rule> rules, Work work) {
        return rules.stream().flatMap(rule -> rule.apply(work).stream()).findFirst();
    }
}
