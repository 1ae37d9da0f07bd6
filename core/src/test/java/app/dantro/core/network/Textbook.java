package app.dantro.core.network;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.kit.ReadyMadeCircuits;

/** The circuits that the textbook figures are held against. */
abstract class Textbook {
    static final PartId BATTERY = PartId.of("battery");

    final Circuit circuit = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    final Vehicles car = new Vehicles(circuit);
}
