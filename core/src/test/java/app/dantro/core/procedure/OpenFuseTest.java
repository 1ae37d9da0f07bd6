package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.finding.Standing;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A charge fuse that was found open with the engine off: the meter closed the circuit, which no solver of the wiring knows. */
class OpenFuseTest extends SaidCases {
    @Test
    void theFactIsSaidFirstAndNobodyIsCondemned() {
        List<Reading> readings = List.of(
                read("post-plus", "post-minus", Condition.REST, "12.5"),
                read("post-plus", "post-minus", Condition.IDLE, "12.2"),
                read("bplus", "post-plus", Condition.REST, "12.4"),
                read("fuse-in", "fuse-out", Condition.REST, "12.4"));
        Assessment open = order.assess(Loop.CHARGING, evidence(readings, said("NOT_CHARGING")), PREPARED);
        assertThat(open.findings().headline())
                .startsWith(
                        "Open: 12.4 V of the battery's 12.5 V stand between large fuse, input and large fuse, output");
        assertThat(open.findings().withStanding(Standing.FAULTY)).isEmpty();
    }

    private static Statement said(String answer) {
        return said(Topic.CHARGING_SYMPTOM, answer);
    }

    private static Reading read(String red, String black, Condition condition, String typed) {
        return SampleReadings.of(red, black, condition, typed, Current.unknown());
    }
}
