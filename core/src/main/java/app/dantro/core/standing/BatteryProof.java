package app.dantro.core.standing;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.inference.Observable;
import app.dantro.core.limits.StateOfCharge;
import java.util.ArrayList;
import java.util.List;

/** What a battery's verdict needs: its base voltage, its volts while cranking, and the current it gave. */
final class BatteryProof {
    private final Circuit circuit;
    private final Taken taken;

    BatteryProof(Circuit circuit, Taken taken) {
        this.circuit = circuit;
        this.taken = taken;
    }

    List<Link> chain(Battery battery) {
        Link base = Link.of(
                Requirement.BASE,
                Observable.volts(Condition.REST, battery.positivePost(), battery.negativePost()),
                taken.posts(Condition.REST));
        if (cellLow(battery)) {
            return List.of(base);
        }
        List<Link> chain = new ArrayList<>(List.of(
                base,
                Link.of(
                                Requirement.ITS_CRANKING_VOLTS,
                                taken.posts(Condition.CRANKING),
                                Observable.volts(Condition.CRANKING, battery.positivePost(), battery.negativePost()))
                        .delivered(),
                Link.of(Requirement.CRANKING_CURRENT, current())));
        circuit.batteries().stream()
                .filter(other -> !other.equals(battery) && circuit.blocks() == 1)
                .map(other -> sharing(battery, other))
                .forEach(chain::add);
        return List.copyOf(chain);
    }

    /** Of two batteries in parallel the posts read nearly the same; only what is lost between them tells who delivers. */
    private static Link sharing(Battery one, Battery other) {
        return Link.of(
                Requirement.SHARING,
                Observable.volts(Condition.CRANKING, one.positivePost(), other.positivePost()),
                Observable.volts(Condition.CRANKING, one.negativePost(), other.negativePost()));
    }

    /** A clamp, or the cables of the starting circuit read as shunts, alone or with their joints. */
    private List<Observable> current() {
        List<Observable> any = new ArrayList<>(List.of(new Observable.Amps(Condition.CRANKING)));
        for (List<Part> side : List.of(circuit.startingReturn(), circuit.startingSupply())) {
            for (int i = 0; i < side.size(); i++) {
                for (int j = i; j < side.size(); j++) {
                    if (side.subList(i, j + 1).stream().anyMatch(p -> p.kind() == PartKind.CABLE)) {
                        any.add(Observable.volts(
                                Condition.CRANKING,
                                side.get(i).from(),
                                side.get(j).to()));
                    }
                }
            }
        }
        return any;
    }

    /** A base voltage that a cell is missing from: then there is nothing to crank with. */
    boolean cellLow(Battery battery) {
        double own = StateOfCharge.CHARGED_VOLTS - Marks.LOW_CELL_VOLTS;
        double all = StateOfCharge.CHARGED_VOLTS * circuit.blocks() - Marks.LOW_CELL_VOLTS;
        return taken.restsBelow(battery.positivePost(), battery.negativePost(), own)
                || taken.restsBelow(circuit.plusPost(), circuit.minusPost(), all);
    }
}
