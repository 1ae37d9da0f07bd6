package app.dantro.core.slip;

import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Readings on a van, asked about at entry. */
abstract class VanSlips {
    final SeriesLoop van = StartingLoop.of(ReadyMadeCircuits.petrolBodyReturn());

    Optional<Slip> check(Reading reading, Reading... counted) {
        return SlipRules.onLoop(
                new SlipRules.Vehicle(ReadyMadeCircuits.petrolBodyReturn(), van, 20, false, OptionalDouble.empty()),
                new Readings(List.of(counted)),
                reading);
    }

    static double meant(Slip slip) {
        return slip.choices().stream()
                .flatMap(c -> c.volts().stream())
                .findFirst()
                .orElseThrow();
    }
}
