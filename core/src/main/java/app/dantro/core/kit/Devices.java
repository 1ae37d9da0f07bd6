package app.dantro.core.kit;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Alternator.Sense;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** Adds the devices of a vehicle class to a draft. */
final class Devices {
    static final double POST_OHMS = 0.12e-3;
    static final double CABLE_END_OHMS = 0.08e-3;
    static final double STUD_OHMS = 0.10e-3;
    static final double ALTERNATOR_FOOT_OHMS = 0.12e-3;
    private static final double ASSUMED_BATTERY_SPREAD = 0.22;
    private static final double SENSE_WIRE_OHMS = 0.10;
    private static final double SENSE_INPUT_OHMS = 1000;
    private static final double COMPUTER_GROUND_OHMS = 8e-3;
    private static final double REGULATOR_FEED_OHMS = 25e-3;
    private static final double REGULATOR_GROUND_OHMS = 6e-3;
    private static final double CONTROL_AMPS = 4;
    private static final double CONTROL_VOLTS = 13.5;
    private static final double PILE_OHMS = 5e-3;
    private static final double VOLTS_PER_KELVIN = -0.010;
    private static final double CLAMP_VOLTS = 24;
    private static final double TRUCK_CLAMP_VOLTS = 38;
    private static final double ASSUMED_CLAMP_OHMS = 0.02;
    private static final double ASSUMED_GLOW_AMPS = 48;
    private static final double GLOW_VOLTS = 11;

    private final CircuitDraft draft;
    private final VehicleClass of;

    Devices(CircuitDraft draft, VehicleClass of) {
        this.draft = draft;
        this.of = of;
    }

    static double fuseAmps(VehicleClass of) {
        return of.charging.amps() <= 40 ? 40 : 1.25 * of.charging.amps();
    }

    void battery(String id, String name, String plus, String minus) {
        draft.device(new Battery(
                PartId.of(id),
                name,
                PointId.of(plus),
                PointId.of(minus),
                new ResistanceRange(of.battery.ohms(), ASSUMED_BATTERY_SPREAD),
                of.battery.ampHours(),
                Optional.empty()));
    }

    void starter() {
        VehicleClass.Coils c = of.coils;
        draft.device(new Starter(
                PartId.of("starter"), "starter", PointId.of("motor-stud"), PointId.of("starter-case"), of.motor));
        draft.device(new Solenoid(
                PartId.of("solenoid"),
                "solenoid coils",
                PointId.of("trigger"),
                PointId.of("starter-case"),
                PointId.of("motor-stud"),
                PartId.of("contacts"),
                new Solenoid.Coils(c.holdOhms(), c.pullInOhms(), c.pullInVolts(), c.holdVolts())));
    }

    void loads(String supply) {
        load("body-loads", "loads on the body", supply, "body", of.loads(false));
        load("engine-loads", "loads on the engine", supply, "block", of.loads(true));
    }

    void glowPlugs(String rail) {
        Map<Condition, Double> amps = new EnumMap<>(Condition.class);
        for (Condition condition : Condition.modelled()) {
            if (condition.keyOn()) {
                amps.put(condition, ASSUMED_GLOW_AMPS);
            }
        }
        draft.device(new Load(
                PartId.of("glow-plugs"),
                "glow plugs",
                PointId.of(rail),
                PointId.of("block"),
                Load.drawing(amps, GLOW_VOLTS),
                true));
    }

    /** The wiring that a regulator's sensing needs, and where it then measures. */
    Sense sensing(Sensing sensing, String supply) {
        return switch (sensing) {
            case INTERNAL -> sense("bplus", "alternator-case");
            case REMOTE -> {
                draft.joint("sense-wire", "clamp-plus", "sense-pin", SENSE_WIRE_OHMS);
                load(
                        "sense-input",
                        "regulator's sense input",
                        "sense-pin",
                        "alternator-case",
                        Load.constant(SENSE_INPUT_OHMS));
                yield sense("sense-pin", "alternator-case");
            }
            case DIFFERENTIAL -> sense("post-plus", "post-minus");
            case COMPUTER_BLOCK -> sense(supply, "block");
            case COMPUTER_CHASSIS -> {
                draft.joint("computer-ground-wire", "computer-ground", "body", COMPUTER_GROUND_OHMS);
                load("computer", "engine computer", supply, "computer-ground", control());
                yield sense(supply, "computer-ground");
            }
            case EXTERNAL -> {
                draft.joint("regulator-feed-wire", supply, "regulator-feed", REGULATOR_FEED_OHMS);
                draft.joint("regulator-ground-wire", "regulator-case", "body", REGULATOR_GROUND_OHMS);
                load("field", "alternator field", "regulator-feed", "regulator-case", control());
                yield sense("regulator-feed", "regulator-case");
            }
        };
    }

    void alternator(String output, String ground, Sense sense) {
        draft.device(new Alternator(
                PartId.of("alternator"),
                of == VehicleClass.MOTORCYCLE ? "rectifier-regulator and generator" : "alternator",
                PointId.of(output),
                PointId.of(ground),
                sense,
                new Alternator.Regulation(
                        of.charging.setpointVolts(), VOLTS_PER_KELVIN * of.blocks(), of.regulatorSiemens()),
                new Alternator.Rating(
                        of.charging.amps(),
                        of.shares(),
                        of.blocks() == 1 ? CLAMP_VOLTS : TRUCK_CLAMP_VOLTS,
                        ASSUMED_CLAMP_OHMS,
                        Double.POSITIVE_INFINITY)));
    }

    void piles() {
        Alternator alternator = (Alternator) draft.devices.stream()
                .filter(Alternator.class::isInstance)
                .findFirst()
                .orElseThrow();
        draft.device(new Pile(
                PartId.of("pile-alternator"),
                "carbon pile at the alternator",
                alternator.output(),
                alternator.ground(),
                Map.of(Condition.PILE_ALTERNATOR, of.charging.amps()),
                PILE_OHMS));
        draft.device(new Pile(
                PartId.of("pile-starter"),
                "carbon pile at the starter",
                PointId.of("battery-stud"),
                PointId.of("starter-case"),
                Map.of(Condition.PILE_STARTER, of.pileAmps),
                PILE_OHMS));
    }

    private void load(String id, String name, String from, String to, Map<Condition, Double> siemens) {
        draft.device(new Load(PartId.of(id), name, PointId.of(from), PointId.of(to), siemens, false));
    }

    private Map<Condition, Double> control() {
        Map<Condition, Double> amps = new EnumMap<>(Condition.class);
        for (Condition condition : Condition.modelled()) {
            amps.put(condition, condition.keyOn() ? CONTROL_AMPS : 0);
        }
        return Load.drawing(amps, CONTROL_VOLTS * of.blocks());
    }

    private static Sense sense(String plus, String minus) {
        return new Sense(PointId.of(plus), PointId.of(minus));
    }
}
