package app.dantro.core.profile;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Side;
import app.dantro.core.finding.Standing;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Where the volts go along a loop, at one current.
 *
 * @param loop which one
 * @param amps current it is drawn for, in amperes
 * @param ampsMeasured false if the class's current stood in
 * @param sourceVolts at the source, in volts, if read: the posts while cranking, B+ to case while charging
 * @param consumerVolts what is left for the starter, or for the battery, in volts, if it is known
 * @param split where an alternator's current goes; empty while starting
 */
public record LoopProfile(
        Loop loop,
        double amps,
        boolean ampsMeasured,
        Optional<Double> sourceVolts,
        SideProfile supply,
        SideProfile returns,
        Optional<Remainder> consumerVolts,
        double healthyConsumerVolts,
        Optional<Split> split) {

    /** The same with each step changed. */
    public LoopProfile with(UnaryOperator<Step> change) {
        return new LoopProfile(
                loop,
                amps,
                ampsMeasured,
                sourceVolts,
                supply.with(change),
                returns.with(change),
                consumerVolts,
                healthyConsumerVolts,
                split);
    }

    /** How far source and battery stand apart, where both were read under load: what both sides take together. */
    public Optional<Parted> parted() {
        return split.flatMap(s -> sourceVolts.flatMap(source -> consumerVolts
                .filter(Remainder::measured)
                .map(battery -> new Parted(source - battery.volts(), s.mostSumVolts))));
    }

    /**
     * What both sides take together.
     *
     * @param mostVolts what the school of the sum allows, in V
     */
    public record Parted(double volts, double mostVolts) {
        public boolean allowed() {
            return volts <= mostVolts;
        }

        public Reason because() {
            return (allowed() ? ProfileReason.NO_SIDE_NEEDED : ProfileReason.READ_EACH_SIDE)
                    .with(Quantity.volts(volts, 0.01), Quantity.volts(mostVolts));
        }
    }

    /**
     * One side.
     *
     * @param wholeVolts drop over the whole side as read, in volts
     * @param healthyLowVolts least a healthy side loses at this current
     * @param healthyUpperVolts most a healthy side loses at this current
     */
    public record SideProfile(
            Side side,
            List<Step> steps,
            Optional<Double> wholeVolts,
            double healthyLowVolts,
            double healthyUpperVolts) {
        public SideProfile {
            steps = List.copyOf(steps);
        }

        private SideProfile with(UnaryOperator<Step> change) {
            return new SideProfile(
                    side, steps.stream().map(change).toList(), wholeVolts, healthyLowVolts, healthyUpperVolts);
        }
    }

    /**
     * The drop across one part, in volts.
     *
     * @param measured true if leads were put across just this part
     * @param lowVolts lower end of the estimate's 95 % band
     * @param highVolts upper end of the band
     */
    public record Step(
            PartId part,
            boolean measured,
            double volts,
            double lowVolts,
            double highVolts,
            double healthyVolts,
            double healthyUpperVolts,
            Standing standing) {

        /** The same under another standing. */
        public Step standing(Standing other) {
            return new Step(part, measured, volts, lowVolts, highVolts, healthyVolts, healthyUpperVolts, other);
        }

        /** The same with more of the volts, within a band that ends at the most it can be. */
        public Step plus(double more, double mostVolts) {
            double moved = volts + more;
            return new Step(
                    part,
                    measured,
                    moved,
                    Math.min(lowVolts, moved),
                    Math.max(moved, Math.min(mostVolts, highVolts)),
                    healthyVolts,
                    healthyUpperVolts,
                    standing);
        }
    }

    /**
     * Where an alternator's current goes, and what both sides lose of its volts together.
     *
     * @param batteryAmps into the battery, negative out of it, in A
     * @param loadAmps into the loads, in A
     * @param measured false if these are a healthy vehicle's
     * @param sumVolts what both sides lose, in V, if both were read
     * @param mostSumVolts what the school of the sum allows, in V
     */
    public record Split(
            double batteryAmps, double loadAmps, boolean measured, Optional<Double> sumVolts, double mostSumVolts) {}

    /** What is left for the consumer. */
    public record Remainder(double volts, boolean measured) {}
}
