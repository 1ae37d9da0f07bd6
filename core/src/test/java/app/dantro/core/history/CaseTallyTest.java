package app.dantro.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What one case adds to the figures of a shop. */
class CaseTallyTest {
    private static final Circuit VAN = ReadyMadeCircuits.petrolBodyReturn();
    private static final PartId ALTERNATOR = VAN.alternator().orElseThrow().id();

    private static Reading crank(long seconds) {
        return SampleReadings.takenAt(SampleReadings.cranking("post-plus", "post-minus", "10.20", 180), seconds * 1000);
    }

    private static CaseRecord record(List<Repair> repairs, Reading... readings) {
        return CaseRecord.of(
                VAN, 20, Stream.of(readings).map(RecordedReading::of).toList(), repairs, List.of());
    }

    private static Repair repair(String part, long seconds) {
        return new Repair(UUID.randomUUID(), PartId.of(part), Repair.Action.CLEANED, "", seconds * 1000);
    }

    @Test
    void readingsAndCranksCountUntilTheRepair() {
        CaseRecord record =
                record(List.of(repair("strap-end-block", 300)), crank(10), crank(12), crank(60), crank(400));
        CaseTally tally = CaseTally.of(record, "cranks slowly", true, Set.of());
        assertThat(tally.readings()).isEqualTo(3);
        assertThat(tally.cranks()).isEqualTo(2);
        assertThat(tally.found()).isEqualTo("joint");
        assertThat(CaseTally.of(record, "cranks slowly", false, Set.of()).found())
                .isEmpty();
    }

    @Test
    void aDeviceIsSavedIfItCameInAsSuspectAndWasCleared() {
        CaseRecord record = record(List.of(), crank(10));
        assertThat(CaseTally.of(record, "others say the regulator is bad", false, Set.of(ALTERNATOR))
                        .saved())
                .containsExactly("alternator");
        assertThat(CaseTally.of(record, "cranks slowly", false, Set.of(ALTERNATOR))
                        .saved())
                .isEmpty();
        assertThat(CaseTally.of(record, "new alternator?", false, Set.of()).saved())
                .isEmpty();
        assertThat(CaseTally.of(
                                record,
                                "batteries flat",
                                false,
                                Set.of(record.loop().battery().id()))
                        .saved())
                .containsExactly("battery");
    }
}
