package app.dantro.core.starting;

import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Current.How;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class EachBatteryTest {
    private static final Circuit TWIN =
            ReadyMadeCircuits.named("reference-twin-diesel").orElseThrow();
    private static final Circuit TRUCK =
            ReadyMadeCircuits.named("reference-truck").orElseThrow();
    private static final Current NONE = Current.unknown();

    private final Reading secondRest = of("post-plus-b", "post-minus-b", Condition.REST, "12.58", NONE);
    private final Reading firstRest = of("post-plus", "post-minus", Condition.REST, "12.58", NONE);

    /** Link + 100 mΩ shares 343 to 17 A (docs/physics.md). */
    @Test
    void aBatteryThatDeliversNextToNothingIdlesBehindItsLinkAndIsNotJudged() {
        Reading crank = of("post-plus-b", "post-minus-b", Condition.CRANKING, "12.45", inLink(17));
        PartFinding second =
                finding(TWIN, "battery-b", firstRest, secondRest, crank).orElseThrow();
        assertThat(second.standing()).isEqualTo(Standing.NOT_PROVEN);
        assertThat(second.says()).contains("delivers 17 A", "idles behind its link");
        assertThat(second.missing()).extracting(Reason::kind).containsExactly(StartingReason.LINK_WHILE_CRANKING);
    }

    @Test
    void withoutAClampItsPostsTellThatItIdles() {
        Reading first = of("post-plus", "post-minus", Condition.CRANKING, "10.90", NONE);
        Reading second = of("post-plus-b", "post-minus-b", Condition.CRANKING, "12.44", NONE);
        assertThat(finding(TWIN, "battery-b", firstRest, secondRest, first, second)
                        .orElseThrow()
                        .says())
                .contains("stay at 12.44 V", "falls to 10.90 V");
    }

    /** (12.58 − 11.60) ÷ 175 A = 5.6 mΩ each; the first battery's share is what the link leaves of the whole. */
    @Test
    void eachOfTwoInParallelIsJudgedByItsOwnCurrent() {
        Reading whole = of("post-plus", "post-minus", Condition.CRANKING, "11.60", Current.of(350, How.CLAMP));
        Reading second = of("post-plus-b", "post-minus-b", Condition.CRANKING, "11.62", inLink(175));
        for (String battery : List.of("battery-a", "battery-b")) {
            PartFinding found =
                    finding(TWIN, battery, firstRest, secondRest, whole, second).orElseThrow();
            assertThat(found.standing()).as(battery).isEqualTo(Standing.CLEARED);
            assertThat(found.says()).contains("÷ 175 A");
        }
    }

    /** On a whole vehicle a joint lies between the post and the link; the link still carries that battery alone. */
    @Test
    void aClampAroundTheLinkBehindItsJointTellsTheBatterysOwnCurrent() {
        Circuit pickup = ReadyMadeCircuits.named("twin-battery-diesel").orElseThrow();
        Reading whole = of("post-plus", "post-minus", Condition.CRANKING, "11.60", Current.of(350, How.CLAMP));
        for (String cable : List.of("link-plus", "link-minus")) {
            Reading second = of(
                    "post-plus-b",
                    "post-minus-b",
                    Condition.CRANKING,
                    "11.62",
                    Current.in(PartId.of(cable), 175, How.CLAMP));
            for (String battery : List.of("battery-a", "battery-b")) {
                assertThat(finding(pickup, battery, firstRest, secondRest, whole, second)
                                .orElseThrow()
                                .says())
                        .as(cable)
                        .contains("÷ 175 A");
            }
        }
        Reading starter = of(
                "post-plus-b",
                "post-minus-b",
                Condition.CRANKING,
                "11.62",
                Current.in(PartId.of("starter-cable"), 350, How.CLAMP));
        assertThat(finding(pickup, "battery-b", secondRest, starter)
                        .orElseThrow()
                        .missing())
                .extracting(Reason::kind)
                .containsExactly(StartingReason.OWN_CRANKING_CURRENT);
    }

    @Test
    void twoBlocksOfUnequalChargeAreChargedEachOnItsOwn() {
        PartFinding lower = finding(
                        TRUCK,
                        "battery-a",
                        of("post-plus", "post-minus", Condition.REST, "25.0", NONE),
                        of("post-plus-a", "post-minus", Condition.REST, "12.30", NONE))
                .orElseThrow();
        assertThat(lower.standing()).isEqualTo(Standing.NOT_PROVEN);
        assertThat(lower.says()).contains("12.30 V at rest, the other 12.70 V", "charge each on its own");
    }

    @Test
    void aMissingCellShowsBetweenTheBlocks() {
        PartFinding lower = finding(
                        TRUCK,
                        "battery-a",
                        of("post-plus", "post-minus", Condition.REST, "23.2", NONE),
                        of("post-plus-a", "post-minus", Condition.REST, "10.5", NONE))
                .orElseThrow();
        assertThat(lower.standing()).isEqualTo(Standing.SUSPECT);
        assertThat(lower.says()).contains("about a cell is missing");
    }

    @Test
    void aSingleBatteryHasNoFindingOfItsOwn() {
        Circuit car = ReadyMadeCircuits.named("reference-car").orElseThrow();
        CaseRecord evidence = evidence(car, firstRest);
        assertThat(new EachBattery(evidence).findings()).isEmpty();
    }

    private static Current inLink(double amps) {
        return Current.in(PartId.of("link-plus"), amps, How.CLAMP);
    }

    private static Optional<PartFinding> finding(Circuit circuit, String battery, Reading... readings) {
        return new EachBattery(evidence(circuit, readings))
                .findings().stream()
                        .filter(f -> f.part().equals(PartId.of(battery)))
                        .findFirst();
    }

    private static CaseRecord evidence(Circuit circuit, Reading... readings) {
        return CaseRecord.of(
                circuit, 20, Stream.of(readings).map(RecordedReading::of).toList(), List.of(), List.of());
    }
}
