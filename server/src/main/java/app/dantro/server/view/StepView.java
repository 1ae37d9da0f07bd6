package app.dantro.server.view;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.ending.Ending;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Cautions;
import app.dantro.core.procedure.Step;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.RepairForecast;
import app.dantro.server.store.StoredCase;
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
        List<String> cautions,
        List<ToSeeView> toSee,
        Optional<EndingView> ending) {

    static StepView of(StoredCase file, Step step) {
        return new StepView(
                step.kind(),
                step.title(),
                step.why(),
                step.probe().map(p -> ProbeView.of(file, p)),
                step.part().map(p -> p.value()),
                step.part().map(file::nameOf),
                step.forecast().map(ForecastView::of),
                step.cautions(),
                step.toSee().stream().map(ToSeeView::of).toList(),
                step.ending().map(EndingView::of));
    }

    /**
     * What the job may be ended as.
     *
     * @param value to state on the topic {@code ENDED}
     * @param open what was not shown
     * @param customer a sentence for whoever brought the vehicle
     * @param safe what is said about driving on
     */
    public record EndingView(
            Optional<String> value, String words, List<String> shown, List<String> open, String customer, String safe) {
        static EndingView of(Ending ending) {
            return new EndingView(
                    ending.as().map(Enum::name),
                    ending.heading().words(),
                    ending.shown().stream().map(Reason::words).toList(),
                    ending.open().stream().map(Reason::words).toList(),
                    ending.customer().words(),
                    ending.safe().words());
        }
    }

    /**
     * Something to see, try or put back.
     *
     * @param stated what was said about it already
     * @param choices what may be stated; none for a number
     * @param unit of the number
     */
    public record ToSeeView(
            Topic topic,
            String words,
            Optional<String> stated,
            List<StatementView.ChoiceView> choices,
            Optional<String> unit) {
        /** What was undone can only be put back. */
        private static final Answer RESTORED = Answer.CLOSED;

        static ToSeeView of(Step.ToSee look) {
            Topic topic = look.topic();
            boolean back = topic.group() == Topic.Group.TWO_ENDED;
            return new ToSeeView(
                    topic,
                    look.words(),
                    look.stated(),
                    choices(look, back),
                    topic.figure().map(f -> f.unit()));
        }

        private static List<StatementView.ChoiceView> choices(Step.ToSee look, boolean back) {
            Topic topic = look.topic();
            return look.options().isEmpty()
                    ? topic.answers().stream()
                            .filter(a -> !back || a == RESTORED)
                            .map(a -> new StatementView.ChoiceView(a.name(), topic.words(a)))
                            .toList()
                    : look.options().stream()
                            .map(o -> new StatementView.ChoiceView(o.value(), o.words()))
                            .toList();
        }
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
            double faultyVolts,
            Optional<ExpectedView> expected,
            List<String> cautions) {

        public static ProbeView of(StoredCase file, ProbePlan plan) {
            Circuit circuit = file.circuit();
            return new ProbeView(
                    ProfileView.ProfilePointView.of(circuit.point(plan.red()).orElseThrow()),
                    ProfileView.ProfilePointView.of(circuit.point(plan.black()).orElseThrow()),
                    plan.condition(),
                    plan.condition().words(),
                    plan.condition().instruction(),
                    plan.title(),
                    plan.why(),
                    plan.outcomes().stream()
                            .map(o -> new OutcomeView(o.when(), o.means()))
                            .toList(),
                    plan.goodVolts(),
                    plan.faultyVolts(),
                    ExpectedView.of(file, plan),
                    Cautions.reading(plan.condition()));
        }
    }

    /**
     * What a healthy vehicle reads with these leads in this condition.
     *
     * @param lowVolts lower end of what 95 % of healthy vehicles show
     */
    public record ExpectedView(double volts, double lowVolts, double highVolts) {
        static Optional<ExpectedView> of(StoredCase file, ProbePlan plan) {
            return Expectation.of(
                            file.circuit(),
                            plan.condition(),
                            VehicleState.healthyAt(file.record().celsius()))
                    .map(e -> e.range(plan.red(), plan.black()))
                    .map(r -> new ExpectedView(r.volts(), r.lowVolts(), r.highVolts()));
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
