package app.dantro.core.charging;

import app.dantro.core.circuit.PointId;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;

/**
 * What reaches the alternator with the key on and the engine off (docs/job.md, test 13 and test 22). Next to no current
 * flows, so what arrives shows continuity only and clears nothing.
 */
public record FeedCheck(List<Pin> pins) {
    public FeedCheck {
        pins = List.copyOf(pins);
    }

    /** Two leads. */
    public record Leads(PointId red, PointId black) {}

    /**
     * One thing that must arrive.
     *
     * @param leads where to read it, if it is a pair of the circuit's points
     * @param topic where to type it, if it is a pin behind the plug
     * @param shown what was read
     * @param expected what must be read there, as far as that is known
     */
    public record Pin(
            Reason name,
            Optional<Leads> leads,
            Optional<Topic> topic,
            Optional<String> shown,
            Optional<String> expected,
            Sign sign,
            Reason because) {}

    /** The feed check of a vehicle that has an alternator. */
    public static Optional<FeedCheck> of(CaseRecord record) {
        return record.circuit().alternator().map(a -> new FeedCheck(new FeedPins(record, a).pins()));
    }

    /** What it says as a whole: the worst pin, or how many arrive. */
    public Reason because() {
        long read = pins.stream().filter(p -> p.shown().isPresent()).count();
        if (read == 0) {
            return ChargingReason.KEY_ON_FIRST.with();
        }
        long good = pins.stream().filter(p -> p.sign() == Sign.GOOD).count();
        return first(Sign.FAILS)
                .or(() -> first(Sign.SUSPECT))
                .orElseGet(() -> ChargingReason.ARRIVED.with(
                        Quantity.count(read), Quantity.count(pins.size()), Quantity.count(good)));
    }

    private Optional<Reason> first(Sign sign) {
        return pins.stream()
                .filter(p -> p.sign() == sign)
                .findFirst()
                .map(p -> ChargingReason.PIN_SAYS.with(
                        Quantity.named(p.name().words()),
                        Quantity.named(p.because().words())));
    }
}
