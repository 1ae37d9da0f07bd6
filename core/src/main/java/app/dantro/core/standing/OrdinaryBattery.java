package app.dantro.core.standing;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.limits.BatteryLimit;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.reading.Newest;
import java.util.List;
import java.util.Optional;

/** What healthy batteries show while they give (docs/everyday.md, settled cranking voltage, key on, battery's own resistance). */
final class OrdinaryBattery {
    private final List<Observation> observations;
    private final Circuit circuit;
    private final double celsius;
    private final boolean slow;

    OrdinaryBattery(Evidence evidence, Circuit circuit, double celsius) {
        this.observations = evidence.observations();
        this.slow = evidence.entered().slow().orElse(false);
        this.circuit = circuit;
        this.celsius = celsius;
    }

    /** True if every reading of a battery, its own or that of all together, is one that healthy ones show. */
    boolean spares(PartId id) {
        return circuit.batteries().stream()
                .filter(b -> b.id().equals(id))
                .anyMatch(b -> observations.stream().noneMatch(o -> speaksOf(b, o)));
    }

    boolean has(PartId id) {
        return circuit.batteries().stream().anyMatch(b -> b.id().equals(id));
    }

    private boolean speaksOf(Battery battery, Observation o) {
        if (!(o.what() instanceof Observable.Volts v)) {
            return false;
        }
        Observable own = Observable.volts(v.condition(), battery.positivePost(), battery.negativePost());
        Observable all = Observable.volts(v.condition(), circuit.plusPost(), circuit.minusPost());
        if (v.same(own)) {
            return low(
                    o,
                    1,
                    BatteryLimit.HEALTHY.ofOne(circuit),
                    circuit.batteries().size() == circuit.blocks());
        }
        return v.same(all)
                ? low(o, circuit.blocks(), BatteryLimit.HEALTHY.ofAll(circuit), true)
                : between(battery, v, o);
    }

    /** Lost between batteries side by side: one of them gives less than its share. */
    private boolean between(Battery battery, Observable.Volts v, Observation o) {
        boolean onto = circuit.batteries().stream()
                .filter(other -> !other.equals(battery))
                .anyMatch(other -> v.same(Observable.volts(v.condition(), battery.positivePost(), other.positivePost()))
                        || v.same(Observable.volts(v.condition(), battery.negativePost(), other.negativePost())));
        return onto
                && circuit.blocks() == 1
                && v.condition().starterCalled()
                && Math.abs(o.value()) > Marks.BETWEEN_BATTERIES_VOLTS;
    }

    private boolean low(Observation o, int blocks, double mostOhms, boolean amps) {
        double volts = Math.abs(o.value()) * (1 + Marks.METER_SHARE);
        return switch (o.what().condition()) {
            case REST -> volts < Marks.LACKS_A_CELL_VOLTS * blocks;
            case KEY_ON -> base(o, blocks) - volts > keyOnVolts() * blocks;
            case ENGINE_OFF_LOAD -> volts < Marks.UNDER_LIGHTS_VOLTS * blocks;
            case CRANKING, START_ATTEMPT -> gaveOut(o, volts, blocks, amps ? mostOhms : Double.POSITIVE_INFINITY);
            default -> false;
        };
    }

    private double keyOnVolts() {
        return circuit.glows() ? Marks.GLOW_SAG_VOLTS : Marks.KEY_ON_SAG_VOLTS;
    }

    private boolean gaveOut(Observation o, double volts, int blocks, double mostOhms) {
        Optional<Double> amps = Dares.amps(observations, o).filter(a -> a >= Marks.TELLING_AMPS);
        return amps.isPresent() && Double.isFinite(mostOhms)
                ? (base(o, blocks) - volts) / amps.get() > mostOhms * BatteryLimit.cold(celsius)
                : volts < (slow ? Marks.SLOW_POSTS_VOLTS * blocks : CrankingLimit.voltsAt(celsius, blocks));
    }

    /** What the same posts rest at. */
    private double base(Observation o, int blocks) {
        Observable.Volts v = (Observable.Volts) o.what();
        return observations.stream()
                .filter(b -> b.what().same(Observable.volts(Condition.REST, v.red(), v.black())))
                .map(b -> Math.abs(b.value()))
                .reduce(Newest::of)
                .orElse(StateOfCharge.RESTS_AT_VOLTS * blocks);
    }
}
