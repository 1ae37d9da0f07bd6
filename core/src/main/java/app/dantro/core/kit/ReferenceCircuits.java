package app.dantro.core.kit;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Gate;
import app.dantro.core.circuit.Sensing;
import java.util.Optional;

/**
 * The small circuits whose operating points were worked out with an independent circuit simulator (docs/physics.md,
 * reference topology): every joint once, straps and leads with their ends.
 */
final class ReferenceCircuits {
    private static final double STRAP_JOINTS_OHMS = 0.3e-3;
    private static final double LEAD_JOINTS_OHMS = 0.2e-3;

    private ReferenceCircuits() {}

    static Circuit of(VehicleClass of, Sensing sensing) {
        CircuitDraft draft = new CircuitDraft();
        Devices members = new Devices(draft, of);
        double f = of.joints.factor();
        VehicleClass.Wiring w = of.wiring;
        String plus = batteries(draft, members, of);
        draft.joint("post-joint-plus", plus, "clamp-plus", Devices.POST_OHMS * f)
                .joint("crimp-battery", "clamp-plus", "cable-end-battery", Devices.CABLE_END_OHMS * f)
                .cable("starter-cable", "cable-end-battery", "cable-end-starter", w.starterMetres(), w.starterArea())
                .joint("stud-joint", "cable-end-starter", "battery-stud", Devices.STUD_OHMS * f)
                .contacts("contacts", "battery-stud", "motor-stud", of.joints.contactsOhms())
                .joint("starter-mount", "starter-case", "block", Devices.STUD_OHMS * f)
                .joint("ground-joint-block", "block", "ground-cable-block", Devices.STUD_OHMS * f)
                .cable("ground-cable", "ground-cable-block", "ground-cable-battery", w.groundMetres(), w.groundArea())
                .joint("crimp-ground", "ground-cable-battery", "clamp-minus", Devices.CABLE_END_OHMS * f)
                .joint("post-joint-minus", "clamp-minus", "post-minus", Devices.POST_OHMS * f)
                .joint("bplus-nut", "bplus", "charge-ring", Devices.STUD_OHMS * f)
                .cable("charge-cable", "charge-ring", "fuse-in", w.chargeMetres(), w.chargeArea())
                .fuse("charge-fuse", "fuse-in", "fuse-out", of.joints.fuseOhms(), Devices.fuseAmps(of))
                .cable("feed-cable", "fuse-out", "clamp-plus", w.feedMetres(), w.feedArea())
                .joint("alternator-mount", "alternator-case", "bracket", Devices.ALTERNATOR_FOOT_OHMS * f)
                .joint("bracket-joint", "bracket", "block", Devices.ALTERNATOR_FOOT_OHMS * f)
                .strap("engine-strap", "block", "body", w.strapMetres(), w.strapArea(), STRAP_JOINTS_OHMS * f)
                .cable("body-lead", "clamp-minus", "body", w.leadMetres(), w.leadArea(), LEAD_JOINTS_OHMS * f);
        VehicleClass.Coils c = of.coils;
        draft.cable("control-wire", "fuse-out", "trigger", c.wireMetres(), c.wireSquareMillimetres(), c.contactOhms());
        draft.parts.add(draft.parts.remove(draft.parts.size() - 1).behind(Gate.START));
        members.starter();
        members.loads("fuse-out");
        members.alternator("bplus", "alternator-case", members.sensing(sensing, "fuse-out"));
        members.piles();
        return draft.finish(
                "reference-" + of.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
                "Reference circuit, " + sensing.words(),
                of.systemVolts,
                plus,
                "post-minus");
    }

    private static String batteries(CircuitDraft draft, Devices members, VehicleClass of) {
        if (of == VehicleClass.TRUCK) {
            members.battery("battery-a", "lower battery", "post-plus-a", "post-minus");
            draft.cable("series-link", "post-plus-a", "post-minus-upper", 0.35, 95);
            members.battery("battery-b", "upper battery", "post-plus", "post-minus-upper");
            return "post-plus";
        }
        members.battery(of == VehicleClass.TWIN_DIESEL ? "battery-a" : "battery", "battery", "post-plus", "post-minus");
        if (of == VehicleClass.TWIN_DIESEL) {
            draft.cable("link-plus", "clamp-plus", "post-plus-b", 1.6, 50, LEAD_JOINTS_OHMS);
            draft.cable("link-minus", "post-minus-b", "clamp-minus", 1.6, 50, LEAD_JOINTS_OHMS);
            members.battery("battery-b", "second battery", "post-plus-b", "post-minus-b");
        }
        return "post-plus";
    }

    static Optional<VehicleClass> named(String id) {
        return java.util.Arrays.stream(VehicleClass.values())
                .filter(c -> id.equals("reference-"
                        + c.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-')))
                .findFirst();
    }
}
