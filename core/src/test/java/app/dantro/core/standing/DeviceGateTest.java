package app.dantro.core.standing;

import static app.dantro.core.standing.GateCase.ALTERNATOR;
import static app.dantro.core.standing.GateCase.BATTERY;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Standing;
import app.dantro.core.network.Fault;
import app.dantro.core.reading.Current;
import app.dantro.core.record.Topic;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What must be shown before a device is called faulty, and what the verdict then names. */
class DeviceGateTest {

    @Test
    void aDeadAlternatorIsFaultyOnceEverythingItNeedsIsShownToArrive() {
        GateCase dead = new GateCase("petrol-car", new Fault.NoOutput(ALTERNATOR));
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

    /** Unplugged it holds a voltage of its own: it makes current. Nothing says little, and nobody waits for the test. */
    @Test
    void anAlternatorOnABusThatHoldsItsOwnVoltageUnpluggedIsNotTheOne() {
        GateCase dead = new GateCase("computer-regulated", new Fault.NoOutput(ALTERNATOR));
        dead.charging();
        dead.say(Topic.FIELD_ANSWERS, "NO");
        assertThat(dead.found().standing()).isEqualTo(Standing.SUSPECT);
        assertThat(dead.gate().items()).noneMatch(i -> i.words().contains("plug off"));
        dead.say(Topic.UNPLUGGED, "NOTHING");
        assertThat(dead.found().standing()).isEqualTo(Standing.SUSPECT);
        dead.say(Topic.UNPLUGGED, "REGULATES");
        assertThat(dead.found().standing()).isEqualTo(Standing.NOT_PROVEN);
    }

    @Test
    void aPlugThatIsNotFedSpeaksAgainstTheVerdict() {
        GateCase dead = new GateCase("petrol-car", new Fault.NoOutput(ALTERNATOR));
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
        GateCase dead = new GateCase(circuit, new Fault.NoOutput(ALTERNATOR));
        dead.charging();
        dead.say(topic, value);
        assertThat(dead.found().standing()).isIn(Standing.SUSPECT, Standing.FAULTY);
        assertThat(dead.found().name()).isEqualTo(name);
    }

    @Test
    void overchargeByARegulatorInsideNamesTheAssembly() {
        GateCase over = new GateCase("petrol-car", new Fault.RegulatorOffset(ALTERNATOR, 2.4));
        over.charging();
        over.read("bplus", "alternator-case", Condition.RAISED, Current.unknown());
        assertThat(over.found().name()).isEqualTo("alternator with its regulator");
        assertThat(over.found().says()).contains("sells the assembly");
    }

    /** Under all loads the volts fall because the machine gives what it can, not because it is set too low. */
    @Test
    void anAlternatorAtItsRatingIsNotCalledForLowVolts() {
        GateCase loaded = new GateCase("remote-sensing", new Fault.LowOutput(ALTERNATOR, 0.97));
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
        GateCase worn = new GateCase("petrol-car", new Fault.WeakBattery(BATTERY, 1.8));
        worn.cranking();
        assertThat(worn.judgement().called()).isEmpty();
        GateCase weak = new GateCase("petrol-car", new Fault.WeakBattery(BATTERY, 4));
        weak.cranking();
        assertThat(weak.judgement().called()).contains(BATTERY);
    }

    /** Contacts that nobody told to close are open in health. */
    @Test
    void openContactsAreFaultyOnlyOnceTheSolenoidWasToldToPullIn() {
        GateCase held = new GateCase("petrol-car", new Fault.Open(PartId.of("contacts")));
        held.read("post-plus", "post-minus", Condition.CRANKING, Current.unknown());
        held.read("battery-stud", "motor-stud", Condition.CRANKING, Current.unknown());
        assertThat(held.missing("contacts"))
                .containsExactly("volts at the trigger terminal that pull a solenoid in, while the key is held");
        held.read("trigger", "post-minus", Condition.CRANKING, Current.unknown());
        assertThat(held.missing("contacts")).isEmpty();

        GateCase notTold = new GateCase(
                "petrol-car",
                new Fault.Open(PartId.of("contacts")),
                new Fault.AddedResistance(PartId.of("control-wire"), 5));
        notTold.read("battery-stud", "motor-stud", Condition.CRANKING, Current.unknown());
        notTold.read("trigger", "post-minus", Condition.CRANKING, Current.unknown());
        assertThat(notTold.missing("contacts")).as("too little reaches it").hasSize(1);

        GateCase lifted = new GateCase(
                "petrol-car",
                new Fault.Open(PartId.of("contacts")),
                new Fault.AddedResistance(PartId.of("starter-mount"), 0.06));
        lifted.read("battery-stud", "motor-stud", Condition.CRANKING, Current.unknown());
        lifted.read("trigger", "post-minus", Condition.CRANKING, Current.unknown());
        assertThat(lifted.missing("contacts")).isEmpty();
        lifted.read("starter-case", "post-minus", Condition.CRANKING, Current.unknown());
        assertThat(lifted.missing("contacts"))
                .as("the case is lifted from the − post")
                .hasSize(1);
    }
}
