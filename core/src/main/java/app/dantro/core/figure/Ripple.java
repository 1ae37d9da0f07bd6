package app.dantro.core.figure;

import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;

/** AC on the alternator's DC (docs/job.md, test 20). */
public final class Ripple {
    private final Topic topic;

    private Ripple(Topic topic) {
        this.topic = topic;
    }

    static Ripple of(Topic topic) {
        return new Ripple(topic);
    }

    /** True for a machine's healthy ripple, in V AC. */
    public static boolean healthy(double volts) {
        return volts < Marks.HEALTHY_RIPPLE_VOLTS;
    }

    Optional<FigureVerdict> judged(Stated stated) {
        return stated.figure(topic).map(volts -> {
            boolean idleOnly = topic == Topic.RIPPLE_IDLE
                    && stated.said().about(Topic.RIPPLE_LOADED).isEmpty();
            Sign sign = healthy(volts)
                    ? idleOnly ? Sign.SAYS_LITTLE : Sign.GOOD
                    : volts <= Marks.MOST_RIPPLE_VOLTS ? Sign.SUSPECT : Sign.FAILS;
            FigureReason because = switch (sign) {
                case GOOD -> FigureReason.RIPPLE_HEALTHY;
                case SAYS_LITTLE -> FigureReason.RIPPLE_IDLE_ONLY;
                case FAILS -> FigureReason.RIPPLE_FAILS;
                case SUSPECT ->
                    topic == Topic.RIPPLE_IDLE ? FigureReason.RIPPLE_REPEAT_LOADED : FigureReason.RIPPLE_DIODES_DECIDE;
            };
            return new FigureVerdict(
                    List.of(topic),
                    FigureName.RIPPLE.with(Quantity.named(topic.title())),
                    stated.shown(topic),
                    sign,
                    because.with());
        });
    }
}
