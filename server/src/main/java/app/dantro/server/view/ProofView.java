package app.dantro.server.view;

import app.dantro.core.procedure.Assessment;
import java.util.List;
import java.util.Optional;

/**
 * What the Proof says beyond the case. It costs as much as the judgement itself and nothing else shows it, so it is asked for
 * apart.
 *
 * @param learned how far the shop's own repairs and certified parts moved the answer, in words
 * @param parts every part that all readings together speak of
 */
public record ProofView(Optional<String> learned, List<PartDetailView> parts) {
    /** Nothing before all readings were judged together. */
    public static ProofView of(Assessment assessment) {
        return new ProofView(
                assessment
                        .verdict()
                        .flatMap(v -> v.learned().get())
                        .map(l -> l.words(assessment.findings().of(l.part()).name())),
                PartDetailView.all(assessment));
    }
}
