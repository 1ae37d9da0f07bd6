package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Findings;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
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
}
