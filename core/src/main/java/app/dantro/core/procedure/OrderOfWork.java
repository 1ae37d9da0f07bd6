package app.dantro.core.procedure;

import app.dantro.core.diagnosis.CaseEvidence;

/** The order of work for whatever the complaint is about. */
public final class OrderOfWork {
    private final StartingProcedure starting;
    private final ChargingSurvey charging = new ChargingSurvey();

    public OrderOfWork(StartingProcedure starting) {
        this.starting = starting;
    }

    /** Findings, profiles and the one next step. */
    public Assessment assess(Concern concern, CaseEvidence evidence) {
        return concern == Concern.STARTING ? starting.assess(evidence) : charging.assess(evidence);
    }
}
