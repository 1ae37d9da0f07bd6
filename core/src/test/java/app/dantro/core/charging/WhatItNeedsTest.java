package app.dantro.core.charging;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ReadingState;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What pins and taps say of an alternator's feed and belt, on a battery that rests at 12.5 V. */
class WhatItNeedsTest {
    private static final long MINUTE = 60_000;

    private final List<Statement> said = new ArrayList<>();

    private void states(Topic topic, String value, long minutes) {
        said.add(new Statement(UUID.randomUUID(), topic, value, "", minutes * MINUTE));
    }

    private CaseRecord heard() {
        return heard(Loop.CHARGING);
    }

    private CaseRecord heard(Loop concern) {
        return WhatItNeeds.heard(
                CaseRecord.of(
                                ReadyMadeCircuits.named("petrol-car").orElseThrow(),
                                20,
                                List.of(RecordedReading.of(SampleReadings.of(
                                        "post-plus", "post-minus", Condition.REST, "12.5", Current.unknown()))),
                                List.of(),
                                List.of())
                        .with(Statements.of(said)),
                concern);
    }

    @ParameterizedTest
    @CsvSource({
        "PIN_FEED, 0.3, NO",
        "PIN_FEED, 12.4, ",
        "PIN_FEED_LOADED, 12.3, YES",
        "PIN_FEED_LOADED, 9.5, NO",
        "PIN_SENSE, 0.1, NO"
    })
    void aPinSaysWhetherThePlugIsFed(Topic pin, String volts, Answer fed) {
        states(pin, volts, 1);
        assertThat(heard().statements().answer(Topic.PLUG_FED).orElse(null)).isEqualTo(fed);
    }

    @Test
    void aLampThatLightsHoldsItsPinLow() {
        states(Topic.LAMP_KEY_ON, "LIGHTS", 1);
        states(Topic.PIN_FEED, "1.4", 2);
        assertThat(heard().statements().answer(Topic.PLUG_FED)).isEmpty();
    }

    @Test
    void whatWasMissingAndIsThereWasPutRight() {
        states(Topic.PIN_FEED, "0.3", 10);
        states(Topic.PLUG_FED, "YES", 30);
        assertThat(heard().lastRepair())
                .hasValueSatisfying(r -> assertThat(r.action()).isEqualTo(Repair.Action.PUT_RIGHT))
                .hasValueSatisfying(r -> assertThat(r.doneAtMillis()).isEqualTo(30 * MINUTE));
        assertThat(heard().stateOf(RecordedReading.of(
                        SampleReadings.of("post-plus", "post-minus", Condition.RAISED, "11.6", Current.unknown()))))
                .isEqualTo(ReadingState.BEFORE_REPAIR);
        assertThat(heard(Loop.STARTING).repairs()).as("of a job at the starter").isEmpty();
    }

    @Test
    void aWrongButtonTakenBackAtOnceIsNoRepair() {
        said.add(new Statement(UUID.randomUUID(), Topic.BELT_DRIVES, "NO", "", 10_000));
        said.add(new Statement(UUID.randomUUID(), Topic.BELT_DRIVES, "YES", "", 22_000));
        assertThat(heard().repairs()).isEmpty();
        states(Topic.BELT_DRIVES, "NO", 5);
        assertThat(heard().repairs()).isEmpty();
    }

    @Test
    void aPinThatIsReadAgainWithItsVoltsIsBack() {
        states(Topic.PIN_FEED, "0.3", 10);
        said.add(new Statement(UUID.randomUUID(), Topic.PIN_FEED, "12.3", "", 10 * MINUTE + 20_000));
        assertThat(heard().statements().answer(Topic.PLUG_FED)).contains(Answer.YES);
        assertThat(heard().repairs()).as("typed wrong, not repaired").isEmpty();
        states(Topic.PIN_FEED, "0.3", 20);
        states(Topic.PIN_FEED, "12.3", 40);
        assertThat(heard().repairs()).hasSize(1);
    }
}
