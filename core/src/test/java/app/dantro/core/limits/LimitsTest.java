package app.dantro.core.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Loop;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Limits as docs/job.md gives them, and when one of the shop's own is in force. */
class LimitsTest {
    @ParameterizedTest
    @CsvSource({
        "21, 9.6",
        "16, 9.5",
        "10, 9.4",
        "4, 9.3",
        "-1, 9.1",
        "-7, 8.9",
        "-12, 8.7",
        "-18, 8.5",
        "-30, 8.5",
        "40, 9.6"
    })
    void theCrankingTableHoldsAtItsEntriesAndBeyondItsEnds(double celsius, double volts) {
        assertThat(CrankingLimit.voltsAt(celsius, 1)).isCloseTo(volts, within(1e-12));
        assertThat(CrankingLimit.voltsAt(celsius, 2)).isCloseTo(2 * volts, within(1e-12));
    }

    @Test
    void theCrankingLimitRisesWithTheHeatAndHasNoStep() {
        for (double celsius = -25; celsius < 30; celsius += 0.1) {
            double rise = CrankingLimit.voltsAt(celsius + 0.1, 1) - CrankingLimit.voltsAt(celsius, 1);
            assertThat(rise).isBetween(-1e-12, 0.005);
        }
    }

    @ParameterizedTest
    @EnumSource
    void aFullBlockIsFullAndAColdOneShowsALittleLess(StateOfCharge chemistry) {
        double full = chemistry.fullVolts();
        assertThat(chemistry.share(full, 25)).isEqualTo(1);
        assertThat(chemistry.share(full + 1, 25)).isEqualTo(1);
        assertThat(chemistry.share(5, 25)).isZero();
        assertThat(chemistry.share(full - 0.013, 15)).isCloseTo(1, within(1e-9));
        assertThat(chemistry.surfaceVolts()).isGreaterThan(full);
    }

    @Test
    void aReadingIsHeldAgainstTheVersionThatWasInForceWhenItWasTaken() {
        OwnSets sets = new OwnSets(List.of(version(2, 0.2, 200), version(1, 0.3, 100), withdrawn(3, 300)));
        assertThat(limitAt(sets, 150)).contains(0.3);
        assertThat(limitAt(sets, 200)).contains(0.2);
        assertThat(limitAt(sets, 50))
                .as("before it was made: its first version")
                .contains(0.3);
        assertThat(limitAt(sets, 300)).as("withdrawn").isEmpty();
        assertThat(sets.current()).isEmpty();
        assertThat(sets.at(Loop.CHARGING, 150)).isEmpty();
        assertThat(sets.at(Loop.STARTING, 250).get(0).name()).isEqualTo("Ours, version 2");
    }

    @ParameterizedTest
    @CsvSource({
        "0.20, 0.20, 0.001, true",
        "0.221, 0.20, 0.001, false",
        "0.219, 0.20, 0.001, true",
        "0.25, 0.20, 0.06, true"
    })
    void nearALimitIsATenthOfItOrTheMetersError(double volts, double limit, double error, boolean near) {
        assertThat(Margin.near(volts, limit, error)).isEqualTo(near);
    }

    @ParameterizedTest
    @CsvSource({"0.004, false", "0.005, true", "3, true", "3.01, false", "NaN, false"})
    void anOwnLimitMustBeADropThatWiringCanHave(double volts, boolean allowed) {
        assertThat(School.canAllow(volts)).isEqualTo(allowed);
    }

    private static Optional<Double> limitAt(OwnSets sets, long millis) {
        return sets.at(Loop.STARTING, millis).stream().findFirst().flatMap(School::supplyVolts);
    }

    private static OwnSets.Version version(int number, double volts, long since) {
        return new OwnSets.Version(
                Loop.STARTING, number, School.own("Ours", Optional.of(volts), Optional.empty(), "ours"), since);
    }

    private static OwnSets.Version withdrawn(int number, long since) {
        return new OwnSets.Version(
                Loop.STARTING, number, School.own("Ours", Optional.empty(), Optional.empty(), "ours"), since);
    }
}
