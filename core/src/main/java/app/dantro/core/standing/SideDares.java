package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.reading.Newest;
import java.util.List;

/** Where what a whole side of the charging loop loses is enough to suspect what lies on it (docs/everyday.md, here it must dare). */
record SideDares(Circuit circuit, List<Observation> observations) {
    /** From which current on a side is judged by its resistance. */
    private static final double CHARGING_AMPS = 30;
    /** Twice what a healthy side shows, in ohms. */
    private static final double SUPPLY_OHMS = 12e-3;

    private static final double RETURN_OHMS = 3.6e-3;
    /** Both sides together, in V a block, and the current that has to be shown. */
    private static final double BOTH_SIDES_VOLTS = 0.5;

    private static final double MUCH_AMPS = 40;
    /** The same where nobody measured the current of all loads. */
    private static final double BOTH_SIDES_AT_ANY_VOLTS = 0.55;

    /** True if a reading of a whole side is beyond a mark, and this part lies on that side. */
    boolean names(Part part, Observation o) {
        return o.what().condition().running()
                && circuit.alternator().filter(a -> names(a, part, o)).isPresent();
    }

    private boolean names(Alternator alternator, Part part, Observation o) {
        Condition condition = o.what().condition();
        Observable supply = Observable.volts(condition, alternator.output(), circuit.plusPost());
        Observable back = Observable.volts(condition, circuit.minusPost(), alternator.ground());
        if (o.what().same(supply)) {
            return on(circuit.chargingSupply(), part) && (beyond(o, SUPPLY_OHMS) || most(o, back));
        }
        return o.what().same(back) && on(circuit.chargingReturn(), part) && (beyond(o, RETURN_OHMS) || most(o, supply));
    }

    private boolean beyond(Observation side, double ohms) {
        return Dares.amps(observations, side)
                .filter(a -> a >= CHARGING_AMPS && Math.abs(side.value()) > ohms * a)
                .isPresent();
    }

    /** True if both together lose too much at a current that was shown, and this side the larger part of it. */
    private boolean most(Observation side, Observable other) {
        double volts = Math.abs(side.value());
        double others = observations.stream()
                .filter(o -> o.what().same(other))
                .map(o -> Math.abs(o.value()))
                .reduce(Newest::of)
                .orElse(0.0);
        double most = muchFlows(side) ? BOTH_SIDES_VOLTS : BOTH_SIDES_AT_ANY_VOLTS;
        return volts > others && volts + others > most * circuit.blocks();
    }

    private boolean muchFlows(Observation side) {
        return observations.stream()
                .anyMatch(o -> o.what() instanceof Observable.Amps
                        && o.what().condition() == side.what().condition()
                        && Math.abs(o.value()) >= MUCH_AMPS);
    }

    private static boolean on(List<Part> way, Part part) {
        return way.stream().anyMatch(p -> p.id().equals(part.id()));
    }
}
