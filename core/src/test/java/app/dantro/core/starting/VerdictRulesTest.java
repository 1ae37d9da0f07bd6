package app.dantro.core.starting;

import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.crankingWithoutAmps;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Side;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ReadingState;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.slip.Slip;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** When the drops alone call a part faulty, and when they do not. */
class VerdictRulesTest extends VanRules {
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
}
