package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.StartingRules;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class CourseTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    @Test
    void aFreshCaseStandsAtItsComplaintAndHasSkippedNothing() {
        Course course = course(List.of());
        assertThat(course.calls().get(0)).isEqualTo(new Course.Call(Station.COMPLAINT, Course.State.NOW));
        assertThat(course.skipped()).isEmpty();
        assertThat(course.calls()).extracting(Course.Call::station).doesNotContain(Station.SAFETY);
    }

    @Test
    void whatWasPassedOverIsSaid() {
        Course course =
                course(List.of(cranking("starter-case", "post-minus", "0.62", 150)), said(Topic.SYMPTOM, "SLOW"));
        assertThat(course.skipped()).containsExactly(Station.SAFETY, Station.LOOK, Station.BATTERY);
        assertThat(state(course, Station.SIDES)).isEqualTo(Course.State.PASSED);
        assertThat(state(course, Station.WALK)).isEqualTo(Course.State.NOW);
        assertThat(state(course, Station.REPAIR)).isEqualTo(Course.State.LATER);
    }

    @Test
    void whatIsCaughtUpOnIsSkippedNoMore() {
        Course course = course(
                List.of(base("12.61"), cranking("starter-case", "post-minus", "0.62", 150)),
                said(Topic.SYMPTOM, "SLOW"),
                said(Topic.ENGINE_DISABLED, "OPEN"),
                said(Topic.LOOK_POSTS, "GOOD"));
        assertThat(course.skipped()).isEmpty();
    }

    @Test
    void everyStationSaysWhyItStandsThere() {
        assertThat(Station.values()).allSatisfy(s -> assertThat(s.reason()).endsWith("."));
    }

    private static Course.State state(Course course, Station station) {
        return course.calls().stream()
                .filter(c -> c.station() == station)
                .map(Course.Call::state)
                .findFirst()
                .orElseThrow();
    }

    private static Statement said(Topic topic, String value) {
        return new Statement(UUID.randomUUID(), topic, value, "", 0);
    }

    private static Course course(List<Reading> readings, Statement... said) {
        CaseRecord evidence = CaseRecord.of(
                        CAR, 20, readings.stream().map(RecordedReading::of).toList(), List.of(), List.of())
                .with(Statements.of(Arrays.asList(said)));
        return Course.of(StartingRules.of(evidence), Stage.SIDES);
    }
}
