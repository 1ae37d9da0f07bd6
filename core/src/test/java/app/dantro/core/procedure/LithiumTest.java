package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A motorcycle's lithium battery: other marks at rest and while charging (docs/everyday.md, base voltage, regulated voltage). */
class LithiumTest {
    private static final Circuit BIKE = ReadyMadeCircuits.named("motorcycle").orElseThrow();
    private static final PreparedCircuit PREPARED = PreparedCircuit.of(BIKE, 20);
    private static final Statements LITHIUM = said(Topic.CHEMISTRY, Answer.LITHIUM);

    private final OrderOfWork order = new OrderOfWork();

    @Test
    void whatRestsHighOnAMotorcycleIsAskedForItsChemistryWithTheSurfaceCharge() {
        Step step = starting(Statements.none(), read(Condition.REST, "13.21")).next();
        assertThat(step.toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.CHEMISTRY, Topic.SURFACE_CHARGE);
    }

    @Test
    void itHasNoSurfaceChargeAndAccusesNobody() {
        assertThat(starting(LITHIUM, read(Condition.REST, "13.21")).next().title())
                .isEqualTo("Battery voltage while cranking");
        Assessment cranked = starting(LITHIUM, read(Condition.REST, "13.34"), read(Condition.CRANKING, "11.40"));
        assertThat(cranked.findings().parts()).noneMatch(PartFinding::alarmed);
        assertThat(cranked.findings().doubts()).isEmpty();
        assertThat(record(LITHIUM).asked(read(Condition.REST, "13.38"))).isEmpty();
    }

    @Test
    void underItsOwnMarkItIsChargedFirst() {
        assertThat(starting(LITHIUM, read(Condition.REST, "12.75")).next().kind())
                .isEqualTo(Step.Kind.CHARGE);
        assertThat(starting(said(Topic.CHEMISTRY, Answer.AGM), read(Condition.REST, "12.75"))
                        .next()
                        .kind())
                .isEqualTo(Step.Kind.MEASURE);
    }

    @Test
    void fromFifteenVoltsOnTheEngineIsStopped() {
        Assessment high = order.assess(
                Loop.CHARGING, record(LITHIUM, read(Condition.REST, "13.2"), read(Condition.RAISED, "15.1")), PREPARED);
        assertThat(high.next().title()).isEqualTo("Stop the engine, do not rev it");
        assertThat(order.assess(
                                Loop.CHARGING,
                                record(Statements.none(), read(Condition.REST, "12.7"), read(Condition.RAISED, "15.1")),
                                PREPARED)
                        .next()
                        .title())
                .isNotEqualTo("Stop the engine, do not rev it");
    }

    private Assessment starting(Statements said, Reading... readings) {
        return order.assess(Loop.STARTING, record(said, readings), PREPARED);
    }

    private static CaseRecord record(Statements said, Reading... readings) {
        return CaseRecord.of(
                        BIKE, 20, Stream.of(readings).map(RecordedReading::of).toList(), List.of(), List.of())
                .with(said);
    }

    private static Reading read(Condition condition, String typed) {
        return SampleReadings.of("post-plus", "post-minus", condition, typed, Current.unknown());
    }

    private static Statements said(Topic topic, Answer answer) {
        return Statements.of(List.of(new Statement(UUID.randomUUID(), topic, answer.name(), "", 0)));
    }
}
