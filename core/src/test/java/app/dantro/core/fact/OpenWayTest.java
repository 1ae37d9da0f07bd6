package app.dantro.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** An open way shows with nothing running (docs/everyday.md, fact, inference, gate). */
class OpenWayTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    @Test
    void nearlyAllVoltsAcrossAWayThatOughtToConductAreSaidWithTheirEnds() {
        assertThat(said(read("post-plus", "fuse-out", Condition.REST, "12.41")).map(Reason::words))
                .contains("Open: 12.41 V of the battery's 12.60 V stand between battery + post and large fuse, output "
                        + "(rest). What lies behind it, or the meter itself, closes the circuit.");
        assertThat(said(read("clamp-minus", "body", Condition.KEY_ON, "-11.9"))).isPresent();
    }

    @Test
    void contactsAndSwitchesThatNobodyClosesAreOpenInHealth() {
        assertThat(said(read("post-plus", "motor-stud", Condition.REST, "12.6")))
                .isEmpty();
        assertThat(said(read("fuse-out", "relay-out", Condition.KEY_ON, "12.5")))
                .isEmpty();
    }

    @Test
    void aDropThatLeavesMuchIsNotAnOpenWayNorAreTheBatterysOwnVolts() {
        assertThat(said(read("post-plus", "fuse-out", Condition.KEY_ON, "4.2"))).isEmpty();
        assertThat(said(read("post-plus", "body", Condition.REST, "12.6"))).isEmpty();
    }

    private static Optional<Reason> said(Reading reading) {
        return OpenWay.of(CaseRecord.of(
                CAR,
                20,
                Stream.of(SampleReadings.base("12.60"), reading)
                        .map(RecordedReading::of)
                        .toList(),
                List.of(),
                List.of()));
    }

    private static Reading read(String red, String black, Condition condition, String typed) {
        return SampleReadings.of(red, black, condition, typed, Current.unknown());
    }
}
