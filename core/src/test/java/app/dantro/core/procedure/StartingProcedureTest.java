package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.finding.Standing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.network.VehicleState;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class StartingProcedureTest {
    private static final Circuit CIRCUIT = ReadyMadeCircuits.petrolBodyReturn();
    private static final SeriesLoop VAN = StartingLoop.of(CIRCUIT);
    private static final int MOST_READINGS_TO_VERDICT = 9;

    private final OrderOfWork order = new OrderOfWork();

    static Stream<String> wiring() {
        return VAN.parts().stream().map(p -> p.id().value());
    }

    @ParameterizedTest
    @MethodSource("wiring")
    void leadsToEveryBadPartAndToAVerifiedRepair(String bad) {
        FollowedJob job = new FollowedJob(CIRCUIT, VehicleState.healthy().with(PartId.of(bad), 0.02), new Random(7));
        Step step = job.followUntil(Kind.REPAIR);
        assertThat(step.part()).contains(PartId.of(bad));
        assertThat(job.readings).hasSizeLessThanOrEqualTo(MOST_READINGS_TO_VERDICT);
        job.repair(step.part().orElseThrow());
        assertThat(order.assess(Loop.STARTING, job.evidence()).stage()).isEqualTo(Stage.RETEST);
        job.followUntil(Kind.COMPLAINT_TEST);
        job.passes();
        Assessment end = order.assess(Loop.STARTING, job.evidence());
        assertThat(end.stage()).isEqualTo(Stage.VERIFIED);
        assertThat(end.next().why()).matches("Across the .*: \\d\\.\\d+ V before the repair, 0\\.0\\d+ V after\\..*");
        assertThat(end.findings().standing(PartId.of(bad))).isEqualTo(Standing.CLEARED);
        assertThat(end.findings().standing(VAN.starter().id())).isEqualTo(Standing.CLEARED);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void neverCondemnsAnythingOnAHealthyVehicle(long seed) {
        FollowedJob job = new FollowedJob(CIRCUIT, VehicleState.healthy(), new Random(seed));
        job.followUntil(Kind.LOOK_ELSEWHERE);
        assertThat(order.assess(Loop.STARTING, job.evidence()).findings().withStanding(Standing.FAULTY))
                .isEmpty();
        assertThat(order.assess(Loop.STARTING, job.evidence()).findings().withStanding(Standing.SUSPECT))
                .isEmpty();
    }

    @Test
    void findsASecondFaultAfterTheFirstIsRepaired() {
        VehicleState two =
                VehicleState.healthy().with(PartId.of("strap-end-block"), 0.02).with(PartId.of("stud-joint"), 0.008);
        FollowedJob job = new FollowedJob(CIRCUIT, two, new Random(3));
        for (int repairs = 0; repairs < 2; repairs++) {
            job.repair(job.followUntil(Kind.REPAIR).part().orElseThrow());
        }
        job.followUntil(Kind.COMPLAINT_TEST);
        assertThat(job.repairs)
                .extracting(r -> r.part().value())
                .containsExactlyInAnyOrder("strap-end-block", "stud-joint");
    }

    @Test
    void asksForAChargedBatteryBeforeAnythingIsCranked() {
        Step step = order.assess(Loop.STARTING, evidence(base("12.1"))).next();
        assertThat(step.kind()).isEqualTo(Kind.CHARGE);
        assertThat(step.cautions()).anyMatch(c -> c.contains("frozen"));
    }

    @Test
    void asksToRemoveSurfaceChargeOnce() {
        assertThat(order.assess(Loop.STARTING, evidence(base("12.9"))).next().why())
                .contains("surface charge");
        ProbePlan plan = order.assess(Loop.STARTING, evidence(base("12.9"), base("12.8")))
                .next()
                .probe()
                .orElseThrow();
        assertThat(plan.condition()).isEqualTo(Condition.CRANKING);
    }

    @Test
    void asksForTheCurrentWhenASideIsOnlyNotTheCause() {
        FollowedJob job = new FollowedJob(CIRCUIT, VehicleState.healthy(), new Random(5));
        job.withClamp = false;
        Step step = null;
        for (int i = 0; i < 5; i++) {
            step = order.assess(Loop.STARTING, job.evidence()).next();
            job.measure(step.probe().orElseThrow());
        }
        assertThat(order.assess(Loop.STARTING, job.evidence()).findings().withStanding(Standing.CLEARED))
                .isEmpty();
        assertThat(step.kind()).isEqualTo(Kind.MEASURE);
    }

    @Test
    void aFailedComplaintTestNeverBlamesTheStarter() {
        FollowedJob job = new FollowedJob(
                CIRCUIT, VehicleState.healthy().with(PartId.of("strap-end-block"), 0.02), new Random(1));
        job.repair(job.followUntil(Kind.REPAIR).part().orElseThrow());
        job.followUntil(Kind.COMPLAINT_TEST);
        job.tests.add(new ComplaintTest(UUID.randomUUID(), false, "", Long.MAX_VALUE));
        Assessment asked = order.assess(Loop.STARTING, job.evidence());
        assertThat(asked.next().toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.CRANKS);
        assertThat(asked.findings().standing(VAN.starter().id())).isEqualTo(Standing.NOT_PROVEN);
        Statement normally = new Statement(UUID.randomUUID(), Topic.CRANKS, "NORMALLY", "", Long.MAX_VALUE);
        Assessment end = order.assess(Loop.STARTING, job.evidence().with(Statements.of(List.of(normally))));
        assertThat(end.stage()).isEqualTo(Stage.ELSEWHERE);
        assertThat(end.findings().standing(VAN.starter().id())).isEqualTo(Standing.NOT_PROVEN);
    }

    @Test
    void readingsThatContradictEachOtherAreReadAgainBeforeAnythingIsConcluded() {
        Step step = order.assess(
                        Loop.STARTING,
                        evidence(
                                base("12.6"),
                                cranking("post-plus", "post-minus", "11.55", 155),
                                cranking("post-plus", "motor-stud", "0.20", 155),
                                cranking("starter-case", "body", "0.11", 155),
                                cranking("body", "post-minus", "0.07", 155),
                                cranking("starter-case", "post-minus", "1.95", 155)))
                .next();
        assertThat(step.kind()).isEqualTo(Kind.MEASURE);
        assertThat(step.title()).isEqualTo("Again: Starter case to battery − post");
        assertThat(step.why()).contains("1.95 V").contains("leave 0.18 V");
    }

    @Test
    void everyStepThatCranksCarriesItsCautions() {
        Step step = order.assess(Loop.STARTING, evidence(base("12.6"))).next();
        assertThat(step.probe().orElseThrow().condition()).isEqualTo(Condition.CRANKING);
        assertThat(step.cautions()).anyMatch(c -> c.contains("neutral")).anyMatch(c -> c.contains("2 min"));
    }

    private static CaseRecord evidence(Reading... readings) {
        return CaseRecord.of(
                CIRCUIT, 20, Stream.of(readings).map(RecordedReading::of).toList(), List.of(), List.of());
    }
}
