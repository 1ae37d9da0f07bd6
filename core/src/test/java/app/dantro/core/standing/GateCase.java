package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
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
import java.util.UUID;

/** A vehicle with a fault, read and judged up to the gate of a device. */
final class GateCase {
    static final PartId ALTERNATOR = PartId.of("alternator");
    static final PartId BATTERY = PartId.of("battery");
    private static final Map<String, PreparedCircuit> PREPARED = new HashMap<>();
    final Circuit circuit;
    private final SimulatedReadings meter;
    private final List<RecordedReading> readings = new ArrayList<>();
    private final List<Statement> said = new ArrayList<>();

    GateCase(String circuit, Fault... faults) {
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

    /** What a part's verdict still wants, in words. */
    List<String> missing(String part) {
        return judgement().proof().missing(PartId.of(part)).stream()
                .map(Link::words)
                .toList();
    }

    Findings findings() {
        return Standings.of(StartingRules.of(evidence()), judgement());
    }

    PartFinding found() {
        return findings().of(ALTERNATOR);
    }

    DeviceGate gate() {
        return DeviceGate.of(findings(), judgement(), ALTERNATOR);
    }
}
