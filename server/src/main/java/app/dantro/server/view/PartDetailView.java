package app.dantro.server.view;

import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.procedure.Assessment;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What all readings tell of a part beyond its standing.
 *
 * @param influences what each reading did to a part that is likely at fault, the strongest first
 */
public record PartDetailView(String part, Optional<ResistanceView> resistance, List<InfluenceView> influences) {
    /** What is known of a part's resistance: the ends between which it lies with 95 %. */
    public record ResistanceView(double lowOhms, double medianOhms, double highOhms) {
        static ResistanceView of(ResistanceBelief belief) {
            return new ResistanceView(belief.lowOhms(), belief.medianOhms(), belief.highOhms());
        }
    }

    /** What a reading did to a part: its probability had it not been taken. */
    public record InfluenceView(UUID reading, double without, String withoutWords) {}

    /** Of every part that all readings together speak of. */
    static List<PartDetailView> all(Assessment assessment) {
        return assessment.findings().parts().stream()
                .flatMap(p -> p.suspicion().map(s -> of(p, s)).stream())
                .toList();
    }

    private static PartDetailView of(PartFinding part, Suspicion suspicion) {
        return new PartDetailView(
                part.part().value(),
                suspicion.resistance().get().map(ResistanceView::of),
                suspicion.influences().get().stream()
                        .map(i -> new InfluenceView(i.reading(), i.without(), Suspicion.words(i.without())))
                        .toList());
    }
}
