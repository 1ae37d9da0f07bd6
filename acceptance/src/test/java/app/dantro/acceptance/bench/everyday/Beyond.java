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
 * The parts of an older world's vehicle that lose more than any everyday vehicle's do, and alternators that hold other volts
 * than any, though nobody put a fault into them: its spreads draw them so (docs/everyday.md, ranges and here it must dare).
 * Whoever names one of these names a bad part.
 */
record Beyond(Circuit circuit, Vehicle vehicle) {
    private static final double CRANKING_JOINT_VOLTS = 0.15;
    private static final double CONTACTS_VOLTS = 0.4;
    private static final double CHARGING_JOINT_VOLTS = 0.10;
    private static final double CHARGING_AMPS = 30;
    private static final double TIMES_HEALTHY = 5;
    private static final double CELSIUS = 20;
    private static final double LEAST_HELD_VOLTS = 13.4;
    private static final double MOST_HELD_VOLTS = 15.3;
    private static final double LEAST_LOADED_VOLTS = 12.7;
    private static final double MOST_FALL_VOLTS = 0.9;

    /** What a whole side may have at the most, in ohms; a cable of it that has more is no healthy one. */
    private double mostOfCrankingSide(boolean supply) {
        boolean motorcycle = circuit.id().equals("motorcycle");
        return supply ? motorcycle ? 0.008 : 0.0032 : motorcycle ? 0.004 : 0.0022;
    }

    private double mostOfChargingSide(boolean supply) {
        boolean far = circuit.id().equals("battery-boot") || circuit.id().equals("battery-behind-cab");
        return supply ? far ? 0.009 : 0.006 : 0.0018;
    }

    List<String> parts(boolean runs) {
        Stream<String> wiring = circuit.parts().stream()
                .filter(part -> Stream.of(Condition.CRANKING, Condition.RAISED_LOADED, Condition.ENGINE_OFF_LOAD)
                        .filter(c -> (runs || !c.running()) && vehicle.settles(c))
                        .anyMatch(c -> beyond(part, c)))
                .map(part -> part.id().value());
        Stream<String> machine = runs && machineBeyond() ? Stream.of("alternator") : Stream.empty();
        return Stream.concat(wiring, machine).toList();
    }

    /**
     * Its own volts, with nothing wrong around it, outside of what any regulator holds, or of what is left under all loads: a
     * fall of more than healthy ones have, or under a charged battery's base.
     */
    private boolean machineBeyond() {
        if (!vehicle.settles(Condition.RAISED) || !vehicle.settles(Condition.RAISED_LOADED)) {
            return false;
        }
        double off = own(Condition.RAISED);
        double loaded = own(Condition.RAISED_LOADED);
        return off < LEAST_HELD_VOLTS
                || off > MOST_HELD_VOLTS
                || loaded < LEAST_LOADED_VOLTS
                || off - loaded > MOST_FALL_VOLTS;
    }

    private double own(Condition condition) {
        double posts = vehicle.in(condition).between(circuit.plusPost(), circuit.minusPost());
        return (posts - vehicle.postOff(condition)) / circuit.blocks();
    }

    private boolean beyond(Part part, Condition condition) {
        OperatingPoint point = vehicle.in(condition);
        double volts = Math.abs(point.between(part.from(), part.to()));
        double amps = Math.abs(point.amps(part.id()));
        boolean muchOhms = amps > 1
                && volts / amps
                        > TIMES_HEALTHY * part.resistance().healthyAt(CELSIUS).nominalOhms();
        if (isCable(part)) {
            return muchOhms || amps > 1 && volts / amps > mostOf(part, condition);
        }
        if (condition == Condition.CRANKING) {
            double most = part.kind() == PartKind.CONTACTS ? CONTACTS_VOLTS : CRANKING_JOINT_VOLTS;
            return muchOhms || volts > most;
        }
        return muchOhms || volts > CHARGING_JOINT_VOLTS && amps >= CHARGING_AMPS;
    }

    /** Endless for one that lies on neither side's way. */
    private double mostOf(Part cable, Condition condition) {
        boolean cranking = condition == Condition.CRANKING;
        List<Part> supply = cranking ? circuit.startingSupply() : circuit.chargingSupply();
        List<Part> back = cranking ? circuit.startingReturn() : circuit.chargingReturn();
        boolean onSupply = supply.contains(cable);
        if (!onSupply && !back.contains(cable)) {
            return Double.MAX_VALUE;
        }
        return cranking ? mostOfCrankingSide(onSupply) : mostOfChargingSide(onSupply);
    }

    private static boolean isCable(Part part) {
        return part.kind() == PartKind.CABLE || part.kind() == PartKind.STRAP;
    }
}
