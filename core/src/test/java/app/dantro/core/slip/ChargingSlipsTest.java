package app.dantro.core.slip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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
        SlipRules.Vehicle vehicle =
                new SlipRules.Vehicle(circuit, StartingLoop.of(circuit), 20, false, OptionalDouble.empty());
        return ChargingSlips.check(vehicle, new Readings(List.of(before)), reading)
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
        "bplus, post-plus, RAISED_LOADED, 0.001, 0, NO_CURRENT",
        "alternator-case, post-minus, RAISED_LOADED, -0.0008, 0, NO_CURRENT"
    })
    void isAskedAbout(String red, String black, Condition condition, String typed, double amps, Kind kind) {
        assertThat(asked(CAR, read(red, black, condition, typed, amps))).contains(kind);
    }

    /** From the + side to the body stand the source's own volts, and an open way behind remote sensing stands at the clamp's. */
    @Test
    void theSourcesOwnVoltsAndAnOpenWayAreTakenAsTheyAre() {
        Reading posts = read("post-plus", "post-minus", Condition.RAISED_LOADED, "24.8", 0);
        assertThat(asked(TRUCK, read("post-plus", "body", Condition.RAISED_LOADED, "24.7", 0), posts))
                .isEmpty();
        Circuit remote = ReadyMadeCircuits.named("remote-sensing").orElseThrow();
        Reading low = read("post-plus", "post-minus", Condition.RAISED_LOADED, "12.38", 0);
        assertThat(asked(remote, read("fuse-in", "fuse-out", Condition.RAISED_LOADED, "13.96", 0), low))
                .isEmpty();
        assertThat(asked(CAR, read("fuse-in", "fuse-out", Condition.RAISED_LOADED, "13.96", 0), low))
                .contains(Kind.DECIMAL);
    }

    @ParameterizedTest
    @CsvSource({
        "post-plus, post-minus, REST, 12.9, 0",
        "post-plus, post-minus, AFTER_SWITCH_OFF, 13.3, 0",
        "post-plus, post-minus, RAISED, 14.2, 20",
        "bplus, post-plus, RAISED_LOADED, 0.02, 76",
        "bplus, post-plus, RAISED_LOADED, 0.04, 0",
        "post-minus, alternator-case, RAISED_LOADED, 0.011, 0",
        "bplus, post-plus, RAISED_LOADED, 0.14, 180",
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

    @Test
    void whatTheStandingEngineShowedIsAskedAboutOnceItHasCharged() {
        Reading rest = read("post-plus", "post-minus", Condition.REST, "12.61", 0);
        Reading charged = read("post-plus", "post-minus", Condition.RAISED, "14.30", 0);
        Reading again = read("post-plus", "post-minus", Condition.RAISED_LOADED, "12.61", 0);
        assertThat(asked(CAR, again, rest, charged)).contains(Kind.CONDITION);
        assertThat(asked(CAR, again, rest)).isEmpty();
        assertThat(asked(CAR, read("post-plus", "post-minus", Condition.RAISED_LOADED, "12.31", 0), rest, charged))
                .isEmpty();
    }

    @Test
    void aDropThatLeavesMoreThanLiesBetweenAlternatorAndPostsSlipped() {
        Reading output = read("bplus", "alternator-case", Condition.RAISED_LOADED, "14.40", 60);
        Reading posts = read("post-plus", "post-minus", Condition.RAISED_LOADED, "14.20", 60);
        Reading drop = read("bplus", "post-plus", Condition.RAISED_LOADED, "1.5", 60);
        Slip slip = ChargingSlips.check(
                        new SlipRules.Vehicle(CAR, StartingLoop.of(CAR), 20, false, OptionalDouble.empty()),
                        new Readings(List.of(output, posts)),
                        drop)
                .orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.DECIMAL);
        assertThat(VanSlips.meant(slip)).isEqualTo(0.15, within(1e-9));
        Reading low = read("post-plus", "post-minus", Condition.RAISED_LOADED, "12.80", 60);
        assertThat(asked(CAR, drop, output, low)).isEmpty();
    }

    /** Of 1.15 V between alternator and posts the supply took 1.08: the return cannot take half a volt as well. */
    @Test
    void whatTheOtherSideTookIsNotLeftForThisOne() {
        Reading output = read("bplus", "alternator-case", Condition.RAISED_LOADED, "14.15", 62);
        Reading posts = read("post-plus", "post-minus", Condition.RAISED_LOADED, "13.0", 62);
        Reading supply = read("bplus", "post-plus", Condition.RAISED_LOADED, "1.08", 62);
        Reading back = read("alternator-case", "post-minus", Condition.RAISED_LOADED, "0.5", 62);
        assertThat(asked(CAR, back, output, posts, supply)).contains(Kind.DECIMAL);
        assertThat(asked(CAR, back, output, posts)).isEmpty();
        assertThat(asked(CAR, read("fuse-in", "fuse-out", Condition.RAISED_LOADED, "0.95", 62), output, posts, supply))
                .isEmpty();
    }

    /** A pile's cable that takes 2 V of twelve is watched by nobody; with less of it a bad one stands as it is. */
    @Test
    void aWayThatTakesTwoVoltsUnderAPileSlipped() {
        assertThat(asked(CAR, read("alternator-case", "post-minus", Condition.PILE_ALTERNATOR, "6.2", 140)))
                .contains(Kind.DECIMAL);
        assertThat(asked(CAR, read("alternator-case", "post-minus", Condition.PILE_ALTERNATOR, "0.62", 140)))
                .isEmpty();
        assertThat(asked(TRUCK, read("bplus", "post-plus", Condition.PILE_ALTERNATOR, "2.4", 100)))
                .isEmpty();
    }
}
