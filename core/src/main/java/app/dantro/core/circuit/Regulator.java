package app.dantro.core.circuit;

import java.util.List;
import java.util.Set;

/** What regulates an alternator, and so what a verdict about its voltage means (docs/job.md, regulation). */
public enum Regulator {
    /** In the alternator's housing, with or without a sense wire: both are one assembly. */
    INSIDE("alternator with its regulator"),
    /** A box of its own with a feed and a ground wire of its own. */
    BOX("regulator box"),
    /** The engine computer drives the field. */
    COMPUTER("engine computer's field command"),
    /** A permanent-magnet generator with a rectifier-regulator of its own on the frame. */
    SEPARATE("rectifier-regulator");

    private final String words;

    Regulator(String words) {
        this.words = words;
    }

    /** What is wrong if the voltage is, as spoken. */
    public String words() {
        return words;
    }

    static Regulator of(Circuit circuit, Alternator alternator) {
        if (!bolted(circuit, alternator)) {
            return SEPARATE;
        }
        PointId plus = alternator.sense().plus();
        PointId minus = alternator.sense().minus();
        boolean ownGround = minus.equals(alternator.ground());
        if (ownGround || Set.of(plus, minus).equals(Set.of(circuit.plusPost(), circuit.minusPost()))) {
            return INSIDE;
        }
        return endOfOneWire(circuit, plus) && endOfOneWire(circuit, minus) ? BOX : COMPUTER;
    }

    /** True if only joints lie between the alternator's case and the engine. */
    private static boolean bolted(Circuit circuit, Alternator alternator) {
        List<Part> mount = circuit.startingReturn();
        if (mount.isEmpty()) {
            return true;
        }
        return Route.of(circuit, alternator.ground(), mount.get(0).to()).stream()
                .noneMatch(p -> p.kind() == PartKind.CABLE || p.kind() == PartKind.STRAP);
    }

    private static boolean endOfOneWire(Circuit circuit, PointId point) {
        return circuit.parts().stream().filter(p -> p.touches(point)).count() == 1;
    }
}
