package app.dantro.core.procedure;

import app.dantro.core.circuit.PartId;
import app.dantro.core.ending.Ending;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Repair;
import app.dantro.core.starting.StartingReason;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a job that is done shows: what its last repair changed, and what whoever brought it is told. */
final class Verification {
    private static final String NOT_READ = "not read";

    private Verification() {}

    /** A starting job whose own test passed. */
    static Step step(Work work) {
        return step(verification(work), ChargingAfterwards.off(work));
    }

    /** A charging job whose own test passed. */
    static Step charging(Work work) {
        List<Reason> all = new ArrayList<>();
        work.record().lastRepair().map(repair -> changed(work, repair)).ifPresent(all::add);
        all.add(ProcedureReason.TEST_PASSED_CHARGING.with());
        return step(all, false);
    }

    /** What was put right stands above a job that is done, where the readings alone prove no part. */
    static Conclusions headed(Conclusions conclusions) {
        List<Reason> said = conclusions.findings().because();
        boolean nothing = said.stream().allMatch(r -> r.is(StartingReason.NOTHING_PROVEN));
        return conclusions.stage() == Stage.VERIFIED && nothing
                ? conclusions.headed(conclusions.next().because().subList(0, 1))
                : conclusions;
    }

    /** The job is done: what changed, and what whoever brought it is told. */
    private static Step step(List<Reason> shown, boolean chargingOff) {
        return Step.of(Kind.DONE, ProcedureReason.VERIFIED.with(), shown, List.of())
                .ending(Optional.of(Ending.verified(ProcedureReason.VERIFIED.with(), shown, chargingOff)));
    }

    /** What the last repair changed, by the readings across the part before and after. */
    private static List<Reason> verification(Work work) {
        List<Reason> all = new ArrayList<>();
        work.record().lastRepair().map(repair -> changed(work, repair)).ifPresent(all::add);
        all.add(ProcedureReason.TEST_PASSED.with());
        if (ChargingAfterwards.off(work)) {
            all.add(ProcedureReason.CHARGING_STAYS_OFF.with());
        }
        return all;
    }

    private static Reason changed(Work work, Repair repair) {
        PartId part = repair.part();
        boolean beside =
                repair.action() == Repair.Action.PUT_RIGHT && !repair.note().isEmpty();
        String of = work.record().circuit().nameOf(part).orElse(part.value());
        Quantity name = Quantity.named(beside ? repair.note() : of);
        return work.record().circuit().part(part).isEmpty()
                ? ProcedureReason.REPAIRED_THUS.with(
                        name, Quantity.named(repair.action().words()))
                : ProcedureReason.BEFORE_AND_AFTER.with(
                        name,
                        shown(work.record().acrossBefore(part)),
                        shown(work.record().acrossSince(part)));
    }

    private static Quantity shown(Optional<Reading> reading) {
        return reading.map(r -> Quantity.volts(r.volts(), r.resolutionVolts())).orElse(Quantity.named(NOT_READ));
    }
}
