package app.dantro.server.demo;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import app.dantro.core.record.Topic;
import java.util.List;

/** The vehicles of the growers' machinery ring, and what is wrong with each. All made up. */
enum DemoVehicle {
    TAMBLIN(
            "Tamblin 14 box van",
            "petrol-body-return",
            new Told("cranks slowly after wet weeks", Topic.SYMPTOM, "SLOW", Loop.STARTING),
            new Fault.AddedResistance(PartId.of("strap-end-block"), 0.020)),
    HOBBING(
            "Hobbing Twin pickup",
            "twin-battery-diesel",
            new Told("one click, no crank", Topic.SYMPTOM, "CLICK", Loop.STARTING),
            new Fault.AddedResistance(PartId.of("stud-joint"), 0.40),
            new Fault.AddedResistance(PartId.of("link-joint-plus"), 0.15)),
    ORRERY(
            "Orrery Longbed flatbed",
            "truck-24v",
            new Told("batteries replaced twice in a year", Topic.CHARGING_SYMPTOM, "UNDERCHARGES", Loop.CHARGING),
            new Fault.AddedResistance(PartId.of("fuse-joint-in"), 0.012)),
    PIPKIN(
            "Pipkin 250 quad",
            "motorcycle",
            new Told("flat after a short day", Topic.CHARGING_SYMPTOM, "UNDERCHARGES", Loop.CHARGING),
            new Fault.AddedResistance(PartId.of("frame-ground"), 0.10)),
    MARROW(
            "Marrow loader",
            "battery-behind-cab",
            new Told("charge lamp on", Topic.CHARGING_SYMPTOM, "LAMP_ON", Loop.CHARGING),
            new Fault.NoOutput(PartId.of("alternator"))),
    ELLERWICK(
            "Ellerwick estate",
            "computer-regulated",
            new Told("lamps too bright, battery smells", Topic.CHARGING_SYMPTOM, "OVERCHARGES", Loop.CHARGING),
            new Fault.AddedResistance(PartId.of("computer-ground-wire"), 0.30));

    final String vehicle;
    final String circuit;
    final String complaint;
    /** The complaint as it was tapped. */
    final Topic symptom;

    final String answer;
    final Loop concern;
    final List<Fault> faults;

    /** The complaint in the customer's words, and as it was tapped. */
    private record Told(String words, Topic symptom, String answer, Loop concern) {}

    DemoVehicle(String vehicle, String circuit, Told told, Fault... faults) {
        this.vehicle = vehicle;
        this.circuit = circuit;
        this.complaint = told.words;
        this.symptom = told.symptom;
        this.answer = told.answer;
        this.concern = told.concern;
        this.faults = List.of(faults);
    }
}
