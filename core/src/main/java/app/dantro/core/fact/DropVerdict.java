package app.dantro.core.fact;

import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The answer to one drop.
 *
 * @param volts the drop in volts, positive with the flow
 * @param marginal too near the limit to clear or to condemn
 * @param healthy what a healthy stretch shows at that current
 * @param ohms implied resistance in ohms, where a current was measured
 */
public record DropVerdict(
        Reading reading,
        Stretch stretch,
        double volts,
        DropAnswer answer,
        boolean marginal,
        HealthyDrop healthy,
        Optional<Double> ohms) {

    /** True if the reading shows a stretch to be good at a known current. */
    public boolean clears() {
        return answer == DropAnswer.CERTIFIED && !marginal;
    }

    public boolean condemns() {
        return answer == DropAnswer.FAILS && !marginal;
    }

    /** The arithmetic and what it means. */
    public List<Reason> because() {
        List<Reason> all = new ArrayList<>();
        Quantity lost = Quantity.volts(volts, reading.resolutionVolts());
        all.add(ohms.map(r -> FactReason.LOST_AT_CURRENT.with(lost, Quantity.amps(healthy.amps()), Quantity.ohms(r)))
                .orElseGet(() -> FactReason.LOST_WITHOUT_CURRENT.with(lost)));
        all.add(meaning());
        if (marginal && (answer == DropAnswer.FAILS || answer == DropAnswer.CERTIFIED)) {
            all.add(FactReason.MARGINAL.with());
        }
        return List.copyOf(all);
    }

    private Reason meaning() {
        Quantity upper = Quantity.volts(healthy.upperVolts());
        return switch (answer) {
            case FAILS ->
                healthy.estimated()
                        ? FactReason.BEYOND_HEALTHY_ESTIMATED.with(upper)
                        : FactReason.BEYOND_HEALTHY.with(upper);
            case CERTIFIED -> FactReason.CERTIFIED.with(Quantity.amps(healthy.amps()), upper);
            case NOT_THE_CAUSE -> FactReason.NOT_THE_CAUSE.with();
            case IMPLAUSIBLE -> FactReason.IMPLAUSIBLE.with();
            case NOT_PROVEN -> FactReason.NO_CURRENT_SHOWN.with();
        };
    }

    /** The arithmetic in one sentence. */
    public String sentence() {
        return Reason.words(because());
    }
}
