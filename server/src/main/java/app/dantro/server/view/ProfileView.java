package app.dantro.server.view;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Side;
import app.dantro.core.finding.Standing;
import app.dantro.core.profile.LoopProfile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The loop profile on the wire; volts and amperes. */
public record ProfileView(
        Loop loop,
        double amps,
        boolean ampsMeasured,
        Optional<Double> sourceVolts,
        ProfileSideView supply,
        ProfileSideView returns,
        Optional<Double> consumerVolts,
        Optional<Boolean> consumerMeasured,
        double healthyConsumerVolts,
        Optional<SplitView> split) {

    /** Where an alternator's current goes in A, and what both sides lose together in V. */
    public record SplitView(
            double batteryAmps, double loadAmps, boolean measured, Optional<Double> sumVolts, double mostSumVolts) {
        static SplitView of(LoopProfile.Split s) {
            return new SplitView(s.batteryAmps(), s.loadAmps(), s.measured(), s.sumVolts(), s.mostSumVolts());
        }
    }

    static ProfileView of(Circuit circuit, LoopProfile profile) {
        boolean starting = profile.loop() == Loop.STARTING;
        return new ProfileView(
                profile.loop(),
                profile.amps(),
                profile.ampsMeasured(),
                profile.sourceVolts(),
                ProfileSideView.of(
                        circuit, starting ? circuit.startingSupply() : circuit.chargingSupply(), profile.supply()),
                ProfileSideView.of(
                        circuit, starting ? circuit.startingReturn() : circuit.chargingReturn(), profile.returns()),
                profile.consumerVolts().map(LoopProfile.Remainder::volts),
                profile.consumerVolts().map(LoopProfile.Remainder::measured),
                profile.healthyConsumerVolts(),
                profile.split().map(SplitView::of));
    }

    /** One side: n + 1 points and the n steps between them, in the order of flow. */
    public record ProfileSideView(
            Side side,
            List<ProfilePointView> points,
            List<ProfileStepView> steps,
            Optional<Double> wholeVolts,
            double healthyLowVolts,
            double healthyUpperVolts) {

        static ProfileSideView of(Circuit circuit, List<Part> parts, LoopProfile.SideProfile side) {
            List<ProfilePointView> points = new ArrayList<>();
            points.add(ProfilePointView.of(circuit.point(parts.get(0).from()).orElseThrow()));
            parts.forEach(
                    p -> points.add(ProfilePointView.of(circuit.point(p.to()).orElseThrow())));
            return new ProfileSideView(
                    side.side(),
                    points,
                    side.steps().stream()
                            .map(s -> ProfileStepView.of(circuit, s))
                            .toList(),
                    side.wholeVolts(),
                    side.healthyLowVolts(),
                    side.healthyUpperVolts());
        }
    }

    /** A probe point as it stands on the profile. */
    public record ProfilePointView(String id, String name, String label, String placing) {
        static List<ProfilePointView> all(Circuit circuit) {
            return circuit.points().stream().map(ProfilePointView::of).toList();
        }

        static ProfilePointView of(ProbePoint point) {
            return new ProfilePointView(point.id().value(), point.name(), point.label(), point.placing());
        }
    }

    /** One part's step in volts. */
    public record ProfileStepView(
            String part,
            String name,
            boolean measured,
            double volts,
            double lowVolts,
            double highVolts,
            double healthyVolts,
            double healthyUpperVolts,
            Standing standing) {
        static ProfileStepView of(Circuit circuit, LoopProfile.Step step) {
            return new ProfileStepView(
                    step.part().value(),
                    circuit.nameOf(step.part()).orElseThrow(),
                    step.measured(),
                    step.volts(),
                    step.lowVolts(),
                    step.highVolts(),
                    step.healthyVolts(),
                    step.healthyUpperVolts(),
                    step.standing());
        }
    }
}
