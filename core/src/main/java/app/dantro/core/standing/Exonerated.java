package app.dantro.core.standing;

import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.quantity.Quantity;

/** What the rules of the drops suspect, and all readings together do not. */
final class Exonerated {
    private Exonerated() {}

    static PartFinding of(PartFinding part, double probability) {
        return part.as(
                Standing.NOT_PROVEN, StandingReason.EXONERATED.with(Quantity.named(Suspicion.words(probability))));
    }

    /** All batteries together, which the judgement knows one by one: no suspect if none of them is. */
    static PartFinding bank(Findings rules, Judgement judgement, PartFinding rule) {
        double likeliest = rules.evidence().circuit().batteries().stream()
                .mapToDouble(b -> judgement.probability(b.id()))
                .max()
                .orElse(1);
        boolean unlikely = judgement.anythingRead() && likeliest < Marks.EXONERATED;
        return rule.standing() == Standing.SUSPECT && unlikely ? of(rule, likeliest) : rule;
    }
}
