package app.dantro.server.job;

import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.diagnosis.RepairForecast;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step;
import app.dantro.core.reading.Condition;
import java.util.List;
import java.util.Optional;

/** The next step on the wire. */
public record StepView(
        Step.Kind kind,
        String title,
        String why,
        Optional<ProbeView> probe,
        Optional<String> part,
        Optional<String> partName,
        Optional<ForecastView> forecast,
        List<String> cautions) {

    static StepView of(SeriesLoop loop, Step step) {
        return new StepView(
                step.kind(),
                step.title(),
                step.why(),
                step.probe().map(p -> ProbeView.of(loop, p)),
                step.part().map(p -> p.value()),
                step.part().map(loop::nameOf),
                step.forecast().map(ForecastView::of),
                step.cautions());
    }

    /** Where the leads go and what the results would mean. */
    public record ProbeView(
            ProfileView.ProfilePointView red,
            ProfileView.ProfilePointView black,
            Condition condition,
            String conditionWords,
            String instruction,
            String title,
            String why,
            List<OutcomeView> outcomes,
            double goodVolts,
            double faultyVolts) {

        public static ProbeView of(SeriesLoop loop, ProbePlan plan) {
            return new ProbeView(
                    ProfileView.ProfilePointView.of(loop.point(plan.red()).orElseThrow()),
                    ProfileView.ProfilePointView.of(loop.point(plan.black()).orElseThrow()),
                    plan.condition(),
                    plan.condition().words(),
                    plan.condition().instruction(),
                    plan.title(),
                    plan.why(),
                    plan.outcomes().stream()
                            .map(o -> new OutcomeView(o.when(), o.means()))
                            .toList(),
                    plan.goodVolts(),
                    plan.faultyVolts());
        }
    }

    /** One possible result and its meaning. */
    public record OutcomeView(String when, String means) {}

    /** What the model expects after the repair; an estimate. */
    public record ForecastView(
            double dropVolts, double amps, double motorVoltsNow, double motorVolts, double rpmNow, double rpm) {
        static ForecastView of(RepairForecast forecast) {
            return new ForecastView(
                    forecast.dropVolts(),
                    forecast.amps(),
                    forecast.motorVoltsNow(),
                    forecast.motorVolts(),
                    forecast.rpmNow(),
                    forecast.rpm());
        }
    }
}
