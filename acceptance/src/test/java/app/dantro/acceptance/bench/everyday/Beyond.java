package app.dantro.acceptance.bench.everyday;

import app.dantro.acceptance.bench.vehicles.Vehicle;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.network.OperatingPoint;
import java.util.List;
import java.util.stream.Stream;

/**
 * The parts of an older world's vehicle that lose more than any everyday vehicle's do, though nobody put a fault into them:
 * its spreads draw them so (docs/everyday.md, here it must dare). Whoever names one of these names a bad part.
 */
record Beyond(Circuit circuit, Vehicle vehicle) {
    private static final double CRANKING_JOINT_VOLTS = 0.15;
    private static final double CONTACTS_VOLTS = 0.4;
    private static final double CHARGING_JOINT_VOLTS = 0.10;
    private static final double CHARGING_AMPS = 30;
    private static final double TIMES_HEALTHY = 5;
    private static final double CELSIUS = 20;

    List<String> parts(boolean runs) {
        return circuit.parts().stream()
                .filter(part -> Stream.of(Condition.CRANKING, Condition.RAISED_LOADED, Condition.ENGINE_OFF_LOAD)
                        .filter(c -> (runs || !c.running()) && vehicle.settles(c))
                        .anyMatch(c -> beyond(part, c)))
                .map(part -> part.id().value())
                .toList();
    }

    private boolean beyond(Part part, Condition condition) {
        OperatingPoint point = vehicle.in(condition);
        double volts = Math.abs(point.between(part.from(), part.to()));
        double amps = Math.abs(point.amps(part.id()));
        boolean muchOhms = amps > 1
                && volts / amps
                        > TIMES_HEALTHY * part.resistance().healthyAt(CELSIUS).nominalOhms();
        if (condition == Condition.CRANKING) {
            double most = part.kind() == PartKind.CONTACTS ? CONTACTS_VOLTS : CRANKING_JOINT_VOLTS;
            return muchOhms || volts > most && !isCable(part);
        }
        return muchOhms || volts > CHARGING_JOINT_VOLTS && amps >= CHARGING_AMPS && !isCable(part);
    }

    private static boolean isCable(Part part) {
        return part.kind() == PartKind.CABLE || part.kind() == PartKind.STRAP;
    }
}
