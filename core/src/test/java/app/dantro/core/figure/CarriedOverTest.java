package app.dantro.core.figure;

import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** V = I · R, carried over to the current that counts. */
class CarriedOverTest {
    private static final Current AT_60 = Current.of(60, Current.How.CLAMP);
    private static final Current AT_45 = Current.of(45, Current.How.CLAMP);

    private static CaseRecord record(Reading... readings) {
        return CaseRecord.of(
                ReadyMadeCircuits.named("petrol-car").orElseThrow(),
                20,
                Arrays.stream(readings).map(RecordedReading::of).toList(),
                List.of(),
                List.of());
    }

    private static Reading supply(String typed, Current current) {
        return of("bplus", "post-plus", Condition.RAISED_LOADED, typed, current);
    }

    @Test
    void theSamePathAtOtherAmpsIsTheSameResistance() {
        CarriedOver first = CarriedOver.of(record(), supply("0.180", AT_60)).orElseThrow();
        CarriedOver later = CarriedOver.of(record(), supply("0.135", AT_45)).orElseThrow();
        assertThat(first.ohms()).isEqualTo(later.ohms(), within(1e-12)).isEqualTo(0.003, within(1e-12));
        assertThat(first.estimated()).as("the class's 110 A").isTrue();
        assertThat(first.words()).isEqualTo("3.0 mΩ, 0.33 V at 110 A, estimated");
    }

    @Test
    void thePlateIsTheReferenceWhereItWasEntered() {
        CaseRecord plated =
                record().with(Statements.of(List.of(new Statement(UUID.randomUUID(), Topic.RATED_AMPS, "150", "", 0))));
        assertThat(CarriedOver.of(plated, supply("0.180", AT_60)).orElseThrow().words())
                .isEqualTo("3.0 mΩ, 0.45 V at 150 A");
    }

    @Test
    void aStartersDropIsCarriedToItsOwnSettledCurrent() {
        Reading drop = of("starter-case", "post-minus", Condition.CRANKING, "0.10", Current.of(100, Current.How.CLAMP));
        Reading crank = of("post-plus", "post-minus", Condition.CRANKING, "11.2", Current.of(200, Current.How.CLAMP));
        CarriedOver carried = CarriedOver.of(record(drop, crank), drop).orElseThrow();
        assertThat(carried.volts()).isEqualTo(0.20, within(1e-9));
        assertThat(carried.estimated()).isFalse();
    }

    @Test
    void aSourceAndADropWithoutAmpsHaveNone() {
        assertThat(CarriedOver.of(record(), supply("0.180", Current.unknown()))).isEmpty();
        assertThat(CarriedOver.of(record(), of("post-plus", "post-minus", Condition.RAISED, "14.2", AT_60)))
                .isEmpty();
        assertThat(CarriedOver.of(record(), of("bplus", "alternator-case", Condition.RAISED, "14.2", AT_60)))
                .isEmpty();
    }
}
