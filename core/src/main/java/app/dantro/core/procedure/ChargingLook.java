package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Findings;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.starting.BatteryRules;
import app.dantro.core.starting.SinceCharged;
import java.util.EnumSet;
import java.util.Set;

/** One reading of a charging survey. */
record ChargingLook(Reason heading, Reason because, PointId red, PointId black, Condition condition) {
    private static final Set<ProcedureReason> EXTRA =
            EnumSet.of(ProcedureReason.REGULATED_VOLTAGE, ProcedureReason.OWN_VOLTAGE);

    ChargingLook again() {
        return new ChargingLook(heading, ProcedureReason.MAY_REST.with(), red, black, condition);
    }

    boolean needed() {
        return EXTRA.stream().noneMatch(heading::is);
    }

    Step step(Findings findings) {
        return Step.measure(FreeProbe.of(findings, red, black, condition).titled(heading, because));
    }

    boolean is(Reading reading) {
        return condition == reading.condition() && reading.isAcross(red, black);
    }

    /** True if it was read; what ran on a flat battery is read again once that is charged. */
    boolean taken(CaseRecord record) {
        Readings bases = record.counted()
                .in(Condition.REST)
                .across(record.circuit().plusPost(), record.circuit().minusPost());
        double charged = BatteryRules.chargedVolts(record.statements())
                * record.circuit().blocks();
        long since = condition.running()
                ? SinceCharged.risenAtMillis(bases, charged).orElse(Long.MIN_VALUE)
                : Long.MIN_VALUE;
        return record.counted().stream().anyMatch(r -> is(r) && r.takenAtMillis() >= since);
    }
}
