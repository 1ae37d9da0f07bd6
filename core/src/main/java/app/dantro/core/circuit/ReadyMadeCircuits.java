package app.dantro.core.circuit;

import app.dantro.core.circuit.Resistance.Conductor;
import app.dantro.core.circuit.Resistance.Contact;
import java.util.List;

/**
 * Circuits that can be taken as they are. Resistances, motor and drag are engineering judgement for the class, not
 * measurements of a make; each is an assumption of docs/physics.md.
 */
public final class ReadyMadeCircuits {
    private static final double MILLI = 1e-3;
    private static final double SQUARE_MILLIMETRE = 1e-6;
    private static final double ASSUMED_POST_OHMS = 0.12 * MILLI;
    private static final double ASSUMED_CABLE_END_OHMS = 0.08 * MILLI;
    private static final double ASSUMED_STUD_OHMS = 0.10 * MILLI;
    private static final double ASSUMED_STRAP_END_OHMS = 0.15 * MILLI;
    private static final double ASSUMED_CONTACTS_OHMS = 0.50 * MILLI;
    private static final double ASSUMED_JOINT_SPREAD = 0.34;
    private static final double ASSUMED_CABLE_SPREAD = 0.10;
    private static final double ASSUMED_STRAP_SPREAD = 0.20;
    private static final ResistanceRange ASSUMED_BATTERY = new ResistanceRange(6 * MILLI, 0.15);
    private static final Starter.Motor ASSUMED_MOTOR = new Starter.Motor(0.42, 14 * MILLI, 35, 1.55);
    private static final ClassCurrent ASSUMED_CRANKING = new ClassCurrent(155, 0.25);

    private ReadyMadeCircuits() {}

    /**
     * A 12 V petrol car or van with the battery under the bonnet, its negative cable on the body only, so that the
     * engine strap carries the whole return.
     */
    public static SeriesLoop petrolBodyReturn() {
        List<Part> supply = List.of(
                joint("post-joint-plus", "joint of + clamp and post", "post-plus", "clamp-plus", ASSUMED_POST_OHMS),
                joint(
                        "crimp-battery",
                        "cable end in the + clamp",
                        "clamp-plus",
                        "cable-end-battery",
                        ASSUMED_CABLE_END_OHMS),
                cable("starter-cable", "starter cable", "cable-end-battery", "cable-end-starter", 1.0, 35),
                joint(
                        "stud-joint",
                        "cable end on the battery stud",
                        "cable-end-starter",
                        "battery-stud",
                        ASSUMED_STUD_OHMS),
                new Part(
                        PartId.of("contacts"),
                        "solenoid contacts",
                        PartKind.CONTACTS,
                        PointId.of("battery-stud"),
                        PointId.of("motor-stud"),
                        contact(ASSUMED_CONTACTS_OHMS)));
        List<Part> returns = List.of(
                joint("starter-mount", "starter mount", "starter-case", "block", ASSUMED_STUD_OHMS),
                joint("strap-end-block", "strap end on the block", "block", "strap-engine", ASSUMED_STRAP_END_OHMS),
                new Part(
                        PartId.of("engine-strap"),
                        "engine strap",
                        PartKind.STRAP,
                        PointId.of("strap-engine"),
                        PointId.of("strap-body"),
                        new Conductor(0.35, 25 * SQUARE_MILLIMETRE, Material.COPPER, ASSUMED_STRAP_SPREAD)),
                joint("strap-end-body", "strap end on the body", "strap-body", "body", ASSUMED_STRAP_END_OHMS),
                joint(
                        "ground-joint-body",
                        "ground cable end on the body",
                        "body",
                        "ground-cable-body",
                        ASSUMED_STUD_OHMS),
                cable("ground-cable", "ground cable", "ground-cable-body", "ground-cable-battery", 0.4, 35),
                joint(
                        "crimp-ground",
                        "cable end in the − clamp",
                        "ground-cable-battery",
                        "clamp-minus",
                        ASSUMED_CABLE_END_OHMS),
                joint("post-joint-minus", "joint of − clamp and post", "clamp-minus", "post-minus", ASSUMED_POST_OHMS));
        Battery battery =
                new Battery(PartId.of("battery"), PointId.of("post-plus"), PointId.of("post-minus"), ASSUMED_BATTERY);
        Starter starter =
                new Starter(PartId.of("starter"), PointId.of("motor-stud"), PointId.of("starter-case"), ASSUMED_MOTOR);
        return new SeriesLoop(
                "petrol-body-return", battery, supply, starter, returns, petrolPoints(), ASSUMED_CRANKING);
    }

    private static List<ProbePoint> petrolPoints() {
        return List.of(
                point("post-plus", "battery + post", "+ post", "the + post itself, not the clamp", Access.OPEN),
                point("clamp-plus", "+ clamp", "+ clamp", "the + clamp's own metal", Access.OPEN),
                point(
                        "cable-end-battery",
                        "starter cable, battery end",
                        "cable end",
                        "the bare wire behind the + clamp's crimp",
                        Access.OPEN),
                point(
                        "cable-end-starter",
                        "starter cable, starter end",
                        "starter end",
                        "the cable's ring at the starter",
                        Access.TIGHT),
                point(
                        "battery-stud",
                        "starter battery stud",
                        "battery stud",
                        "the thread of the starter's battery stud, not nut or ring",
                        Access.TIGHT),
                point(
                        "motor-stud",
                        "motor stud",
                        "motor stud",
                        "the stud between solenoid and motor",
                        Access.FROM_BELOW),
                point("starter-case", "starter case", "case", "bare metal of the starter's case", Access.TIGHT),
                point("block", "engine block", "block", "the bare block, beside the strap's bolt", Access.REACHABLE),
                point(
                        "strap-engine",
                        "strap ring on the block",
                        "strap, block",
                        "the strap's ring on the block, not the bolt",
                        Access.REACHABLE),
                point(
                        "strap-body",
                        "strap ring on the body",
                        "strap, body",
                        "the strap's ring on the body, not the bolt",
                        Access.REACHABLE),
                point("body", "body", "body", "bare body metal between the two ground bolts", Access.OPEN),
                point(
                        "ground-cable-body",
                        "ground cable ring on the body",
                        "ring, body",
                        "the ground cable's ring on the body",
                        Access.OPEN),
                point(
                        "ground-cable-battery",
                        "ground cable, battery end",
                        "cable end",
                        "the bare wire behind the − clamp's crimp",
                        Access.OPEN),
                point("clamp-minus", "− clamp", "− clamp", "the − clamp's own metal", Access.OPEN),
                point("post-minus", "battery − post", "− post", "the − post itself, not the clamp", Access.OPEN));
    }

    private static ProbePoint point(String id, String name, String label, String placing, Access access) {
        return new ProbePoint(PointId.of(id), name, label, placing, access);
    }

    private static Part joint(String id, String name, String from, String to, double ohms) {
        return new Part(PartId.of(id), name, PartKind.JOINT, PointId.of(from), PointId.of(to), contact(ohms));
    }

    private static Part cable(String id, String name, String from, String to, double metres, double squareMillimetres) {
        Conductor conductor =
                new Conductor(metres, squareMillimetres * SQUARE_MILLIMETRE, Material.COPPER, ASSUMED_CABLE_SPREAD);
        return new Part(PartId.of(id), name, PartKind.CABLE, PointId.of(from), PointId.of(to), conductor);
    }

    private static Contact contact(double ohms) {
        return new Contact(new ResistanceRange(ohms, ASSUMED_JOINT_SPREAD));
    }
}
