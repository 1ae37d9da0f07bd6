package app.dantro.core.ending;

import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What keeps a job from ending as good, whatever its volts are. */
final class AgainstGood {
    /** Figures that end no job as good where they fail; what the volts do is judged as volts. */
    private static final Set<Topic> FAILING = EnumSet.of(
            Topic.RIPPLE_IDLE,
            Topic.RIPPLE_LOADED,
            Topic.DIODES_FORWARD,
            Topic.DIODES_REVERSE,
            Topic.STANDING_CURRENT,
            Topic.PHASE_ONE,
            Topic.PHASE_TWO,
            Topic.PHASE_THREE,
            Topic.PHASE_FRAME);

    private AgainstGood() {}

    static List<FigureVerdict> figures(CaseRecord record) {
        return Figures.of(record).stream()
                .filter(f -> f.sign() == FigureVerdict.Sign.FAILS
                        && f.topics().stream().anyMatch(FAILING::contains))
                .toList();
    }

    /** A part that is suspect, or an alternator whose belt or plug was seen to be wrong. */
    static List<PartFinding> parts(Findings findings) {
        return findings.parts().stream()
                .filter(p -> p.alarmed() || p.by() == StandingRule.LOOK_REFUTES && charges(findings, p))
                .toList();
    }

    private static boolean charges(Findings findings, PartFinding part) {
        return findings.evidence()
                .circuit()
                .alternator()
                .filter(a -> a.id().equals(part.part()))
                .isPresent();
    }
}
