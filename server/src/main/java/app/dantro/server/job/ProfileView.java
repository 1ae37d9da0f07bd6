package app.dantro.server.job;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.diagnosis.LoopProfile;
import app.dantro.core.diagnosis.Standing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The loop profile on the wire; volts and amperes. */
public record ProfileView(
        double amps,
        boolean ampsMeasured,
        Optional<Double> postVolts,
        ProfileSideView supply,
        ProfileSideView returns,
        Optional<Double> motorVolts,
        Optional<Boolean> motorMeasured,
        double healthyMotorVolts) {

    static ProfileView of(SeriesLoop loop, LoopProfile profile) {
        return new ProfileView(
                profile.amps(),
                profile.ampsMeasured(),
                profile.postVolts(),
                ProfileSideView.of(loop, profile.supply()),
                ProfileSideView.of(loop, profile.returns()),
                profile.motorVolts().map(LoopProfile.Remainder::volts),
                profile.motorVolts().map(LoopProfile.Remainder::measured),
                profile.healthyMotorVolts());
    }

    /** One side: n + 1 points and the n steps between them, in the order of flow. */
    public record ProfileSideView(
            Side side,
            List<ProfilePointView> points,
            List<ProfileStepView> steps,
            Optional<Double> wholeVolts,
            double healthyLowVolts,
            double healthyUpperVolts) {

        static ProfileSideView of(SeriesLoop loop, LoopProfile.SideProfile side) {
            List<Part> parts = loop.side(side.side());
            List<ProfilePointView> points = new ArrayList<>();
            points.add(ProfilePointView.of(loop.point(parts.get(0).from()).orElseThrow()));
            parts.forEach(p -> points.add(ProfilePointView.of(loop.point(p.to()).orElseThrow())));
            return new ProfileSideView(
                    side.side(),
                    points,
                    side.steps().stream().map(s -> ProfileStepView.of(loop, s)).toList(),
                    side.wholeVolts(),
                    side.healthyLowVolts(),
                    side.healthyUpperVolts());
        }
    }

    /** A probe point as it stands on the profile. */
    public record ProfilePointView(String id, String name, String label, String placing) {
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
        static ProfileStepView of(SeriesLoop loop, LoopProfile.Step step) {
            return new ProfileStepView(
                    step.part().value(),
                    loop.nameOf(step.part()),
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
