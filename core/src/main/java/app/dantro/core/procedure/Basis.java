package app.dantro.core.procedure;

import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.reading.MeterError;
import java.util.Objects;

/**
 * What a judgement stands on. The numbers are versions: each is raised when what it stands for changes, so that a verdict
 * of an earlier one is known as such.
 *
 * @param judgement of the rules and the arithmetic ({@link OrderOfWork})
 * @param priors of the table of priors
 * @param limits of the schools' table
 * @param meters of what is held of meters and clamps
 * @param own the shop's own sets of limits, as values
 */
public record Basis(int judgement, int priors, int limits, int meters, OwnSets own) {
    public Basis {
        Objects.requireNonNull(own, "own");
    }

    /** What this program judges by, with the shop's own sets. */
    public static Basis with(OwnSets own) {
        return new Basis(
                OrderOfWork.VERSION, PreparedCircuit.PRIORS_VERSION, School.TABLE_VERSION, MeterError.VERSION, own);
    }

    /** True if any version is one that this program does not have yet: a file of a newer one. */
    public boolean ofANewerProgram() {
        Basis now = with(own);
        return judgement > now.judgement || priors > now.priors || limits > now.limits || meters > now.meters;
    }

    /** True if this program judges by the same versions; the shop's own sets are values and always at hand. */
    public boolean ofThisProgram() {
        return equals(with(own));
    }
}
