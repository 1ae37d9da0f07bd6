package app.dantro.core.starting;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.crankingWithoutAmps;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.PartId;
import app.dantro.core.fact.DropAnswer;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.profile.StartingProfile;
import app.dantro.core.reading.Reading;
import app.dantro.core.standing.RepairForecast;
import org.junit.jupiter.api.Test;

/** What the drops alone say of a start. */
class StartingRulesTest extends VanRules {
    private static final PartId BATTERY = PartId.of("battery");

    @Test
    void aSmallDropAtAKnownCurrentCertifiesEveryPartInIt() {
        Findings found = find(cranking("post-plus", "motor-stud", "0.205", 155));
        assertThat(verdict(found).answer()).isEqualTo(DropAnswer.CERTIFIED);
        assertThat(verdict(found).ohms())
                .hasValueSatisfying(ohms -> assertThat(ohms).isCloseTo(0.205 / 155, within(1e-12)));
        assertThat(van.supply())
                .allSatisfy(p -> assertThat(found.standing(p.id())).isEqualTo(Standing.CLEARED));
        assertThat(van.returns())
                .allSatisfy(p -> assertThat(found.standing(p.id())).isEqualTo(Standing.NOT_PROVEN));
    }

    @Test
    void withoutCurrentASmallDropIsNotTheCauseButNothingIsCleared() {
        Findings found = find(
                base("12.6"),
                crankingWithoutAmps("post-plus", "post-minus", "11.5"),
                crankingWithoutAmps("post-plus", "motor-stud", "0.21"));
        assertThat(verdict(found).answer()).isEqualTo(DropAnswer.NOT_THE_CAUSE);
        assertThat(found.withStanding(Standing.CLEARED)).isEmpty();
    }

    @Test
    void withoutAnyProofOfLoadThereIsNoAnswer() {
        assertThat(verdict(find(crankingWithoutAmps("post-plus", "motor-stud", "0.02")))
                        .answer())
                .isEqualTo(DropAnswer.NOT_PROVEN);
    }

    @Test
    void theBatteryIsJudgedByItsOwnResistance() {
        assertThat(find(base("12.58"), cranking("post-plus", "post-minus", "11.52", 155))
                        .standing(BATTERY))
                .isEqualTo(Standing.CLEARED);
        Reading weak = cranking("post-plus", "post-minus", "9.70", 150);
        assertThat(find(base("12.58"), weak).standing(BATTERY)).isEqualTo(Standing.SUSPECT);
        assertThat(find(base("12.58"), weak, cranking("post-plus", "post-minus", "9.72", 150))
                        .standing(BATTERY))
                .isEqualTo(Standing.FAULTY);
    }

    @Test
    void aBatteryIsNotJudgedFlatSurfaceChargedOrUnloaded() {
        Reading low = cranking("post-plus", "post-minus", "8.9", 150);
        assertThat(find(base("12.1"), low).standing(BATTERY)).isEqualTo(Standing.NOT_PROVEN);
        assertThat(find(base("12.9"), low).standing(BATTERY)).isEqualTo(Standing.NOT_PROVEN);
        assertThat(find(base("12.6"), cranking("post-plus", "post-minus", "12.5", 3))
                        .standing(BATTERY))
                .isEqualTo(Standing.NOT_PROVEN);
    }

    @Test
    void theProfileAddsUpAndCarriesBandsOnlyWhereNothingWasRead() {
        LoopProfile profile = StartingProfile.of(find(
                base("12.58"),
                cranking("post-plus", "post-minus", "11.70", 131),
                cranking("post-plus", "motor-stud", "0.17", 131),
                cranking("starter-case", "post-minus", "2.75", 131),
                cranking("block", "strap-engine", "2.62", 131)));
        double steps = profile.returns().steps().stream()
                .mapToDouble(LoopProfile.Step::volts)
                .sum();
        assertThat(steps).isCloseTo(2.75, within(0.05));
        LoopProfile.Step cliff = profile.returns().steps().get(1);
        assertThat(cliff.measured()).isTrue();
        assertThat(cliff.volts()).isCloseTo(2.62, within(0.05));
        assertThat(profile.consumerVolts().orElseThrow().volts()).isCloseTo(11.70 - 0.17 - 2.75, within(1e-9));
        assertThat(profile.consumerVolts().orElseThrow().measured()).isFalse();
    }

    @Test
    void theForecastTakesTheFaultAwayAndNothingElse() {
        Findings found = find(
                base("12.58"),
                cranking("starter-case", "post-minus", "2.75", 131),
                cranking("block", "strap-engine", "2.62", 131));
        RepairForecast forecast = RepairForecast.of(found, STRAP_END).orElseThrow();
        assertThat(forecast.rpm()).isGreaterThan(1.25 * forecast.rpmNow());
        // the strap carries the solenoid's and the engine's other currents too
        assertThat(forecast.dropVolts()).isBetween(0.15e-3 * forecast.amps(), 1.15 * 0.15e-3 * forecast.amps());
    }
}
