package app.dantro.core.world;

import java.util.List;

/**
 * Kinds of vehicle with what healthy ones show (docs/everyday.md, ranges), 12 V blocks, 20 °C, and the ready-made circuits
 * that a technician picks for them. A return side is drawn as its best way alone: others lie beside it.
 */
enum VehicleKind {
    CAR(
            "car12",
            List.of(
                    "petrol-car",
                    "petrol-car",
                    "petrol-body-return",
                    "computer-regulated",
                    "external-regulator",
                    "remote-sensing",
                    "side-terminals",
                    "charge-direct",
                    "charge-by-starter",
                    "charge-by-junction",
                    "charge-fusible-link"),
            new Source(Spread.log(3.2e-3, 13e-3), Spread.log(36, 100)),
            new Cranking(Spread.log(75, 300), Spread.log(0.8e-3, 3.0e-3), Spread.log(0.7e-3, 4.2e-3)),
            new Charging(Spread.log(60, 190), Spread.log(0.5e-3, 6e-3), Spread.log(0.12e-3, 3.5e-3)),
            new Drawn(Spread.log(3, 38), Spread.log(6, 60), Spread.log(5e-3, 60e-3), 300)),
    BOOT(
            "car12",
            List.of("battery-boot", "battery-behind-cab"),
            new Source(Spread.log(3.2e-3, 11e-3), Spread.log(50, 105)),
            new Cranking(Spread.log(80, 300), Spread.log(1.2e-3, 3.2e-3), Spread.log(0.8e-3, 1.8e-3)),
            new Charging(Spread.log(80, 200), Spread.log(1.2e-3, 9e-3), Spread.log(0.12e-3, 3.5e-3)),
            new Drawn(Spread.log(3, 38), Spread.log(6, 60), Spread.log(5e-3, 60e-3), 300)),
    DIESEL(
            "car12",
            List.of("diesel-glow"),
            new Source(Spread.log(3.0e-3, 8e-3), Spread.log(60, 110)),
            new Cranking(Spread.log(140, 430), Spread.log(0.7e-3, 2.2e-3), Spread.log(0.7e-3, 3.0e-3)),
            new Charging(Spread.log(80, 200), Spread.log(0.5e-3, 6e-3), Spread.log(0.12e-3, 3.5e-3)),
            new Drawn(Spread.log(3, 30), Spread.log(6, 60), Spread.log(5e-3, 60e-3), 300)),
    TWIN(
            "twin12",
            List.of("twin-battery-diesel"),
            new Source(Spread.log(3.2e-3, 11e-3), Spread.log(60, 110)),
            new Cranking(Spread.log(210, 580), Spread.log(0.4e-3, 1.6e-3), Spread.log(0.5e-3, 1.6e-3)),
            new Charging(Spread.log(90, 200), Spread.log(0.5e-3, 6e-3), Spread.log(0.12e-3, 3.5e-3)),
            new Drawn(Spread.log(4, 40), Spread.log(8, 60), Spread.log(8e-3, 90e-3), 500)),
    TRUCK(
            "truck24",
            List.of("truck-24v"),
            new Source(Spread.log(2.1e-3, 6.6e-3), Spread.log(100, 225)),
            new Cranking(Spread.log(150, 900), Spread.log(0.4e-3, 1.6e-3), Spread.log(0.5e-3, 1.6e-3)),
            new Charging(Spread.log(55, 150), Spread.log(0.5e-3, 6e-3), Spread.log(0.12e-3, 3.5e-3)),
            new Drawn(Spread.log(3, 25), Spread.log(8, 50), Spread.log(10e-3, 100e-3), 500)),
    MOTORCYCLE(
            "moto12",
            List.of("motorcycle"),
            new Source(Spread.log(8.5e-3, 42e-3), Spread.log(4.5, 20)),
            new Cranking(Spread.log(32, 190), Spread.log(2e-3, 8e-3), Spread.log(1.3e-3, 5.5e-3)),
            new Charging(Spread.log(16, 48), Spread.log(2e-3, 12e-3), Spread.log(0.3e-3, 3e-3)),
            new Drawn(Spread.log(2, 10), Spread.log(4, 14), Spread.log(0.2e-3, 6e-3), 80));

    final String key;
    final List<String> circuits;
    final Source source;
    final Cranking cranking;
    final Charging charging;
    final Drawn drawn;

    VehicleKind(String key, List<String> circuits, Source source, Cranking cranking, Charging charging, Drawn drawn) {
        this.key = key;
        this.circuits = circuits;
        this.source = source;
        this.cranking = cranking;
        this.charging = charging;
        this.drawn = drawn;
    }

    boolean heavy() {
        return this == TRUCK || this == TWIN;
    }

    /** Ω and Ah of a block. */
    record Source(Spread ohms, Spread ampHours) {}

    /** Settled A, and Ω of the supply side to the battery stud and of the return side. */
    record Cranking(Spread amps, Spread supplyOhms, Spread returnOhms) {}

    /** A on the plate, and Ω of both sides. */
    record Charging(Spread plateAmps, Spread supplyOhms, Spread returnOhms) {}

    /** A with the key on and with lights and blower, A asleep, and what a pile is set to. */
    record Drawn(Spread keyAmps, Spread lightAmps, Spread standingAmps, double pileAmps) {}
}
