package app.dantro.core.fact;

import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Reading;
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

    /** The arithmetic in one sentence. */
    public String sentence() {
        String lost = Amount.volts(volts, reading.resolutionVolts());
        String at = ohms.map(
                        r -> "%s lost at %s: %s.".formatted(lost, Amount.amps(healthy.amps()), Amount.milliohms(r)))
                .orElse("%s lost, current not measured.".formatted(lost));
        return at + " " + meaning();
    }

    private String meaning() {
        String upper = Amount.volts(healthy.upperVolts());
        String about = healthy.estimated() ? " at the class's current, estimated" : "";
        String near = marginal ? " Marginal: within the margin of the limit." : "";
        return switch (answer) {
            case FAILS -> "A healthy one loses at most %s%s.%s".formatted(upper, about, near);
            case CERTIFIED ->
                "Certified at %s: a healthy one loses up to %s.%s".formatted(Amount.amps(healthy.amps()), upper, near);
            case NOT_THE_CAUSE -> "Not the cause, not certified: an open path would carry the battery's volts here.";
            case IMPLAUSIBLE -> "Implausible: it contradicts the copper or the direction of the current. Repeat it.";
            case NOT_PROVEN -> "Not proven: nothing shows that current flowed.";
        };
    }
}
