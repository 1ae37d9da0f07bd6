package app.dantro.core.finding;

import app.dantro.core.quantity.Reason;
import java.util.List;
import java.util.UUID;

/**
 * A reading that does not fit the others under any likely fault.
 *
 * @param probability that it is a slip
 * @param residualSigmas how far it lies from what the others expect, in units of its uncertainty
 * @param because what is odd, the most plausible slip, and what to do
 */
public record Doubt(UUID reading, double probability, double residualSigmas, List<Reason> because) {
    public Doubt {
        because = List.copyOf(because);
    }

    public String sentence() {
        return Reason.words(because);
    }
}
