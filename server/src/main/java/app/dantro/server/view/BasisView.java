package app.dantro.server.view;

import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Basis;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredBasis.Closing;
import app.dantro.server.store.StoredBasis.Why;
import app.dantro.server.store.StoredCase;
import java.util.List;
import java.util.Optional;

/**
 * What a case is judged by.
 *
 * @param words all of it in one line
 * @param closedAtMs when it closed and what it said was kept
 * @param asSaidThen what to know where it shows what was said at its closing and this program would not say the same
 * @param nowSays the headline this program would give, if it is another
 * @param moves when it came to be judged by something else, the oldest first
 */
public record BasisView(
        String words,
        Optional<Long> closedAtMs,
        Optional<String> asSaidThen,
        Optional<String> nowSays,
        List<MoveView> moves) {

    /** From when on a case was judged by something else, and why. */
    public record MoveView(long atMs, String words) {}

    static BasisView of(StoredCase file, Assessment assessment) {
        Optional<Assessment.AsClosed> closed = Optional.of(assessment)
                .filter(a -> a instanceof Assessment.AsClosed)
                .map(a -> (Assessment.AsClosed) a);
        return new BasisView(
                file.basis().map(b -> words(b.basis())).orElse(""),
                file.closing().map(Closing::atMs),
                closed.map(c -> then(c.under())),
                closed.flatMap(Assessment.AsClosed::nowSays),
                file.bases().stream()
                        .filter(b -> b.why() != Why.OPENED)
                        .map(BasisView::move)
                        .toList());
    }

    private static String then(Basis under) {
        if (under.ofThisProgram()) {
            return "This verdict stands as it was given when the case closed. Worked out again, it would be another.";
        }
        return "Judged by %s version (judgement %d). The verdict stands as it was given when the case closed."
                .formatted(under.ofANewerProgram() ? "a newer" : "an earlier", under.judgement());
    }

    private static MoveView move(StoredBasis moved) {
        return new MoveView(
                moved.sinceMs(), "%s. From here on: %s".formatted(moved.why().words(), words(moved.basis())));
    }

    private static String words(Basis basis) {
        List<String> own = basis.own().current().stream()
                .map(v -> "%s, version %d".formatted(v.limits().name(), v.number()))
                .toList();
        return "judgement %d, priors %d, limits %d, meters %d, own limits: %s."
                .formatted(
                        basis.judgement(),
                        basis.priors(),
                        basis.limits(),
                        basis.meters(),
                        own.isEmpty() ? "none" : String.join("; ", own));
    }
}
