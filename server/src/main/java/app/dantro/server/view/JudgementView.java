package app.dantro.server.view;

import app.dantro.core.finding.Doubt;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.standing.RetestCheck;
import app.dantro.core.standing.Verdict;
import app.dantro.core.standing.WhatIf;
import app.dantro.server.store.StoredCase;
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
    static JudgementView of(StoredCase file, Assessment assessment) {
        return assessment
                .verdict()
                .map(v -> of(file, assessment, v))
                .orElseGet(() -> new JudgementView(
                        assessment instanceof Assessment.ByRules,
                        0,
                        List.of(),
                        List.of(),
                        Optional.empty(),
                        List.of(),
                        List.of()));
    }

    private static JudgementView of(StoredCase file, Assessment assessment, Verdict verdict) {
        return new JudgementView(
                false,
                verdict.healthy(),
                verdict.suspects().stream().map(SuspectView::of).toList(),
                assessment.findings().doubts().stream().map(DoubtView::of).toList(),
                verdict.whatIf().map(w -> WhatIfView.of(assessment, w)),
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
        static WhatIfView of(Assessment assessment, WhatIf whatIf) {
            return new WhatIfView(
                    whatIf.part().value(),
                    assessment.findings().of(whatIf.part()).name(),
                    whatIf.lines().stream().map(WhatIfLineView::of).toList());
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
