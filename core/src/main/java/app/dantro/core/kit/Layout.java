package app.dantro.core.kit;

import app.dantro.core.circuit.Sensing;

/** The choices that make one vehicle's circuit out of its class. */
record Layout(
        VehicleClass of,
        Batteries batteries,
        Place place,
        Return back,
        Charge charge,
        Sensing sensing,
        boolean glowPlugs) {

    enum Batteries {
        SINGLE,
        PARALLEL,
        SERIES
    }

    /** Where the battery sits, and how its cables begin. */
    enum Place {
        UNDER_BONNET,
        BOOT,
        BEHIND_CAB,
        FRAME_WITH_MASTER_SWITCH,
        SIDE_TERMINALS
    }

    /** Where the battery's ground cable ends. */
    enum Return {
        BLOCK,
        BODY
    }

    /** The way from B+ to the battery. */
    enum Charge {
        FUSE_BOX,
        BATTERY,
        STARTER_STUD,
        JUNCTION_POST,
        FUSIBLE_LINK,
        SEPARATE_REGULATOR
    }

    static Layout usual(VehicleClass of) {
        return new Layout(
                of,
                of == VehicleClass.TWIN_DIESEL
                        ? Batteries.PARALLEL
                        : of == VehicleClass.TRUCK ? Batteries.SERIES : Batteries.SINGLE,
                of == VehicleClass.TRUCK ? Place.FRAME_WITH_MASTER_SWITCH : Place.UNDER_BONNET,
                Return.BLOCK,
                of == VehicleClass.MOTORCYCLE ? Charge.SEPARATE_REGULATOR : Charge.FUSE_BOX,
                Sensing.INTERNAL,
                of == VehicleClass.TWIN_DIESEL);
    }

    Layout at(Place other) {
        return new Layout(of, batteries, other, back, charge, sensing, glowPlugs);
    }

    Layout returning(Return other) {
        return new Layout(of, batteries, place, other, charge, sensing, glowPlugs);
    }

    Layout charging(Charge other) {
        return new Layout(of, batteries, place, back, other, sensing, glowPlugs);
    }

    Layout sensing(Sensing other) {
        return new Layout(of, batteries, place, back, charge, other, glowPlugs);
    }

    Layout withGlowPlugs() {
        return new Layout(of, batteries, place, back, charge, sensing, true);
    }
}
