package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.fact.ChargingFacts;
import app.dantro.core.fact.OnTheWay;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A vehicle that would not start and does now: nobody could see whether it charges, and what keeps it from charging brings it
 * back. One reading before it goes; what that shows is followed up.
 */
final class ChargingAfterwards {
    private ChargingAfterwards() {}

    /**
     * The loaded voltage, once the complaint's own test passed and nobody looked at charging since; the job is verified for
     * its complaint already, and may be left there.
     */
    static Optional<Placed> look(Work work) {
        if (passed(work) && !due(work) && OnTheWay.unread(work.record())) {
            return ChargingLooks.afresh(work.record())
                    .own()
                    .map(look -> new Placed(Stage.VERIFIED, look.step(work.findings())));
        }
        if (!passed(work) || !due(work)) {
            return Optional.empty();
        }
        return ChargingLooks.afresh(work.record())
                .loaded()
                .map(look -> new ChargingLook(
                        look.heading(), ProcedureReason.CHARGES_TOO.with(), look.red(), look.black(), look.condition()))
                .map(look ->
                        new Placed(chargesBadly(work) ? Stage.RETEST : Stage.VERIFIED, look.step(work.findings())));
    }

    /** True if it starts as it should, and the posts do not hold under load. */
    static boolean off(Work work) {
        return passed(work) && chargesBadly(work);
    }

    /** The test of what was repaired last: a charging part's is not whether it cranks. */
    static ProcedureReason test(Work work) {
        boolean charges = work.record()
                .lastRepair()
                .map(Repair::part)
                .filter(p -> work.findings().loop().part(p).isEmpty())
                .filter(p -> charges(work.record().circuit(), p))
                .isPresent();
        return charges ? ProcedureReason.DOES_IT_CHARGE : ProcedureReason.DOES_IT_CRANK;
    }

    private static boolean charges(Circuit circuit, PartId id) {
        return circuit.alternator().filter(a -> a.id().equals(id)).isPresent()
                || Stream.of(circuit.chargingSupply(), circuit.chargingReturn())
                        .flatMap(List::stream)
                        .anyMatch(part -> part.id().equals(id));
    }

    private static boolean passed(Work work) {
        return work.repaired()
                && work.record().lastTest().filter(ComplaintTest::passed).isPresent();
    }

    private static boolean due(Work work) {
        boolean unseen = work.record().circuit().alternator().isPresent()
                && work.said().about(Topic.SYMPTOM).isPresent()
                && ChargingFacts.holds(work.record()).isEmpty();
        return unseen || chargesBadly(work) && !sinceRepair(work);
    }

    private static boolean chargesBadly(Work work) {
        return ChargingFacts.looksLow(work.record());
    }

    private static boolean sinceRepair(Work work) {
        long repaired = work.record().lastRepair().map(Repair::doneAtMillis).orElse(0L);
        return work.record()
                .posts(Condition.RAISED_LOADED)
                .filter(r -> r.takenAtMillis() > repaired)
                .isPresent();
    }

    /** The next reading of the usual charging survey, or what is to be seen of a machine that it speaks against. */
    static Optional<Placed> survey(Work work) {
        return ChargingLooks.afresh(work.record())
                .needed()
                .map(look -> new Placed(Stage.RETEST, look.step(work.findings())))
                .or(() -> AlternatorSteps.charging(work))
                .or(() -> AlternatorSteps.seenWrong(work));
    }
}
