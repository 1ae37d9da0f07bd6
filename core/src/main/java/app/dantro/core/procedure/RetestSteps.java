package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.OutOfReach;
import app.dantro.core.record.Repair;
import app.dantro.core.standing.RepairForecast;
import java.util.List;
import java.util.Optional;

/** Repair what is faulty, then read the same thing again. */
final class RetestSteps {
    private RetestSteps() {}

    static Optional<Placed> repair(Work work) {
        return work.findings().withStanding(Standing.FAULTY).stream()
                .findFirst()
                .map(part -> new Placed(
                        Stage.REPAIR,
                        DeviceSteps.repair(work.findings(), part)
                                .foretelling(RepairForecast.of(work.findings(), part))));
    }

    static Optional<Placed> across(Work work) {
        Findings findings = work.findings();
        Optional<PartId> repaired = work.record().lastRepair().map(Repair::part);
        if (repaired.flatMap(findings.loop()::part).isEmpty()) {
            return repaired.filter(part -> work.record().acrossSince(part).isEmpty())
                    .flatMap(work.record().circuit()::part)
                    .map(part -> offTheLoop(work, part));
        }
        return repaired.flatMap(findings.loop()::part)
                .filter(part -> !read(work, part))
                .map(part -> new Placed(Stage.RETEST, Step.measure(onTheLoop(work, part))));
    }

    /** The part, or the least around it that a probe gets to. */
    private static OutOfReach.Around ends(Work work, Part part) {
        OutOfReach.Around ends = OutOfReach.around(work.record(), part);
        SeriesLoop loop = work.findings().loop();
        return loop.has(ends.from()) && loop.has(ends.to()) ? ends : new OutOfReach.Around(part.from(), part.to());
    }

    private static boolean read(Work work, Part part) {
        OutOfReach.Around ends = ends(work, part);
        Stretch all = work.findings().loop().between(ends.from(), ends.to());
        return work.findings().verdicts().stream()
                .map(DropVerdict::stretch)
                .anyMatch(s -> s.isDrop() && s.parts().equals(all.parts()));
    }

    private static ProbePlan onTheLoop(Work work, Part part) {
        OutOfReach.Around ends = ends(work, part);
        Stretch stretch = work.findings().loop().between(ends.from(), ends.to());
        HealthyDrop healthy = work.healthy(stretch);
        return new ProbePlan(
                ends.from(),
                ends.to(),
                Condition.CRANKING,
                title(part),
                List.of(ProcedureReason.SAME_LEADS.with()),
                List.of(
                        Outcome.under(healthy.upperVolts(), ProcedureReason.REPAIR_HOLDS.with()),
                        Outcome.over(healthy.upperVolts(), ProcedureReason.OPEN_AGAIN.with())),
                healthy.nominalVolts(),
                healthy.upperVolts());
    }

    /** A part beside the starting current's way, such as a link: as it was read before, else while cranking. */
    private static Placed offTheLoop(Work work, Part part) {
        Optional<Reading> before = work.record().acrossBefore(part.id());
        OutOfReach.Around ends = OutOfReach.around(work.record(), part);
        ProbePlan plan = FreeProbe.of(
                work.findings(),
                before.map(Reading::red).orElse(ends.from()),
                before.map(Reading::black).orElse(ends.to()),
                before.map(Reading::condition).orElse(Condition.CRANKING));
        Reason why = before.map(r -> ProcedureReason.READ_BEFORE.with(Quantity.volts(r.volts(), r.resolutionVolts())))
                .orElseGet(ProcedureReason.NOT_READ_BEFORE::with);
        return new Placed(Stage.RETEST, Step.measure(plan.titled(title(part), why)));
    }

    private static Reason title(Part part) {
        return ProcedureReason.RETEST_ACROSS.with(Quantity.named(part.name()));
    }
}
