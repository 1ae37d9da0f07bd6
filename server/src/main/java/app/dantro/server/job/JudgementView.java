package app.dantro.server.job;

import app.dantro.core.finding.Doubt;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Posterior;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.RetestCheck;
import app.dantro.core.standing.WhatIf;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What all readings together say.
 *
 * @param preparing true while the circuit is being worked out; then nothing else is said yet
 * @param healthy probability that nothing is wrong
 * @param ranked the parts worth naming, the likeliest first
 * @param doubts readings that no likely fault explains
 * @param whatIf what the likeliest repair would change
 * @param retests what was foretold of the last repair
 * @param standby the readings that would tell most after the next one
 */
public record JudgementView(
        boolean preparing,
        double healthy,
        List<SuspectView> ranked,
        List<DoubtView> doubts,
        Optional<WhatIfView> whatIf,
        List<RetestView> retests,
        List<StepView.ProbeView> standby) {
    private static final double WORTH_NAMING = 0.02;
    private static final int MOST = 5;
    private static final double WORTH_FORESEEING = 0.3;

    static JudgementView of(CaseFile file, Assessment assessment) {
        Optional<Judgement> judgement = assessment.judgement();
        if (judgement.isEmpty()) {
            return new JudgementView(true, 0, List.of(), List.of(), Optional.empty(), List.of(), List.of());
        }
        Posterior posterior = judgement.get().posterior();
        List<PartFinding> ranked = assessment.findings().parts().stream()
                .filter(p -> p.suspicion()
                        .filter(s -> s.probability() >= WORTH_NAMING)
                        .isPresent())
                .sorted(Comparator.comparingDouble(
                        p -> -p.suspicion().orElseThrow().probability()))
                .limit(MOST)
                .toList();
        boolean read = !posterior.evidence().observations().isEmpty();
        return new JudgementView(
                false,
                posterior.healthy(),
                read ? ranked.stream().map(SuspectView::of).toList() : List.of(),
                assessment.findings().doubts().stream().map(DoubtView::of).toList(),
                ranked.stream()
                        .findFirst()
                        .filter(p -> read && p.suspicion().orElseThrow().probability() >= WORTH_FORESEEING)
                        .flatMap(p -> WhatIfView.of(posterior, p)),
                assessment.retests().stream().map(RetestView::of).toList(),
                assessment.standby().stream()
                        .map(p -> StepView.ProbeView.of(file, p))
                        .toList());
    }

    /** A part that may be at fault. */
    public record SuspectView(String part, String name, double probability, String words) {
        static SuspectView of(PartFinding finding) {
            Suspicion suspicion = finding.suspicion().orElseThrow();
            return new SuspectView(finding.part().value(), finding.name(), suspicion.probability(), suspicion.words());
        }
    }

    /** A reading that does not fit. */
    public record DoubtView(UUID reading, double probability, double residualSigmas, String sentence) {
        static DoubtView of(Doubt doubt) {
            return new DoubtView(doubt.reading(), doubt.probability(), doubt.residualSigmas(), doubt.sentence());
        }
    }

    /** What a repair would change; estimates. */
    public record WhatIfView(String part, String name, List<WhatIfLineView> lines) {
        static Optional<WhatIfView> of(Posterior posterior, PartFinding finding) {
            return WhatIf.of(posterior, finding.part())
                    .map(w -> new WhatIfView(
                            finding.part().value(),
                            finding.name(),
                            w.lines().stream().map(WhatIfLineView::of).toList()));
        }
    }

    /** What was foretold of the last repair, in V, and what was read since. */
    public record RetestView(String words, double predictedVolts, Optional<Double> measuredVolts) {
        static RetestView of(RetestCheck check) {
            return new RetestView(check.words(), check.predictedVolts(), check.measuredVolts());
        }
    }

    /** One figure, now and after the repair, in V or 1/min. */
    public record WhatIfLineView(String words, String unit, double now, double after) {
        static WhatIfLineView of(WhatIf.Line line) {
            return new WhatIfLineView(line.kind().words(), line.unit(), line.now(), line.after());
        }
    }
}
