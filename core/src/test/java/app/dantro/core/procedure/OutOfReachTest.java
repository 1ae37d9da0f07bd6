package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.OutOfReach;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A point that no probe gets to is planned around, and a stretch that cannot be split is opened up. */
class OutOfReachTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private static final PreparedCircuit PREPARED = PreparedCircuit.of(CAR, 20);
    private static final PointId SWITCH_OUT = PointId.of("switch-out");

    private final OrderOfWork order = new OrderOfWork();
    private final List<RecordedReading> readings = new ArrayList<>();
    private final List<Statement> said = new ArrayList<>();
    private final List<Repair> repairs = new ArrayList<>();
    private long clock = 1_000;

    OutOfReachTest() {
        say(Topic.SYMPTOM, "NOTHING");
        say(Topic.CLAMP, "NO");
        read("post-plus", "post-minus", Condition.REST, "12.60");
        read("post-plus", "relay-out", Condition.CRANKING, "11.90");
        read("interlock-out", "relay-out", Condition.CRANKING, "0.03");
        read("post-plus", "switch-in", Condition.CRANKING, "0.01");
    }

    @Test
    void noLeadIsPlannedWhereNoProbeGets() {
        assertThat(planned()).as("before it is said").anyMatch(p -> touches(p, SWITCH_OUT));
        say(Topic.OUT_OF_REACH, "switch-out, no-such-point");
        assertThat(planned()).noneMatch(p -> touches(p, SWITCH_OUT));
        say(Topic.OUT_OF_REACH, OutOfReach.NONE);
        assertThat(planned()).as("reached after all").anyMatch(p -> touches(p, SWITCH_OUT));
    }

    @Test
    void whatCannotBeSplitIsOpenedUpAndNamedByWhatIsSeen() {
        say(Topic.OUT_OF_REACH, "switch-out");
        Step open = assess().next();
        assertThat(open.kind()).as(open.title()).isEqualTo(Kind.PROVE);
        assertThat(open.title()).contains("ignition switch").contains("clutch or neutral switch");
        assertThat(open.toSee()).singleElement().satisfies(see -> {
            assertThat(see.topic()).isEqualTo(Topic.OPENED);
            assertThat(see.options()).extracting(Step.Option::value).contains("interlock", "ignition-switch", "-");
        });
        assertThat(assess().findings().parts())
                .as("nothing is faulty by readings alone")
                .noneMatch(p -> p.standing() == Standing.FAULTY);

        say(Topic.OPENED, "interlock");
        Step repair = assess().next();
        assertThat(repair.kind()).isEqualTo(Kind.REPAIR);
        assertThat(repair.part()).contains(PartId.of("interlock"));
    }

    @Test
    void whatNoReadingSpeaksAgainstIsNotFaultyBecauseSomebodySaysSo() {
        say(Topic.OUT_OF_REACH, "switch-out");
        for (String other : List.of("alternator", "starter-cable", "no-such-part", "<b>")) {
            say(Topic.OPENED, other);
            assertThat(assess().findings().parts()).as(other).noneMatch(p -> p.standing() == Standing.FAULTY);
        }
    }

    @Test
    void whereNoneOfThemLooksBadNothingIsRepaired() {
        say(Topic.OUT_OF_REACH, "switch-out");
        say(Topic.OPENED, OutOfReach.NONE);
        Step next = assess().next();
        assertThat(next.kind()).as(next.title()).isNotIn(Kind.REPAIR, Kind.DONE, Kind.CLOSE);
        assertThat(next.toSee()).noneMatch(see -> see.topic() == Topic.OPENED);
    }

    @Test
    void theRetestReadsAcrossTheLeastThatCanBeReached() {
        say(Topic.OUT_OF_REACH, "switch-out");
        say(Topic.OPENED, "interlock");
        clock += 60_000;
        repairs.add(new Repair(new UUID(3, 1), PartId.of("interlock"), Repair.Action.REPLACED, "", clock));
        ProbePlan retest = assess().next().probe().orElseThrow();
        assertThat(Stream.of(retest.red(), retest.black()))
                .containsExactlyInAnyOrder(PointId.of("switch-in"), PointId.of("interlock-out"));
        read("switch-in", "interlock-out", Condition.CRANKING, "0.12");
        assertThat(assess().next().title()).isNotEqualTo(retest.title());
    }

    private List<ProbePlan> planned() {
        Assessment said = assess();
        return Stream.concat(said.next().probe().stream(), said.standby().stream())
                .toList();
    }

    private static boolean touches(ProbePlan plan, PointId point) {
        return plan.red().equals(point) || plan.black().equals(point);
    }

    private Assessment assess() {
        CaseRecord record = CaseRecord.of(CAR, 20, readings, repairs, List.of()).with(Statements.of(said));
        return order.assess(Loop.STARTING, record, PREPARED);
    }

    private void say(Topic topic, String value) {
        clock += 1_000;
        said.add(new Statement(new UUID(2, said.size()), topic, value, "", clock));
    }

    private void read(String red, String black, Condition condition, String typed) {
        clock += 30_000;
        Reading reading = new Reading(
                new UUID(1, readings.size()),
                PointId.of(red),
                PointId.of(black),
                condition,
                TypedVolts.parse(typed),
                Statistic.SETTLED,
                Current.unknown(),
                Optional.empty(),
                false,
                clock);
        readings.add(new RecordedReading(reading, Optional.empty(), Optional.empty(), false));
    }
}
