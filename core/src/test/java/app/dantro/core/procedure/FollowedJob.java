package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.UUID;

/** A job on a simulated vehicle, followed step by step. */
final class FollowedJob {
    private static final double FLUTTER = 0.005;
    private VehicleState state;
    private final OrderOfWork order = new OrderOfWork();
    private final Circuit circuit;
    private final Random random;
    final List<RecordedReading> readings = new ArrayList<>();
    final List<Repair> repairs = new ArrayList<>();
    final List<ComplaintTest> tests = new ArrayList<>();
    boolean withClamp = true;

    FollowedJob(Circuit circuit, VehicleState state, Random random) {
        this.circuit = circuit;
        this.state = state;
        this.random = random;
    }

    CaseRecord evidence() {
        return CaseRecord.of(circuit, 20, readings, repairs, tests);
    }

    Step followUntil(Kind kind) {
        for (int i = 0; i < 25; i++) {
            Step step = order.assess(Loop.STARTING, evidence()).next();
            if (step.kind() == kind) {
                return step;
            }
            measure(step.probe().orElseThrow(() -> new AssertionError("stuck at " + step)));
        }
        throw new AssertionError("no " + kind + " after 25 readings");
    }

    void measure(ProbePlan plan) {
        OperatingPoint point =
                new NetworkSolver(circuit).solve(plan.condition(), state).orThrow();
        double volts = point.between(plan.red(), plan.black()) * (1 + FLUTTER * random.nextGaussian());
        Current current = plan.condition() == Condition.REST || !withClamp
                ? Current.unknown()
                : Current.of(Math.round(point.starterAmps()), Current.How.CLAMP);
        readings.add(RecordedReading.of(SampleReadings.of(
                plan.red().value(),
                plan.black().value(),
                plan.condition(),
                String.format(Locale.ROOT, "%.3f", volts),
                current)));
    }

    void repair(PartId part) {
        state = state.repaired(part);
        long now = readings.get(readings.size() - 1).reading().takenAtMillis();
        repairs.add(new Repair(UUID.randomUUID(), part, Repair.Action.CLEANED, "", now));
    }

    void passes() {
        tests.add(new ComplaintTest(UUID.randomUUID(), true, "", Long.MAX_VALUE));
    }
}
