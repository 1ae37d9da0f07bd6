package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Standing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.VehicleState;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.profile.ProfileReason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ChargingProcedureTest {
    private static final Circuit TRUCK = ReadyMadeCircuits.named("truck-24v").orElseThrow();
    private final List<RecordedReading> readings = new ArrayList<>();
    private final List<Repair> repairs = new ArrayList<>();
    private Statements said = Statements.none();
    private VehicleState state =
            VehicleState.healthy().with(new Fault.AddedResistance(PartId.of("fuse-joint-in"), 0.012));

    @Test
    void takesItsReadingsInOrderAndCallsNoPartBad() {
        assertThat(follow())
                .containsExactly(
                        "Base voltage at the posts",
                        "Voltage at idle, loads off",
                        "Regulated voltage at the posts",
                        "Loaded voltage at the posts",
                        "Alternator's own voltage, loaded",
                        "Whole supply side, loaded",
                        "Whole return side, loaded");
        Assessment assessed = assess();
        assertThat(assessed.next().kind()).isEqualTo(Kind.LOOK_ELSEWHERE);
        assertThat(assessed.findings().headline()).contains("7 of 7").contains("not judged");
        assertThat(assessed.findings().parts()).noneMatch(p -> p.standing() == Standing.FAULTY);
    }

    @Test
    void itsProfileAddsUpToTheWholeSideAsRead() {
        follow();
        LoopProfile profile = assess().profile();
        assertThat(profile.loop()).isEqualTo(Loop.CHARGING);
        double whole = profile.supply().wholeVolts().orElseThrow();
        assertThat(whole).isGreaterThan(1.0);
        assertThat(profile.supply().steps().stream()
                        .mapToDouble(LoopProfile.Step::volts)
                        .sum())
                .isCloseTo(whole, within(1e-9));
        assertThat(profile.supply().healthyUpperVolts()).isLessThan(whole);
        assertThat(profile.consumerVolts().orElseThrow().measured()).isTrue();
        LoopProfile.Split split = profile.split().orElseThrow();
        assertThat(split.batteryAmps() + split.loadAmps()).isCloseTo(profile.amps(), within(0.5));
        assertThat(split.measured()).isFalse();
        assertThat(split.mostSumVolts()).isEqualTo(1.0);
        assertThat(split.batteryAmps()).isPositive();
    }

    @Test
    void afterARepairThePartItsSideAndWhatItBringsAreReadAgain() {
        follow();
        read("charge-end", "fuse-in", Condition.RAISED_LOADED);
        state = VehicleState.healthy();
        repairs.add(new Repair(UUID.randomUUID(), PartId.of("fuse-joint-in"), Repair.Action.REMADE, "", newest()));
        List<String> again = follow();
        assertThat(again)
                .containsExactly(
                        "Retest across the charge cable end at the fuse",
                        "Whole supply side, loaded",
                        "Loaded voltage at the posts");
        assertThat(assess().next().kind()).isEqualTo(Kind.COMPLAINT_TEST);
    }

    /** 12 mΩ at the truck's current take more than the 1.0 V of the sum; without them both sides together pass. */
    @Test
    void theFastWayReadsTheSidesOnlyIfSourceAndBatteryPart() {
        said = Statements.of(List.of(new Statement(UUID.randomUUID(), Topic.SIDES_READ, "COMPARE", "", 1)));
        assertThat(follow()).contains("Whole supply side, loaded", "Whole return side, loaded");
        LoopProfile.Parted parted = assess().profile().parted().orElseThrow();
        assertThat(parted.because().words()).contains("allows 1.00 V: the wiring takes it");

        readings.clear();
        state = VehicleState.healthy();
        assertThat(follow())
                .endsWith("Loaded voltage at the posts", "Alternator's own voltage, loaded")
                .doesNotContain("Whole supply side, loaded");
        assertThat(assess().findings().headline()).contains("5 of 5");
        assertThat(assess().profile().parted().orElseThrow().because().kind()).isEqualTo(ProfileReason.NO_SIDE_NEEDED);
    }

    private Assessment assess() {
        return new OrderOfWork()
                .assess(
                        Loop.CHARGING,
                        CaseRecord.of(TRUCK, 20, readings, repairs, List.of()).with(said));
    }

    /** Takes what is asked for; titles in the order they came. */
    private List<String> follow() {
        List<String> titles = new ArrayList<>();
        for (Step step = assess().next(); step.probe().isPresent() && titles.size() < 20; step = assess().next()) {
            ProbePlan plan = step.probe().orElseThrow();
            titles.add(step.title());
            read(plan.red().value(), plan.black().value(), plan.condition());
        }
        return titles;
    }

    private void read(String red, String black, Condition condition) {
        double volts = new NetworkSolver(TRUCK)
                .solve(condition, state)
                .orThrow()
                .between(app.dantro.core.circuit.PointId.of(red), app.dantro.core.circuit.PointId.of(black));
        readings.add(RecordedReading.of(SampleReadings.of(
                red, black, condition, String.format(Locale.ROOT, "%.3f", volts), Current.unknown())));
    }

    private long newest() {
        return readings.get(readings.size() - 1).reading().takenAtMillis();
    }
}
