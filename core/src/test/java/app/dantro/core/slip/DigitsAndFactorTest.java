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
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Digits no display has, the meter on AC, the clamp's output factor: each asked about with what was probably meant. */
class DigitsAndFactorTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    private static final Reading BASE = read("post-plus", "post-minus", Condition.REST, "12.60", 0);
    private static final Reading CRANKED = read("post-plus", "post-minus", Condition.CRANKING, "11.10", 0);
    private static final Reading CHARGED = read("post-plus", "post-minus", Condition.RAISED_LOADED, "14.20", 0);

    private static Reading read(String red, String black, Condition condition, String typed, double amps) {
        return SampleReadings.of(
                red, black, condition, typed, amps == 0 ? Current.unknown() : Current.of(amps, Current.How.CLAMP));
    }

    private static Optional<Slip> asked(Reading reading, Reading... before) {
        SlipRules.Vehicle vehicle = new SlipRules.Vehicle(CAR, StartingLoop.of(CAR), 20, true, OptionalDouble.empty());
        return SlipRules.atEntry(vehicle, new Readings(List.of(before)), reading);
    }

    /** It turned, and the posts stand where they stood: a jump pack or another battery did it, or nobody read while cranking. */
    @ParameterizedTest
    @CsvSource({"12.58, true", "12.52, true", "12.30, false", "11.10, false"})
    void postsThatDoNotMoveWhileItTurnsAreAskedAbout(String typed, boolean odd) {
        Optional<Slip> slip = asked(read("post-plus", "post-minus", Condition.CRANKING, typed, 0), BASE);
        assertThat(slip.isPresent()).isEqualTo(odd);
        slip.ifPresent(s -> {
            assertThat(s.sentence()).contains("What turned the engine?");
            assertThat(s.choices()).extracting(Slip.Choice::answer).startsWith(Slip.Answer.NOT_CALLED);
        });
    }

    /** Nothing joins the machine to the battery: its own volts stand far above, and the posts get none of them. */
    @Test
    void aMachineThatIsCutOffShowsFarMoreThanThePosts() {
        Reading own = read("bplus", "alternator-case", Condition.RAISED_LOADED, "25.8", 0);
        Reading dead = read("post-plus", "post-minus", Condition.RAISED_LOADED, "12.08", 0);
        assertThat(asked(own, BASE, dead)).isEmpty();
        assertThat(asked(own, BASE, CHARGED)).isPresent();
        assertThat(asked(own, BASE)).isPresent();
    }

    private static double meant(Slip slip) {
        return slip.choices().get(0).volts().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "post-plus, post-minus, REST, -12.60, 12.60, SIGN",
        "bplus, alternator-case, RAISED_LOADED, -14.41, 14.41, SIGN",
        "bplus, post-plus, RAISED_LOADED, -0.31, 0.31, SIGN",
        "post-minus, alternator-case, RAISED_LOADED, -0.09, 0.09, SIGN",
        "feed-ring, fuse-in, ENGINE_OFF_LOAD, 14, 0.014, DECIMAL",
        "post-plus, battery-stud, CRANKING, 10, 0.010, DECIMAL",
        "bplus, post-plus, RAISED_LOADED, 0.83, 0.083, DECIMAL",
        "alternator-case, post-minus, RAISED_LOADED, 0.28, 0.028, DECIMAL",
        "bplus, alternator-case, KEY_ON, 1.2, 12.0, DECIMAL",
        "relay-out, trigger, PILE_ALTERNATOR, 16.0, 1.60, ABOVE_SOURCE",
        "post-plus, battery-stud, PILE_STARTER, 0.998, 9.98, DECIMAL",
        "post-plus, bplus, RAISED_LOADED, -1.41, -14.1, DECIMAL"
    })
    void asksAboutWhatWasProbablyMeant(
            String red, String black, Condition condition, String typed, double meant, Kind kind) {
        Slip slip = asked(read(red, black, condition, typed, 0), BASE, CRANKED, CHARGED)
                .orElseThrow();
        assertThat(slip.kind()).isEqualTo(kind);
        assertThat(meant(slip)).isCloseTo(meant, within(1e-9));
    }

    /** Behind an open way the coils' volts stand; an engine that turns has none, and its joint may well lose as much. */
    @Test
    void aTenthOfTheSourceIsAskedAboutWhereNothingTurns() {
        Reading tenth = read("relay-out", "trigger", Condition.CRANKING, "1.09", 0);
        SlipRules.Vehicle click = new SlipRules.Vehicle(
                CAR,
                StartingLoop.of(CAR),
                20,
                true,
                false,
                false,
                OptionalDouble.empty(),
                false,
                SlipRules.Undone.NOTHING);
        assertThat(meant(SlipRules.atEntry(click, new Readings(List.of(BASE)), tenth)
                        .orElseThrow()))
                .isCloseTo(10.9, within(1e-9));
        assertThat(asked(tenth, BASE)).isEmpty();
    }

    @Test
    void oneBatteryOfASetThatShowsNextToNothingIsAskedAbout() {
        Circuit truck = ReadyMadeCircuits.named("truck-24v").orElseThrow();
        SlipRules.Vehicle vehicle =
                new SlipRules.Vehicle(truck, StartingLoop.of(truck), 20, true, OptionalDouble.empty());
        Readings before = new Readings(List.of(read("post-plus", "post-minus", Condition.REST, "25.2", 0)));
        Reading own = read("post-plus-a", "post-minus", Condition.REST, "1.263", 0);
        assertThat(meant(SlipRules.atEntry(vehicle, before, own).orElseThrow())).isCloseTo(12.63, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "bplus, post-plus, RAISED_LOADED, 0.00014, 0.14",
        "bplus, post-plus, RAISED_LOADED, 2.9, 0.29",
        "bplus, post-plus, RAISED_LOADED, 50, 0.05",
        "post-plus, post-minus, RAISED, 1.43, 14.3",
        "post-plus, post-minus, IDLE, 142, 14.2",
        "bplus, alternator-case, RAISED_LOADED, 1.452, 14.52"
    })
    void namesTheVoltsThatWereMeant(String red, String black, Condition condition, String typed, double meant) {
        Slip slip = asked(read(red, black, condition, typed, 0), BASE, CHARGED).orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.DECIMAL);
        assertThat(meant(slip)).isCloseTo(meant, within(1e-9));
    }

    @Test
    void aDigitFinerThanTheMeterShowedBeforeIsAskedAboutOnce() {
        Reading before = read("post-plus", "battery-stud", Condition.CRANKING, "0.19", 0);
        Reading fine = read("starter-case", "post-minus", Condition.CRANKING, "0.0148", 0);
        Slip slip = asked(fine, BASE, CRANKED, before).orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.DECIMAL);
        assertThat(meant(slip)).isCloseTo(0.148, within(1e-9));
        Reading milli = read("starter-case", "post-minus", Condition.CRANKING, "14.8m", 0);
        assertThat(asked(milli, BASE, CRANKED, before)).isEmpty();
        Reading again = read("starter-case", "post-minus", Condition.CRANKING, "0.0150", 0);
        assertThat(asked(again, BASE, CRANKED, before, fine)).isEmpty();
    }

    @Test
    void aMeterOnAcShowsTwiceTheVoltsAndMore() {
        Slip slip = asked(read("post-plus", "post-minus", Condition.RAISED, "31.3", 0), BASE, CHARGED)
                .orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.CONDITION);
        assertThat(slip.sentence()).contains("AC");
    }

    @Test
    void ampsTenTimesOffAreTheClampsFactor() {
        Reading before = read("post-plus", "post-minus", Condition.CRANKING, "11.10", 180);
        Slip beside = asked(read("starter-case", "post-minus", Condition.CRANKING, "0.15", 18), BASE, before)
                .orElseThrow();
        assertThat(beside.kind()).isEqualTo(Kind.CURRENT);
        assertThat(beside.choices().get(0).label()).contains("180 A");
        Slip byPosts = asked(read("post-plus", "post-minus", Condition.CRANKING, "11.10", 1800), BASE)
                .orElseThrow();
        assertThat(byPosts.choices()).extracting(Slip.Choice::answer).containsExactly(Answer.REPEAT, Answer.AS_READ);
        assertThat(byPosts.choices().get(0).label()).contains("180 A");
    }

    @Test
    void whatOrdinaryVehiclesShowIsNotAskedAbout() {
        Reading tapered = read("bplus", "post-plus", Condition.RAISED, "0.05", 21);
        assertThat(asked(read("post-plus", "post-minus", Condition.CRANKING, "10.4", 240), BASE))
                .isEmpty();
        assertThat(asked(read("bplus", "post-plus", Condition.RAISED_LOADED, "0.31", 70), BASE, CHARGED, tapered))
                .isEmpty();
        assertThat(asked(read("post-plus", "post-minus", Condition.IDLE_LOADED, "12.3", 0), BASE, CHARGED))
                .isEmpty();
        Reading low = read("post-plus", "post-minus", Condition.RAISED_LOADED, "13.5", 0);
        assertThat(asked(read("bplus", "post-plus", Condition.RAISED_LOADED, "0.83", 0), BASE, low))
                .isEmpty();
        assertThat(asked(read("post-plus", "bplus", Condition.RAISED_LOADED, "-0.31", 0), BASE, CHARGED))
                .isEmpty();
    }
}
