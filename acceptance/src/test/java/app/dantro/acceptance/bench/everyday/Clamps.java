package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.reading.Current;
import java.util.Random;

/** What is typed as the current of a reading: a clamp's, at times nothing, and what a pile is seen to draw. */
final class Clamps {
    private static final double WITH_AMPS = 0.7;

    private final FleetMeter meter;
    private final boolean owned;
    private final Random dice;

    Clamps(FleetMeter meter, boolean owned, Random dice) {
        this.meter = meter;
        this.owned = owned;
        this.dice = dice;
    }

    boolean owned() {
        return owned;
    }

    Current around(FleetVehicle vehicle, FleetVehicle.Moment moment, Condition condition) {
        if (condition.pile()) {
            double shown = Math.rint(moment.setAmps());
            return shown > 0 ? Current.of(shown, Current.How.CLAMP) : Current.unknown();
        }
        if (!owned || condition == Condition.REST || dice.nextDouble() > WITH_AMPS) {
            return Current.unknown();
        }
        String place = condition.alternatorsCurrent() ? "charge-cable" : battery(vehicle);
        boolean oneOfTwo = place.equals("battery-a") && vehicle.kind().equals("twin12");
        if (oneOfTwo) {
            return vehicle.amps(moment, "starter-cable")
                    .map(meter::amps)
                    .map(a -> Current.in(PartId.of("starter-cable"), a, Current.How.CLAMP))
                    .orElseGet(Current::unknown);
        }
        return vehicle.amps(moment, place)
                .map(meter::amps)
                .map(a -> Current.of(a, Current.How.CLAMP))
                .orElseGet(Current::unknown);
    }

    static String battery(FleetVehicle vehicle) {
        return vehicle.places().contains("battery") ? "battery" : "battery-a";
    }
}
