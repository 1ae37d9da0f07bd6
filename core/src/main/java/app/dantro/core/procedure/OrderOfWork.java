package app.dantro.core.procedure;

import app.dantro.core.diagnosis.CaseEvidence;

/** The order of work for whatever the complaint is about. */
public final class OrderOfWork {
    private final StartingProcedure starting;
    private final ChargingSurvey charging = new ChargingSurvey();

    public OrderOfWork(StartingProcedure starting) {
        this.starting = starting;
    }

    /** Findings, profiles and the one next step; a circuit without an alternator can only be worked on for its start. */
    public Assessment assess(Concern concern, CaseEvidence evidence) {
        boolean charges =
                concern == Concern.CHARGING && evidence.circuit().alternator().isPresent();
        return charges ? charging.assess(evidence) : starting.assess(evidence);
    }
}
