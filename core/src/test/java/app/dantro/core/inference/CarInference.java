package app.dantro.core.inference;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A prepared car, and readings in it. */
abstract class CarInference {
    static final Circuit CAR = ReadyMadeCircuits.reference("reference-car", Sensing.INTERNAL);

    static final PreparedCircuit PREPARED = PreparedCircuit.of(CAR, 20);

    static final PartId CABLE = PartId.of("starter-cable");

    long names;

    /** Readings of the reference car with 5 mΩ in its starter cable. */
    List<Observation> sickCar() {
        return List.of(
                volts(Condition.REST, "post-plus", "post-minus", 12.58),
                volts(Condition.CRANKING, "post-plus", "post-minus", 11.53),
                volts(Condition.CRANKING, "post-plus", "motor-stud", 0.96),
                volts(Condition.CRANKING, "starter-case", "post-minus", 0.095));
    }

    static List<Observation> with(List<Observation> readings, Observation... more) {
        List<Observation> all = new ArrayList<>(readings);
        all.addAll(List.of(more));
        return all;
    }

    Observation volts(Condition condition, String red, String black, double value) {
        Observable what = new Observable.Volts(condition, PointId.of(red), PointId.of(black));
        return new Observation(new UUID(2, names++), what, value, Display.resolution(what, value));
    }
}
