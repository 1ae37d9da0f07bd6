package app.dantro.core.starting;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.crankingWithoutAmps;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.fact.DropAnswer;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.profile.StartingProfile;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ReadingState;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.slip.Slip;
import app.dantro.core.standing.RepairForecast;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class StartingRulesTest {
    private static final PartId STRAP_END = PartId.of("strap-end-block");
    private static final PartId BATTERY = PartId.of("battery");

    private final SeriesLoop van = StartingLoop.of(ReadyMadeCircuits.petrolBodyReturn());

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
    void withoutCurrentALargeDropMakesSuspectsButNeverAFaultyPart() {
        Findings found = find(
                crankingWithoutAmps("starter-case", "post-minus", "2.7"),
                crankingWithoutAmps("block", "strap-engine", "2.6"));
        assertThat(found.standing(STRAP_END)).isEqualTo(Standing.SUSPECT);
        assertThat(found.of(STRAP_END).missing()).extracting(Reason::kind).contains(StartingReason.CURRENT_ACROSS);
    }

    @Test
    void nearTheLimitNothingIsClearedOrCondemned() {
        double upper = van.between(
                        van.ends(Side.RETURN).getKey(), van.ends(Side.RETURN).getValue())
                .upperOhms(20);
        String typed = String.format(java.util.Locale.ROOT, "%.3f", 155 * upper * 1.05);
        Findings found = find(cranking("starter-case", "post-minus", typed, 155));
        assertThat(verdict(found).marginal()).isTrue();
        assertThat(found.withStanding(Standing.CLEARED)).isEmpty();
        assertThat(found.withStanding(Standing.SUSPECT)).isEmpty();
    }

    @Test
    void aPartIsFaultyOnlyWhenReadAcrossAndBorneOutByASecondReading() {
        Reading across = cranking("block", "strap-engine", "2.62", 131);
        assertThat(find(across).standing(STRAP_END)).isEqualTo(Standing.SUSPECT);
        Findings found = find(cranking("starter-case", "post-minus", "2.75", 131), across);
        assertThat(found.standing(STRAP_END)).isEqualTo(Standing.FAULTY);
        assertThat(found.of(STRAP_END).says()).contains("20.0 mΩ").contains("2.62 V of the 2.75 V");
        assertThat(found.withStanding(Standing.SUSPECT)).isEmpty();
        assertThat(found.headline()).contains("Faulty: the strap end on the block.");
    }

    @Test
    void oneBadJointDoesNotExcuseASecondOne() {
        Findings found = find(
                cranking("starter-case", "post-minus", "2.75", 131), cranking("block", "strap-engine", "1.50", 131));
        assertThat(found.standing(STRAP_END)).isEqualTo(Standing.FAULTY);
        assertThat(found.withStanding(Standing.SUSPECT))
                .contains(PartId.of("post-joint-minus"))
                .doesNotContain(STRAP_END);
    }

    @Test
    void aReadingThatDoesNotAddUpKeepsThePartFromBeingCondemned() {
        Findings found = find(
                cranking("starter-case", "post-minus", "1.75", 131),
                cranking("starter-case", "block", "0.012", 131),
                cranking("strap-engine", "post-minus", "0.12", 131),
                cranking("block", "strap-engine", "2.62", 131));
        assertThat(found.contradictions()).isNotEmpty();
        assertThat(found.standing(STRAP_END)).isEqualTo(Standing.SUSPECT);
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
    void aRepairRetiresWhatWasReadAlongItsPath() {
        Reading supply = cranking("post-plus", "motor-stud", "0.20", 131);
        Reading whole = cranking("starter-case", "post-minus", "2.75", 131);
        Reading across = cranking("block", "strap-engine", "2.62", 131);
        Repair repair = new Repair(UUID.randomUUID(), STRAP_END, Repair.Action.CLEANED, "", across.takenAtMillis());
        CaseRecord evidence = CaseRecord.of(
                ReadyMadeCircuits.petrolBodyReturn(), 20, recorded(supply, whole, across), List.of(repair), List.of());
        assertThat(evidence.counted()).containsExactly(supply);
        assertThat(evidence.stateOf(RecordedReading.of(whole))).isEqualTo(ReadingState.BEFORE_REPAIR);
        assertThat(StartingRules.of(evidence).standing(STRAP_END)).isEqualTo(Standing.NOT_PROVEN);
    }

    @Test
    void aReadingWithAnOpenQuestionWaitsAndItsAnswerIsWorkedIn() {
        Reading typed = cranking("post-plus", "motor-stud", "2.00", 155);
        Slip slip = new Slip(
                Slip.Kind.DECIMAL, "?", List.of(new Slip.Choice(Slip.Answer.MEANT, "0.200 V", Optional.of(0.2))));
        RecordedReading asked = new RecordedReading(typed, Optional.of(slip), Optional.empty(), false);
        CaseRecord waiting =
                CaseRecord.of(ReadyMadeCircuits.petrolBodyReturn(), 20, List.of(asked), List.of(), List.of());
        assertThat(waiting.counted()).isEmpty();
        RecordedReading answered = new RecordedReading(typed, Optional.of(slip), Optional.of(Slip.Answer.MEANT), false);
        Reading effective = CaseRecord.of(
                        ReadyMadeCircuits.petrolBodyReturn(), 20, List.of(answered), List.of(), List.of())
                .counted()
                .newest()
                .orElseThrow();
        assertThat(effective.volts()).isEqualTo(0.2);
        assertThat(effective.typed().text()).isEqualTo("2.00");
        assertThat(effective.resolutionVolts()).isCloseTo(0.001, within(1e-9));
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

    private Findings find(Reading... readings) {
        return StartingRules.of(
                CaseRecord.of(ReadyMadeCircuits.petrolBodyReturn(), 20, recorded(readings), List.of(), List.of()));
    }

    private static List<RecordedReading> recorded(Reading... readings) {
        return Stream.of(readings).map(RecordedReading::of).toList();
    }

    private static DropVerdict verdict(Findings found) {
        return found.verdicts().get(found.verdicts().size() - 1);
    }
}
