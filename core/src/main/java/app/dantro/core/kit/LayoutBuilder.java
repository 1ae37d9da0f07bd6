package app.dantro.core.kit;

import app.dantro.core.circuit.Alternator.Sense;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Gate;
import app.dantro.core.circuit.PointId;
import app.dantro.core.kit.Layout.Batteries;
import app.dantro.core.kit.Layout.Charge;
import app.dantro.core.kit.Layout.Place;
import app.dantro.core.kit.Layout.Return;

/** Builds the whole circuit of a layout: both loops, the grounds, the control circuit, every joint a part of its own. */
final class LayoutBuilder {
    private static final String PLUS_POST = "post-plus";
    private static final double ASSUMED_STRAP_END_OHMS = 0.15e-3;
    private static final double ASSUMED_LEAD_END_OHMS = 0.10e-3;
    private static final double ASSUMED_PLUG_OHMS = 1.0e-3;

    private final Layout layout;
    private final VehicleClass of;
    private final CircuitDraft draft = new CircuitDraft();
    private final Devices members;
    private final VehicleClass.Wiring w;
    private final double joint;
    /** Where everything but the battery joins the supply. */
    private String plus = "clamp-plus";

    private LayoutBuilder(Layout layout) {
        this.layout = layout;
        this.of = layout.of();
        this.members = new Devices(draft, of);
        this.w = of.wiring;
        this.joint = of.joints.factor();
    }

    static Circuit build(String id, String title, Layout layout) {
        LayoutBuilder builder = new LayoutBuilder(layout);
        builder.batteries();
        builder.startingSupply();
        builder.startingReturn();
        String supply = builder.charging();
        builder.control(supply);
        builder.members.starter();
        builder.members.loads(supply);
        if (layout.glowPlugs()) {
            builder.draft.cable("glow-feed", builder.plus, "glow-rail", 0.8, 10, 0.4e-3);
            builder.members.glowPlugs("glow-rail");
        }
        builder.members.piles();
        return builder.draft.finish(id, title, builder.of.systemVolts, PLUS_POST, "post-minus");
    }

    private void batteries() {
        if (layout.batteries() == Batteries.SERIES) {
            members.battery("battery-a", "lower battery", "post-plus-a", "post-minus");
            draft.joint("series-joint-a", "post-plus-a", "series-link-a", Devices.POST_OHMS * joint)
                    .cable("series-link", "series-link-a", "series-link-b", 0.35, w.starterArea())
                    .joint("series-joint-b", "series-link-b", "post-minus-upper", Devices.POST_OHMS * joint);
            members.battery("battery-b", "upper battery", PLUS_POST, "post-minus-upper");
            return;
        }
        boolean parallel = layout.batteries() == Batteries.PARALLEL;
        members.battery(
                parallel ? "battery-a" : "battery", parallel ? "first battery" : "battery", PLUS_POST, "post-minus");
        if (parallel) {
            draft.joint("link-joint-plus", "clamp-plus", "link-plus-ring", Devices.POST_OHMS * joint)
                    .cable("link-plus", "link-plus-ring", "link-plus-end", 1.6, 50)
                    .joint("second-joint-plus", "link-plus-end", "post-plus-b", Devices.POST_OHMS * joint)
                    .joint("second-joint-minus", "post-minus-b", "link-minus-end", Devices.POST_OHMS * joint)
                    .cable("link-minus", "link-minus-end", "link-minus-ring", 1.6, 50)
                    .joint("link-joint-minus", "link-minus-ring", "clamp-minus", Devices.POST_OHMS * joint);
            members.battery("battery-b", "second battery", "post-plus-b", "post-minus-b");
        }
    }

    private void startingSupply() {
        draft.joint("post-joint-plus", PLUS_POST, "clamp-plus", Devices.POST_OHMS * joint)
                .joint("crimp-battery", "clamp-plus", "cable-end-battery", Devices.CABLE_END_OHMS * joint);
        String from = "cable-end-battery";
        if (layout.place() == Place.FRAME_WITH_MASTER_SWITCH) {
            draft.cable("battery-cable", from, "master-in", 0.8, w.starterArea(), Devices.STUD_OHMS * joint)
                    .toggle("master-switch", "master-in", "master-out", 0.15e-3, Gate.ALWAYS)
                    .joint("switch-joint", "master-out", "starter-ring-junction", Devices.STUD_OHMS * joint);
            plus = "master-out";
            from = "starter-ring-junction";
        } else if (layout.place() == Place.BOOT) {
            draft.cable("body-cable", from, "body-cable-end", 3.6, 70)
                    .joint("junction-joint-in", "body-cable-end", "junction-post", Devices.STUD_OHMS * joint)
                    .joint("junction-joint-out", "junction-post", "starter-ring-junction", Devices.STUD_OHMS * joint);
            plus = "junction-post";
            from = "starter-ring-junction";
        }
        if (layout.place() == Place.SIDE_TERMINALS) {
            draft.cable("remote-cable", "clamp-plus", "remote-post", 0.7, 25, 2 * Devices.CABLE_END_OHMS);
        }
        boolean behindCab = layout.place() == Place.BEHIND_CAB;
        draft.cable(
                        "starter-cable",
                        from,
                        "cable-end-starter",
                        behindCab ? 3.4 : w.starterMetres(),
                        behindCab ? 70 : w.starterArea())
                .joint("stud-joint", "cable-end-starter", "battery-stud", Devices.STUD_OHMS * joint)
                .contacts("contacts", "battery-stud", "motor-stud", of.joints.contactsOhms());
    }

    private void startingReturn() {
        draft.joint("starter-mount", "starter-case", "block", Devices.STUD_OHMS * joint);
        boolean body = layout.back() == Return.BODY;
        if (!body) {
            boolean behindCab = layout.place() == Place.BEHIND_CAB;
            double metres = behindCab ? 3.0 : w.groundMetres();
            ground("ground-joint-block", "block", "ground-cable-block", metres, behindCab ? 70 : w.groundArea());
        }
        draft.joint("strap-end-block", "block", "strap-engine", ASSUMED_STRAP_END_OHMS * joint)
                .strap(
                        "engine-strap",
                        "strap-engine",
                        "strap-body",
                        body ? 0.35 : w.strapMetres(),
                        body ? Math.max(25, w.strapArea()) : w.strapArea(),
                        0)
                .joint("strap-end-body", "strap-body", "body", ASSUMED_STRAP_END_OHMS * joint);
        if (body) {
            double metres = layout.place() == Place.BOOT ? 0.3 : 0.4;
            ground("ground-joint-body", "body", "ground-cable-body", metres, w.groundArea());
        } else {
            draft.joint("lead-joint-clamp", "clamp-minus", "lead-clamp", ASSUMED_LEAD_END_OHMS * joint)
                    .cable("body-lead", "lead-clamp", "lead-body", w.leadMetres(), w.leadArea())
                    .joint("lead-joint-body", "lead-body", "body", ASSUMED_LEAD_END_OHMS * joint);
        }
    }

    /** From metal to the − post: the joint at the far end, the cable, its crimp and the post. */
    private void ground(String jointId, String metal, String cableEnd, double metres, double squareMillimetres) {
        draft.joint(jointId, metal, cableEnd, Devices.STUD_OHMS * joint)
                .cable("ground-cable", cableEnd, "ground-cable-battery", metres, squareMillimetres)
                .joint("crimp-ground", "ground-cable-battery", "clamp-minus", Devices.CABLE_END_OHMS * joint)
                .joint("post-joint-minus", "clamp-minus", "post-minus", Devices.POST_OHMS * joint);
    }

    /** @return the point from which the loads are fed */
    private String charging() {
        if (layout.charge() == Charge.SEPARATE_REGULATOR) {
            return separateRegulator();
        }
        draft.joint("bplus-nut", "bplus", "charge-ring", Devices.STUD_OHMS * joint)
                .joint("alternator-mount", "alternator-case", "bracket", Devices.ALTERNATOR_FOOT_OHMS * joint)
                .joint("bracket-joint", "bracket", "block", Devices.ALTERNATOR_FOOT_OHMS * joint);
        String supply = "box";
        if (layout.charge() == Charge.FUSE_BOX) {
            supply = "fuse-out";
            draft.cable("charge-cable", "charge-ring", "charge-end", w.chargeMetres(), w.chargeArea())
                    .joint("fuse-joint-in", "charge-end", "fuse-in", Devices.CABLE_END_OHMS * joint)
                    .fuse("charge-fuse", "fuse-in", supply, of.joints.fuseOhms(), Devices.fuseAmps(of))
                    .joint("fuse-joint-out", supply, "feed-end", Devices.CABLE_END_OHMS * joint)
                    .cable("feed-cable", "feed-end", "feed-ring", w.feedMetres(), w.feedArea())
                    .joint("feed-joint", "feed-ring", plus, Devices.CABLE_END_OHMS * joint);
        } else {
            direct();
            draft.joint("feed-joint", plus, "feed-ring", Devices.CABLE_END_OHMS * joint)
                    .cable("feed-cable", "feed-ring", supply, w.feedMetres(), w.feedArea(), Devices.CABLE_END_OHMS);
        }
        Sense sense = members.sensing(layout.sensing(), supply);
        members.alternator("bplus", "alternator-case", sense);
        return supply;
    }

    private void direct() {
        draft.cable("charge-cable", "charge-ring", "charge-end", w.chargeMetres(), w.chargeArea());
        switch (layout.charge()) {
            case STARTER_STUD ->
                draft.joint("charge-joint-stud", "charge-end", "battery-stud", Devices.STUD_OHMS * joint);
            case JUNCTION_POST ->
                draft.joint("charge-joint-junction", "charge-end", "junction-post", Devices.STUD_OHMS * joint)
                        .cable("junction-cable", "junction-post", "junction-cable-end", 0.7, w.chargeArea())
                        .joint("junction-joint-battery", "junction-cable-end", plus, Devices.CABLE_END_OHMS * joint);
            case FUSIBLE_LINK ->
                draft.cable("fusible-link", "charge-end", "fuse-in", 0.15, 6)
                        .joint("link-joint-clamp", "fuse-in", plus, Devices.CABLE_END_OHMS * joint);
            default -> draft.joint("charge-joint-battery", "charge-end", plus, Devices.CABLE_END_OHMS * joint);
        }
    }

    private String separateRegulator() {
        String supply = "fuse-out";
        draft.joint("output-plug", "regulator-output", "output-wire", ASSUMED_PLUG_OHMS)
                .cable("charge-wire", "output-wire", "fuse-in", w.chargeMetres(), w.chargeArea())
                .fuse("charge-fuse", "fuse-in", supply, of.joints.fuseOhms(), Devices.fuseAmps(of))
                .joint("fuse-joint-out", supply, "feed-end", Devices.CABLE_END_OHMS * joint)
                .cable("feed-cable", "feed-end", "feed-ring", w.feedMetres(), w.feedArea())
                .joint("feed-joint", "feed-ring", plus, Devices.CABLE_END_OHMS * joint)
                .joint("ground-plug", "regulator-ground", "ground-wire", ASSUMED_PLUG_OHMS)
                .cable("ground-lead", "ground-wire", "frame-ring", 0.4, w.chargeArea())
                .joint("frame-ground", "frame-ring", "body", Devices.STUD_OHMS * joint);
        members.alternator(
                "regulator-output",
                "regulator-ground",
                new Sense(PointId.of("regulator-output"), PointId.of("regulator-ground")));
        return supply;
    }

    private void control(String supply) {
        VehicleClass.Coils c = of.coils;
        double each = c.contactOhms() / 3;
        draft.cable("switch-feed", supply, "switch-in", c.wireMetres() * 0.4, c.wireSquareMillimetres())
                .toggle("ignition-switch", "switch-in", "switch-out", each, Gate.START)
                .toggle("interlock", "switch-out", "interlock-out", each, Gate.ALWAYS)
                .toggle("start-relay", "interlock-out", "relay-out", each, Gate.ALWAYS)
                .cable("control-wire", "relay-out", "trigger", c.wireMetres() * 0.6, c.wireSquareMillimetres());
    }
}
