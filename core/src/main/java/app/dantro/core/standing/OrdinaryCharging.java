package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import java.util.ArrayList;
import java.util.List;

/** What both charging sides lose in ordinary vehicles (docs/everyday.md, supply and return side charging). */
final class OrdinaryCharging {
    private final Evidence evidence;
    private final Circuit circuit;
    private final List<Part> supply;
    private final List<Part> back;

    OrdinaryCharging(Evidence evidence, Circuit circuit) {
        this.evidence = evidence;
        this.circuit = circuit;
        this.supply = circuit.chargingSupply();
        this.back = circuit.chargingReturn();
    }

    boolean has(PartId id) {
        return on(supply, id) || on(back, id);
    }

    private static boolean on(List<Part> way, PartId id) {
        return way.stream().anyMatch(p -> p.id().equals(id));
    }

    /** True if a drop of a running engine lies across the part, or the machine's own volts tell what both sides lose. */
    boolean speaksOf(PartId id, Observation o) {
        return o.what() instanceof Observable.Volts v
                && v.condition().running()
                && (covers(v, id) && !ordinary(v, o, id) || has(id) && isOutput(v) && loses(v, o));
    }

    /** True if a drop lies across it, and none that ordinary vehicles do not show. */
    boolean ordinaryAcross(PartId id) {
        return evidence.observations().stream()
                .anyMatch(o ->
                        o.what() instanceof Observable.Volts v && v.condition().running() && covers(v, id));
    }

    /** True if the machine's own volts stand further above the posts' than both ordinary sides lose. */
    private boolean loses(Observable.Volts own, Observation o) {
        double most = (Marks.CHARGING_SUPPLY_VOLTS + Marks.CHARGING_RETURN_VOLTS) * circuit.blocks();
        Observable posts = Observable.volts(own.condition(), circuit.plusPost(), circuit.minusPost());
        return evidence.observations().stream()
                .filter(p -> p.what().same(posts))
                .anyMatch(p -> Math.abs(o.value()) - Math.abs(p.value()) > most);
    }

    private boolean isOutput(Observable.Volts v) {
        Alternator a = circuit.alternator().orElseThrow();
        return v.same(new Observable.Volts(v.condition(), a.output(), a.ground()));
    }

    private boolean covers(Observable.Volts v, PartId id) {
        return between(supply, v, id) || between(back, v, id);
    }

    private static boolean between(List<Part> way, Observable.Volts v, PartId id) {
        if (way.isEmpty()) {
            return false;
        }
        List<PointId> points = new ArrayList<>();
        points.add(start(way));
        for (Part part : way) {
            PointId last = points.get(points.size() - 1);
            points.add(part.from().equals(last) ? part.to() : part.from());
        }
        int red = points.indexOf(v.red());
        int black = points.indexOf(v.black());
        int at = way.stream().map(Part::id).toList().indexOf(id);
        return red >= 0 && black >= 0 && at >= Math.min(red, black) && at < Math.max(red, black);
    }

    private static PointId start(List<Part> way) {
        Part first = way.get(0);
        boolean forward = way.size() == 1 || way.get(1).touches(first.to());
        return forward ? first.from() : first.to();
    }

    /** True for a drop across just a joint. */
    private boolean joint(PartId id, Observable.Volts v) {
        return circuit.part(id)
                .filter(p -> p.kind() != PartKind.CABLE && p.kind() != PartKind.STRAP)
                .filter(p -> v.same(Observable.volts(v.condition(), p.from(), p.to())))
                .isPresent();
    }

    private boolean ordinary(Observable.Volts v, Observation o, PartId id) {
        boolean whole = circuit.alternator()
                .filter(a -> v.same(new Observable.Volts(v.condition(), a.output(), circuit.plusPost()))
                        || v.same(new Observable.Volts(v.condition(), circuit.minusPost(), a.ground())))
                .isPresent();
        double volts = Math.abs(o.value());
        double amps = Dares.amps(evidence.observations(), o).orElse(0.0);
        boolean onSupply = on(supply, id);
        if (!whole && joint(id, v)) {
            return volts <= Marks.ORDINARY_PIECE_VOLTS;
        }
        double share = whole ? 1 : Marks.PIECE_SHARE;
        double ohms = onSupply ? Marks.CHARGING_SUPPLY_OHMS : Marks.CHARGING_RETURN_OHMS;
        double most = onSupply ? Marks.CHARGING_SUPPLY_VOLTS : Marks.CHARGING_RETURN_VOLTS;
        return amps >= Marks.TELLING_AMPS ? volts / amps <= share * ohms : volts <= share * most * circuit.blocks();
    }
}
