package app.dantro.core.standing;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Doubt;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.starting.StartingRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class StandingsTest {
    private static final Circuit VAN = ReadyMadeCircuits.petrolBodyReturn();
    private static final PreparedCircuit PREPARED = PreparedCircuit.of(VAN, 20);
    private static final PartId STRAP_END = PartId.of("strap-end-block");
    private static final PartId ALTERNATOR = PartId.of("alternator");

    private final Reading rest = base("12.58");
    private final Reading posts = cranking("post-plus", "post-minus", "11.60", 150);
    private final Reading whole = cranking("starter-case", "post-minus", "3.20", 150);
    private final Reading across = cranking("block", "strap-engine", "3.03", 150);

    @Test
    void whatCarriesAVerdictIsNamedAndTheEstimateHoldsTheDropOverTheCurrent() {
        Findings found = judged(rest, posts, whole, across);
        PartFinding strap = found.of(STRAP_END);
        assertThat(strap.standing()).isEqualTo(Standing.FAULTY);
        Suspicion suspicion = strap.suspicion().orElseThrow();
        assertThat(suspicion.probability()).isGreaterThan(0.99);
        assertThat(suspicion.resistance().orElseThrow().medianOhms()).isCloseTo(3.03 / 150, within(0.15 * 3.03 / 150));
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
            ResistanceBelief belief =
                    found.of(STRAP_END).suspicion().orElseThrow().resistance().orElseThrow();
            assertThat(belief.medianOhms()).isCloseTo(direct, within(1e-9));
            assertThat(belief.lowOhms()).isBetween(0.93 * direct, direct);
            assertThat(belief.highOhms()).isBetween(direct, 1.07 * direct);
        }
    }

    @Test
    void aStruckReadingChangesNoResult() {
        Findings without = judged(rest, posts, whole);
        RecordedReading struck = new RecordedReading(across, Optional.empty(), Optional.empty(), true);
        List<RecordedReading> all = new ArrayList<>(
                Stream.of(rest, posts, whole).map(RecordedReading::of).toList());
        all.add(struck);
        Findings with = judged(evidence(all, List.of()));
        assertThat(with.parts()).isEqualTo(without.parts());
        assertThat(with.headline()).isEqualTo(without.headline());
    }

    @Test
    void aDeviceIsNeverFaultyByReadingsAloneAndSaysWhatHasToBeSeen() {
        Findings found = judged(
                rest,
                of("post-plus", "post-minus", Condition.RAISED, "12.53", Current.unknown()),
                of("bplus", "alternator-case", Condition.RAISED, "12.48", Current.unknown()),
                of("bplus", "post-plus", Condition.RAISED, "-0.0086", Current.unknown()),
                of("bplus", "alternator-case", Condition.RAISED_LOADED, "12.10", Current.unknown()));
        PartFinding alternator = found.of(ALTERNATOR);
        assertThat(alternator.suspicion().orElseThrow().probability()).isGreaterThan(0.95);
        assertThat(alternator.standing()).isEqualTo(Standing.SUSPECT);
        assertThat(alternator.by()).isEqualTo(StandingRule.CALLED_UNSEEN);
        assertThat(alternator.missing()).extracting(Reason::kind).containsExactly(Requirement.BELT, Requirement.PLUG);
    }

    @Test
    void aPartOffTheLoopIsClearedOnlyWhereItsCurrentWasMeasured() {
        Current clamp = Current.of(77, Current.How.CLAMP);
        Reading supply = of("bplus", "post-plus", Condition.RAISED_LOADED, "0.130", clamp);
        Reading returns = of("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.0310", clamp);
        PartId cable = PartId.of("charge-cable");
        assertThat(judged(rest, supply, returns).of(cable).standing()).isEqualTo(Standing.CLEARED);
        Reading unmeasured = of("bplus", "post-plus", Condition.RAISED_LOADED, "0.130", Current.unknown());
        PartFinding open = judged(rest, unmeasured, returns).of(cable);
        assertThat(open.standing()).isEqualTo(Standing.NOT_PROVEN);
        assertThat(open.says()).startsWith("Not the cause by all readings, not certified");
        assertThat(judged(rest, posts).of(cable).standing()).isEqualTo(Standing.NOT_PROVEN);
    }

    @Test
    void aSlipIsNamedWithWhatWouldFit() {
        Findings found = judged(
                rest,
                cranking("post-plus", "post-minus", "11.40", 170),
                cranking("post-plus", "battery-stud", "0.150", 170),
                cranking("battery-stud", "motor-stud", "0.085", 170),
                cranking("post-plus", "motor-stud", "2.35", 170));
        assertThat(found.doubts()).hasSize(1);
        Doubt doubt = found.doubts().get(0);
        assertThat(doubt.sentence()).contains("reads 2.35 V", "one decimal place too large", "Read it again");
        assertThat(Math.abs(doubt.residualSigmas())).isGreaterThan(10);
        assertThat(found.withStanding(Standing.FAULTY)).isEmpty();
    }

    @Test
    void aRepairMakesTheOldReadingsHistoryAndItsForecastIsHeldAgainstTheRetest() {
        long done = across.takenAtMillis() + 1;
        Repair repair = new Repair(new UUID(3, 3), STRAP_END, Repair.Action.REMADE, "", done);
        Reading retest = later(cranking("block", "strap-engine", "0.0260", 165), done + 10);
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

    private static Reading later(Reading r, long at) {
        return new Reading(
                r.id(),
                r.red(),
                r.black(),
                r.condition(),
                r.typed(),
                r.statistic(),
                r.current(),
                r.range(),
                r.called(),
                at);
    }

    private static Findings judged(Reading... readings) {
        return judged(evidence(recorded(readings), List.of()));
    }

    private static List<RecordedReading> recorded(Reading... readings) {
        return Stream.of(readings).map(RecordedReading::of).toList();
    }

    private static CaseRecord evidence(List<RecordedReading> readings, List<Repair> repairs) {
        return CaseRecord.of(VAN, 20, readings, repairs, List.of());
    }

    private static Findings judged(CaseRecord evidence) {
        return Standings.of(
                StartingRules.of(evidence), Judgement.of(PREPARED, CaseInference.of(evidence, Complaint.STARTING)));
    }
}
