package app.dantro.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Volts over amperes, at the reference temperature. */
class MeasuredTest {
    private static final Circuit VAN = ReadyMadeCircuits.petrolBodyReturn();
    private static final Part CABLE = StartingLoop.of(VAN).supply().stream()
            .filter(p -> p.id().value().contains("cable"))
            .findFirst()
            .orElseThrow();

    private static List<Measured> in(double celsius, List<Repair> repairs, Reading... readings) {
        CaseRecord record = CaseRecord.of(
                VAN, celsius, Stream.of(readings).map(RecordedReading::of).toList(), repairs, List.of());
        return Measured.in(record).stream()
                .filter(m -> m.part().equals(CABLE.id()))
                .toList();
    }

    private static Reading drop(String typed, double amps) {
        return SampleReadings.cranking(CABLE.from().value(), CABLE.to().value(), typed, amps);
    }

    @Test
    void isVoltsOverAmperesWhicheverWayTheLeadsWere() {
        Measured told = in(20, List.of(), drop("0.200", 100)).get(0);
        assertThat(told.ohms()).isCloseTo(2e-3, within(1e-12));
        assertThat(told.lowOhms()).isLessThan(2e-3).isGreaterThan(1.8e-3);
        assertThat(told.ampsMeasured()).isTrue();
        Reading swapped =
                SampleReadings.cranking(CABLE.to().value(), CABLE.from().value(), "-0.200", 100);
        assertThat(in(20, List.of(), swapped).get(0).ohms()).isCloseTo(2e-3, within(1e-12));
    }

    /** Copper gains 0.393 % for each degree above 20 °C (physics.md). */
    @Test
    void aWarmCableIsNotABadOne() {
        double warm = in(60, List.of(), drop("0.200", 100)).get(0).ohms();
        assertThat(warm).isCloseTo(2e-3 / (1 + 0.00393 * 40), within(2e-5));
    }

    @Test
    void withoutAClampTheStartersOwnCurrentStandsInAndSaysSo() {
        Reading without = SampleReadings.crankingWithoutAmps(
                CABLE.from().value(), CABLE.to().value(), "0.200");
        Measured told = in(20, List.of(), without).get(0);
        double usual = StartingLoop.of(VAN).crankingAmps().nominalAmps();
        assertThat(told.ohms()).isCloseTo(0.2 / usual, within(1e-12));
        assertThat(told.ampsMeasured()).isFalse();
        assertThat(told.highOhms() / told.ohms()).isGreaterThan(1.4);
    }

    @Test
    void aRepairLeavesWhatWasBeforeAndWhatIsSince() {
        Reading before = SampleReadings.takenAt(drop("0.900", 100), 10);
        Reading since = SampleReadings.takenAt(drop("0.100", 100), 30);
        Repair repair = new Repair(UUID.randomUUID(), CABLE.id(), Repair.Action.REPLACED, "", 20);
        assertThat(in(20, List.of(repair), before, since).stream()
                        .map(m -> Math.round(m.ohms() * 1e4))
                        .toList())
                .containsExactly(90L, 10L);
    }
}
