package app.dantro.server.view;

import app.dantro.core.fact.DropAnswer;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.schools.Ruling;
import java.util.List;
import java.util.Optional;

/** What a drop means, and what the schools say of it. */
public record DropView(
        DropAnswer answer,
        String answerWords,
        boolean marginal,
        Optional<Double> ohms,
        double healthyUpperVolts,
        boolean estimated,
        String sentence,
        List<SchoolView> schools) {
    static DropView of(DropVerdict verdict, List<Ruling> rulings) {
        return new DropView(
                verdict.answer(),
                verdict.answer().words(),
                verdict.marginal(),
                verdict.ohms(),
                verdict.healthy().upperVolts(),
                verdict.healthy().estimated(),
                verdict.sentence(),
                rulings.stream()
                        .map(r -> new SchoolView(r.school(), r.limitVolts(), r.verdict()))
                        .toList());
    }

    /** A school's word on a drop. */
    public record SchoolView(String name, Optional<Double> limitVolts, SchoolVerdict verdict) {}
}
