package app.dantro.core.standing;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.starting.StartingRules;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A long case: what was proven stays proven, however much is read after it. */
class ManyReadingsTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private static final PreparedCircuit PREPARED = PreparedCircuit.of(CAR, 22);

    @ParameterizedTest
    @ValueSource(ints = {0, 28, 29, 30, 33, 60, 150})
    void aProvenJointStaysProven(int more) {
        List<Reading> readings = new ArrayList<>(List.of(
                base("12.61"),
                cranking("post-plus", "clamp-plus", "2.50", 120),
                cranking("post-plus", "clamp-plus", "2.52", 120)));
        for (int i = 0; i < more; i++) {
            readings.add(cranking("block", "ground-cable-block", "0.02", 120));
        }
        CaseRecord record = CaseRecord.of(
                CAR, 22, readings.stream().map(RecordedReading::of).toList(), List.of(), List.of());
        Findings found = Standings.of(
                StartingRules.of(record), Judgement.of(PREPARED, CaseInference.of(record, Complaint.STARTING)));
        assertThat(found.withStanding(Standing.FAULTY)).containsExactly(PartId.of("post-joint-plus"));
    }
}
