package app.dantro.core.standing;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.Fault;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.reading.SimulatedReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.StartingRules;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What must be shown before a device is called faulty, and what the verdict then names. */
class DeviceGateTest {
    private static final PartId ALTERNATOR = PartId.of("alternator");
    private static final PartId BATTERY = PartId.of("battery");

    @Test
    void aDeadAlternatorIsFaultyOnceEverythingItNeedsIsShownToArrive() {
        Case dead = new Case("petrol-car", new Fault.NoOutput(ALTERNATOR));
        dead.charging();
        assertThat(dead.found().standing()).isEqualTo(Standing.SUSPECT);
        DeviceGate gate = dead.gate();
        assertThat(gate.items())
                .filteredOn(DeviceGate.Item::delivers)
                .singleElement()
                .satisfies(output -> {
                    assertThat(output.state()).isEqualTo(DeviceGate.State.LACKING);
                    assertThat(output.shown().orElseThrow()).contains("a good one would show 14.");
                });
        assertThat(gate.items())
                .filteredOn(i -> i.words().startsWith("its way"))
                .hasSize(2)
                .allMatch(i -> i.state() == DeviceGate.State.SHOWN);
        assertThat(gate.decides().orElseThrow()).startsWith("the belt drives it");

        dead.say(Topic.BELT_DRIVES, "YES");
        assertThat(dead.gate().decides().orElseThrow()).startsWith("what its plug needs");
        dead.say(Topic.PLUG_FED, "YES");
        assertThat(dead.gate().decides()).isEmpty();
        assertThat(dead.found().standing()).isEqualTo(Standing.FAULTY);
    }

    @Test
    void aPlugThatIsNotFedSpeaksAgainstTheVerdict() {
        Case dead = new Case("petrol-car", new Fault.NoOutput(ALTERNATOR));
        dead.charging();
        dead.say(Topic.BELT_DRIVES, "YES");
        dead.say(Topic.PLUG_FED, "NO");
        assertThat(dead.found().standing()).isEqualTo(Standing.NOT_PROVEN);
    }

    @ParameterizedTest
    @CsvSource({
        "computer-regulated, FIELD_ANSWERS, YES, engine computer's field command",
        "computer-regulated, FIELD_ANSWERS, NO, alternator",
        "computer-regulated, PLUG_FED, YES, alternator or its field command",
        "external-regulator, FIELD_ANSWERS, YES, regulator box",
        "motorcycle, GENERATOR_GOOD, YES, rectifier-regulator",
        "motorcycle, GENERATOR_GOOD, NO, generator",
        "petrol-car, BELT_DRIVES, YES, alternator"
    })
    void whatIsNamedDependsOnWhatRegulatesAndWhatWasTried(String circuit, Topic topic, String value, String name) {
        Case dead = new Case(circuit, new Fault.NoOutput(ALTERNATOR));
        dead.charging();
        dead.say(topic, value);
        assertThat(dead.found().standing()).isIn(Standing.SUSPECT, Standing.FAULTY);
        assertThat(dead.found().name()).isEqualTo(name);
    }

    @Test
    void overchargeByARegulatorInsideNamesTheAssembly() {
        Case over = new Case("petrol-car", new Fault.RegulatorOffset(ALTERNATOR, 1.6));
        over.charging();
        over.read("bplus", "alternator-case", Condition.RAISED, Current.unknown());
        assertThat(over.found().name()).isEqualTo("alternator with its regulator");
        assertThat(over.found().says()).contains("sells the assembly");
    }

    /** Under all loads the volts fall because the machine gives what it can, not because it is set too low. */
    @Test
    void anAlternatorAtItsRatingIsNotCalledForLowVolts() {
        Case loaded = new Case("remote-sensing", new Fault.LowOutput(ALTERNATOR, 0.97));
        double rated = loaded.circuit.alternator().orElseThrow().rating().ampsIn(Condition.RAISED_LOADED);
        Current clamp = Current.of(Math.rint(0.97 * rated), Current.How.CLAMP);
        loaded.type("post-plus", "post-minus", Condition.REST, "12.48", Current.unknown());
        loaded.type("bplus", "sense-pin", Condition.RAISED_LOADED, "0.1552", clamp);
        loaded.type("alternator-case", "sense-pin", Condition.RAISED_LOADED, "-12.71", clamp);
        loaded.type("bplus", "alternator-case", Condition.RAISED_LOADED, "12.91", clamp);
        loaded.type("bplus", "alternator-case", Condition.KEY_ON, "12.41", Current.unknown());
        assertThat(loaded.judgement().called()).isNotEqualTo(Optional.of(ALTERNATOR));
    }

    @Test
    void aBatteryWithinReachOfAHealthyOneIsNotCalled() {
        Case worn = new Case("petrol-car", new Fault.WeakBattery(BATTERY, 1.8));
        worn.cranking();
        assertThat(worn.judgement().called()).isEmpty();
        Case weak = new Case("petrol-car", new Fault.WeakBattery(BATTERY, 4));
        weak.cranking();
        assertThat(weak.judgement().called()).contains(BATTERY);
    }

    /** A vehicle with a fault, what was read of it and what was said. */
    private static final class Case {
        private static final Map<String, PreparedCircuit> PREPARED = new HashMap<>();
        final Circuit circuit;
        private final SimulatedReadings meter;
        private final List<RecordedReading> readings = new ArrayList<>();
        private final List<Statement> said = new ArrayList<>();

        Case(String circuit, Fault... faults) {
            this.circuit = ReadyMadeCircuits.named(circuit).orElseThrow();
            this.meter = new SimulatedReadings(this.circuit, faults);
        }

        /** The way of a charging complaint: base, both sides and the output, loaded. */
        void charging() {
            String output = circuit.alternator().orElseThrow().output().value();
            String ground = circuit.alternator().orElseThrow().ground().value();
            read("post-plus", "post-minus", Condition.REST, Current.unknown());
            read(output, ground, Condition.KEY_ON, Current.unknown());
            for (Condition condition : List.of(Condition.RAISED, Condition.RAISED_LOADED)) {
                read(output, "post-plus", condition, Current.unknown());
                read("post-minus", ground, condition, Current.unknown());
                read(output, ground, condition, Current.unknown());
            }
        }

        void cranking() {
            double amps = Math.rint(meter.point(Condition.CRANKING).amps(BATTERY));
            Current clamp = Current.of(amps, Current.How.CLAMP);
            read("post-plus", "post-minus", Condition.REST, Current.unknown());
            read("post-plus", "post-minus", Condition.CRANKING, clamp);
            read("post-plus", "post-minus", Condition.CRANKING, clamp);
            read("motor-stud", "starter-case", Condition.CRANKING, clamp);
            read("post-plus", "motor-stud", Condition.CRANKING, clamp);
        }

        void read(String red, String black, Condition condition, Current current) {
            add(meter.read(red, black, condition, current));
        }

        void type(String red, String black, Condition condition, String typed, Current current) {
            add(SampleReadings.of(red, black, condition, typed, current));
        }

        private void add(Reading reading) {
            readings.add(RecordedReading.of(reading));
        }

        void say(Topic topic, String value) {
            said.add(new Statement(UUID.randomUUID(), topic, value, "", 0));
        }

        private CaseRecord evidence() {
            return CaseRecord.of(circuit, 20, readings, List.of(), List.of()).with(Statements.of(said));
        }

        Judgement judgement() {
            PreparedCircuit prepared = PREPARED.computeIfAbsent(circuit.id(), id -> PreparedCircuit.of(circuit, 20));
            return Judgement.of(prepared, CaseInference.of(evidence(), Complaint.UNKNOWN));
        }

        private Findings findings() {
            return Standings.of(StartingRules.of(evidence()), judgement());
        }

        PartFinding found() {
            return findings().of(ALTERNATOR);
        }

        DeviceGate gate() {
            return DeviceGate.of(findings(), judgement(), ALTERNATOR);
        }
    }
}
