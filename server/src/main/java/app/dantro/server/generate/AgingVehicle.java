package app.dantro.server.generate;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** One vehicle with joints in its starting loop of which a few age: each gains resistance from visit to visit until it is repaired. */
final class AgingVehicle {
    private static final List<String> NAMES =
            List.of("Tarn", "Weir", "Mill", "Quarry", "Forge", "Dale", "Kiln", "Lock");
    private static final List<String> SORTS = List.of("van", "flatbed", "pickup", "estate", "loader", "tipper", "quad");
    private static final int AGING_JOINTS = 3;
    private static final double OHMS_A_VISIT = 0.25e-3;
    private static final int LETTERS = 26;

    private final Random random;
    private final List<Part> joints = new ArrayList<>();
    private final Map<PartId, Double> gained = new HashMap<>();
    private final Map<PartId, Double> pace = new HashMap<>();
    final String name;
    final String plate;

    AgingVehicle(int number, Circuit circuit, SeriesLoop loop, Random random) {
        this.random = random;
        name = "%s %d %s".formatted(one(NAMES), number, one(SORTS));
        plate = "%c%c %02d %c%c%c".formatted(letter(), letter(), random.nextInt(100), letter(), letter(), letter());
        List<Part> all = circuit.parts().stream()
                .filter(p -> p.kind() == PartKind.JOINT && loop.part(p.id()).isPresent())
                .toList();
        for (int i = 0; i < AGING_JOINTS && !all.isEmpty(); i++) {
            Part joint = all.get(random.nextInt(all.size()));
            joints.add(joint);
            // Most joints hardly age, a few fast: an exponential spread.
            pace.put(joint.id(), -Math.log(1 - random.nextDouble()) * OHMS_A_VISIT);
        }
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private char letter() {
        return (char) ('A' + random.nextInt(LETTERS));
    }

    /** Some months pass. */
    void age() {
        joints.forEach(j -> gained.merge(j.id(), pace.get(j.id()) * 2 * random.nextDouble(), Double::sum));
    }

    List<Fault> faults() {
        return gained.entrySet().stream()
                .<Fault>map(e -> new Fault.AddedResistance(e.getKey(), e.getValue()))
                .toList();
    }

    /** The joint that has gained most, if it is more than a sound one may have. */
    Optional<Part> worn(double mostOhms) {
        return joints.stream()
                .filter(j -> gained.getOrDefault(j.id(), 0.0) > mostOhms)
                .max((a, b) -> Double.compare(gained.get(a.id()), gained.get(b.id())));
    }

    void repaired(Part joint) {
        gained.put(joint.id(), 0.0);
    }
}
