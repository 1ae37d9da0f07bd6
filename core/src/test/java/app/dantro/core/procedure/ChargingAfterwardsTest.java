package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.Fault;
import app.dantro.core.network.VehicleState;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What follows once a vehicle that cranked badly was repaired. */
class ChargingAfterwardsTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private static final VehicleState BAD_JOINT = VehicleState.healthy().with(PartId.of("stud-joint"), 0.02);

    private final OrderOfWork order = new OrderOfWork();

    @Test
    void oneReadingOfChargingIsDueBeforeItGoes() {
        FollowedJob job = repaired(BAD_JOINT);
        job.passes();
        Step look = next(job);
        assertThat(look.probe().orElseThrow().condition()).isEqualTo(Condition.RAISED_LOADED);
        assertThat(look.probe().orElseThrow().red()).isEqualTo(CAR.plusPost());
        job.measure(look.probe().orElseThrow());
        assertThat(next(job).kind()).isEqualTo(Kind.DONE);
    }

    @Test
    void aMachineThatDoesNotChargeIsFollowedUp() {
        FollowedJob job = repaired(BAD_JOINT.with(new Fault.Open(PartId.of("charge-cable"))));
        job.passes();
        job.measure(next(job).probe().orElseThrow());
        Step further = next(job);
        assertThat(further.kind()).isEqualTo(Kind.MEASURE);
        assertThat(further.probe().orElseThrow().condition().running()).isTrue();
    }

    @Test
    void aFailedTestIsFollowedByHowItTurned() {
        FollowedJob job = repaired(BAD_JOINT);
        job.tests.add(new ComplaintTest(UUID.randomUUID(), false, "", Long.MAX_VALUE));
        assertThat(next(job).toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.CRANKS);
    }

    private static FollowedJob repaired(VehicleState state) {
        FollowedJob job = new FollowedJob(CAR, state, new Random(1));
        job.repair(job.followUntil(Kind.REPAIR).part().orElseThrow());
        job.followUntil(Kind.COMPLAINT_TEST);
        return job;
    }

    private Step next(FollowedJob job) {
        Statement slow = new Statement(UUID.randomUUID(), Topic.SYMPTOM, Answer.SLOW.name(), "", 0);
        CaseRecord said = job.evidence().with(Statements.of(List.of(slow)));
        return order.assess(Loop.STARTING, said).next();
    }
}
