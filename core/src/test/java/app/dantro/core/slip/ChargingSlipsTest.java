package app.dantro.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is asked about at entry of a charging test. */
class ChargingSlipsTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private static final Circuit TRUCK = ReadyMadeCircuits.named("truck-24v").orElseThrow();

    private static Reading read(String red, String black, Condition condition, String typed, double amps) {
        return SampleReadings.of(
                red, black, condition, typed, amps == 0 ? Current.unknown() : Current.of(amps, Current.How.CLAMP));
    }

    private static Optional<Kind> asked(Circuit circuit, Reading reading, Reading... before) {
        return ChargingSlips.check(circuit, new Readings(List.of(before)), reading)
                .map(Slip::kind);
    }

    @ParameterizedTest
    @CsvSource({
        "post-plus, post-minus, REST, 14.2, 0, CONDITION",
        "bplus, post-minus, KEY_ON, 13.9, 0, CONDITION",
        "bplus, alternator-case, KEY_ON, 0.02, 0, NO_SOURCE",
        "bplus, alternator-case, RAISED_LOADED, 0.08, 60, NO_SOURCE",
        "post-plus, post-minus, RAISED, 0.03, 0, NO_SOURCE",
        "bplus, post-plus, RAISED_LOADED, 0.13, 400, CURRENT",
        "bplus, post-plus, RAISED_LOADED, 0.02, 0, NO_CURRENT",
        "alternator-case, post-minus, RAISED_LOADED, -0.008, 0, NO_CURRENT"
    })
    void isAskedAbout(String red, String black, Condition condition, String typed, double amps, Kind kind) {
        assertThat(asked(CAR, read(red, black, condition, typed, amps))).contains(kind);
    }

    @ParameterizedTest
    @CsvSource({
        "post-plus, post-minus, REST, 12.9, 0",
        "post-plus, post-minus, AFTER_SWITCH_OFF, 13.3, 0",
        "post-plus, post-minus, RAISED, 14.2, 20",
        "bplus, post-plus, RAISED_LOADED, 0.02, 76",
        "bplus, post-plus, RAISED_LOADED, 0.04, 0",
        "bplus, post-plus, RAISED, 0.02, 0",
        "bplus, alternator-case, KEY_ON, 12.5, 0"
    })
    void isTakenAsItIs(String red, String black, Condition condition, String typed, double amps) {
        assertThat(asked(CAR, read(red, black, condition, typed, amps))).isEmpty();
    }

    @Test
    void aTruckAtRestStandsAtTwiceTheVolts() {
        assertThat(asked(TRUCK, read("post-plus", "post-minus", Condition.REST, "25.4", 0)))
                .isEmpty();
        assertThat(asked(TRUCK, read("post-plus", "post-minus", Condition.REST, "28.2", 0)))
                .contains(Kind.CONDITION);
    }

    @Test
    void theSameShownTwiceIsNotAskedAboutAgain() {
        Reading dead = read("bplus", "alternator-case", Condition.KEY_ON, "0.02", 0);
        assertThat(asked(CAR, dead, read("bplus", "alternator-case", Condition.KEY_ON, "0.03", 0)))
                .isEmpty();
    }

    /** The charge current falls while the battery fills: drops of one loop belong together only if read together. */
    @Test
    void aLoadedDropLongAfterTheOthersIsAskedAboutOnceUnlessItsCurrentIsKnown() {
        Reading first = read("bplus", "post-plus", Condition.RAISED_LOADED, "0.13", 0);
        Reading soon = at(read("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.03", 0), first, 4);
        Reading late = at(read("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.03", 0), first, 14);
        Reading clamped = at(read("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.03", 70), first, 14);
        Reading next = at(read("bplus", "charge-ring", Condition.RAISED_LOADED, "0.01", 0), first, 16);
        assertThat(asked(CAR, soon, first)).isEmpty();
        assertThat(asked(CAR, late, first)).contains(Kind.STALE);
        assertThat(asked(CAR, clamped, first)).isEmpty();
        assertThat(asked(CAR, next, first, late)).isEmpty();
    }

    private static Reading at(Reading r, Reading first, int minutesLater) {
        return SampleReadings.takenAt(r, first.takenAtMillis() + minutesLater * 60_000L);
    }
}
