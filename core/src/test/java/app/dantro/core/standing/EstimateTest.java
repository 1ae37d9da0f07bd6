package app.dantro.core.standing;

import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a part is thought to have, what carries it, and what its repair would change. */
class EstimateTest extends VanStandings {
    private static final PartId STRAP_END = PartId.of("strap-end-block");

    @Test
    void whatCarriesAVerdictIsNamedAndTheEstimateHoldsTheDropOverTheCurrent() {
        Findings found = judged(rest, posts, whole, across);
        PartFinding strap = found.of(STRAP_END);
        assertThat(strap.standing()).isEqualTo(Standing.FAULTY);
        Suspicion suspicion = strap.suspicion().orElseThrow();
        assertThat(suspicion.probability()).isGreaterThan(0.99);
        assertThat(suspicion.resistance().get().orElseThrow().medianOhms())
                .isCloseTo(3.03 / 150, within(0.15 * 3.03 / 150));
        assertThat(found.headline()).startsWith("Faulty: the strap end on the block.");
    }

    @Test
    void theEstimateIsCentredOnWhatWasReadAcross() {
        for (String[] volts :
                new String[][] {{"3.20", "3.03", "150"}, {"0.769", "0.600", "167"}, {"2.40", "2.30", "116"}}) {
            double amps = Double.parseDouble(volts[2]);
            double direct = Double.parseDouble(volts[1]) / amps;
            Findings found = judged(
                    rest,
                    cranking("starter-case", "post-minus", volts[0], amps),
                    cranking("block", "strap-engine", volts[1], amps));
            ResistanceBelief belief = found.of(STRAP_END)
                    .suspicion()
                    .orElseThrow()
                    .resistance()
                    .get()
                    .orElseThrow();
            assertThat(belief.medianOhms()).isCloseTo(direct, within(1e-9));
            assertThat(belief.lowOhms()).isBetween(0.93 * direct, direct);
            assertThat(belief.highOhms()).isBetween(direct, 1.07 * direct);
        }
    }

    @Test
    void aRepairMakesTheOldReadingsHistoryAndItsForecastIsHeldAgainstTheRetest() {
        long done = across.takenAtMillis() + 1;
        Repair repair = new Repair(new UUID(3, 3), STRAP_END, Repair.Action.REMADE, "", done);
        Reading retest = SampleReadings.takenAt(cranking("block", "strap-engine", "0.0260", 165), done + 10);
        List<RecordedReading> all = Stream.of(rest, posts, whole, across, retest)
                .map(RecordedReading::of)
                .toList();
        CaseRecord evidence = evidence(all, List.of(repair));
        Findings found = judged(evidence);
        assertThat(found.of(STRAP_END).suspicion().orElseThrow().probability()).isLessThan(0.02);
        RetestCheck check = RetestCheck.of(evidence, Foretold.by(PREPARED, Complaint.STARTING)).stream()
                .filter(c -> c.what() == WhatIf.Kind.ACROSS_CRANKING)
                .findFirst()
                .orElseThrow();
        assertThat(check.predictedVolts()).isCloseTo(0.025, within(0.015));
        assertThat(check.measuredVolts()).hasValue(0.026);
    }

    @Test
    void whatARepairWouldChangeIsForetold() {
        WhatIf whatIf = WhatIf.of(
                        Judgement.of(
                                        PREPARED,
                                        CaseInference.of(
                                                evidence(recorded(rest, posts, whole, across), List.of()),
                                                Complaint.STARTING))
                                .posterior(),
                        STRAP_END)
                .orElseThrow();
        WhatIf.Line motor = line(whatIf, WhatIf.Kind.MOTOR);
        assertThat(motor.now()).isCloseTo(11.60 - 3.20 - 0.2, within(0.25));
        assertThat(motor.after()).isBetween(10.6, 11.4);
        WhatIf.Line speed = line(whatIf, WhatIf.Kind.SPEED);
        assertThat(speed.after()).isGreaterThan(speed.now() + 30);
    }

    private static WhatIf.Line line(WhatIf whatIf, WhatIf.Kind kind) {
        return whatIf.lines().stream().filter(l -> l.kind() == kind).findFirst().orElseThrow();
    }
}
