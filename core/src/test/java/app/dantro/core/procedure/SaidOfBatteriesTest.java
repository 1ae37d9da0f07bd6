package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What is said of batteries and of charging goes into the work. */
class SaidOfBatteriesTest extends SaidCases {
    @Test
    void aBatteryFreshFromTheChargerIsReadAgainBelowTheUsualMarkToo() {
        List<Reading> charged = List.of(base("12.68"));
        assertThat(rules(charged).next().why()).doesNotContain("surface charge");
        assertThat(rules(charged, said(Topic.CHARGER, "YES")).next().why())
                .contains("12.60 V")
                .contains("surface charge");
        assertThat(rules(charged, said(Topic.CHARGER, "YES")).next().toSee())
                .extracting(Step.ToSee::topic)
                .containsExactly(Topic.SURFACE_CHARGE);
    }

    /** Both give way alike under the starter: charging tells a flat one from a worn one, and the starter stays out of it. */
    @Test
    void aWeakBatteryOfTwoIsSuspectedBeforeTheStarter() {
        Circuit pickup = ReadyMadeCircuits.named("twin-battery-diesel").orElseThrow();
        PartId second = PartId.of("battery-b");
        List<Reading> weak = List.of(
                base("12.61"),
                SampleReadings.of("post-plus-b", "post-minus-b", Condition.REST, "12.61", Current.unknown()),
                cranking("cable-end-battery", "relay-out", "0.1787", 434),
                cranking("ground-cable-battery", "post-minus-b", "0.0764", 434),
                cranking("post-plus-b", "post-minus-b", "9.42", 434),
                cranking("post-plus-b", "post-plus", "0.0292", 434),
                cranking("post-plus", "post-minus", "9.40", 434),
                cranking("starter-case", "post-minus", "0.1644", 434),
                cranking("post-plus", "motor-stud", "0.341", 434));
        PreparedCircuit prepared = PreparedCircuit.of(pickup, 6);
        Assessment before = order.assess(Loop.STARTING, on(pickup, weak), prepared);
        assertThat(before.findings().standing(second)).isEqualTo(Standing.SUSPECT);
        assertThat(before.findings().of(STARTER).alarmed()).isFalse();
        assertThat(before.next().kind()).isNotEqualTo(Step.Kind.REPAIR);

        Statement charged = new Statement(UUID.randomUUID(), Topic.CHARGED_APART, "YES", "", 0);
        Assessment again =
                order.assess(Loop.STARTING, on(pickup, weak).with(Statements.of(List.of(charged))), prepared);
        assertThat(again.findings().standing(second)).isEqualTo(Standing.SUSPECT);
        assertThat(again.findings().of(STARTER).alarmed()).isFalse();
    }

    private static CaseRecord on(Circuit circuit, List<Reading> readings) {
        return CaseRecord.of(
                circuit, 6, readings.stream().map(RecordedReading::of).toList(), List.of(), List.of());
    }

    @Test
    void rippleAndDiodesCondemnAnAlternatorOnlyThroughItsGate() {
        List<Reading> based = List.of(base("12.65"));
        Statement[] figures = {
            said(Topic.RIPPLE_LOADED, "0.8"), said(Topic.DIODES_FORWARD, "20"), said(Topic.DIODES_REVERSE, "OL")
        };
        PartId alternator = PartId.of("alternator");
        Assessment unseen = charging(based, figures);
        assertThat(unseen.findings().standing(alternator)).isEqualTo(Standing.SUSPECT);
        assertThat(unseen.next().kind()).isEqualTo(Step.Kind.PROVE);
        Statement[] seen = Stream.concat(
                        Stream.of(figures), Stream.of(said(Topic.BELT_DRIVES, "YES"), said(Topic.PLUG_FED, "YES")))
                .toArray(Statement[]::new);
        assertThat(charging(based, seen).findings().standing(alternator)).isEqualTo(Standing.FAULTY);
        assertThat(charging(based, seen).next().kind()).isEqualTo(Step.Kind.REPAIR);
    }

    private Assessment charging(List<Reading> readings, Statement... statements) {
        return order.assess(Loop.CHARGING, evidence(readings, statements), PREPARED);
    }
}
