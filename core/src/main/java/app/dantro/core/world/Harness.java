package app.dantro.core.world;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Draws the resistances of one vehicle's wiring: each side's as a whole, shared out among its parts. */
final class Harness {
    private static final double COPPER_PER_KELVIN = 0.0039;
    private static final double JOINT_SPREAD = 0.35;
    private static final double CABLE_SPREAD = 0.12;
    private static final double LEAST_FACTOR = 0.35;
    private static final double MOST_FACTOR = 4;
    private static final Spread CONTACTS = Spread.log(0.3e-3, 2e-3);
    private static final double REFERENCE_CELSIUS = 20;
    /** Of a joint's usual resistance, and what it loses at a starter's current; from 5 times and 0.15 V on it is at fault (docs/everyday.md, here it must dare). */
    private static final double JOINT_TIMES = 4.5;

    private static final double JOINT_VOLTS = 0.135;

    private final Dice dice;
    private final VehicleKind kind;
    private final Circuit circuit;
    private final double celsius;
    private final double age;
    private final double length;
    private final Map<PartId, Double> ohms = new LinkedHashMap<>();

    Harness(Dice dice, VehicleKind kind, Circuit circuit, double celsius) {
        this.dice = dice;
        this.kind = kind;
        this.circuit = circuit;
        this.celsius = celsius;
        this.age = dice.score();
        this.length = dice.score();
    }

    /** Ω of each wiring part at the vehicle's temperature. */
    Map<PartId, Double> ohms() {
        for (Part part : circuit.parts()) {
            double spread = part.kind() == PartKind.CABLE ? CABLE_SPREAD : JOINT_SPREAD;
            double shared = part.kind() == PartKind.CABLE ? length : age;
            double usual = part.resistance().healthyAt(REFERENCE_CELSIUS).nominalOhms();
            ohms.put(part.id(), usual * Math.exp(spread * dice.score(shared, 0.5)));
        }
        List<Part> supply = new ArrayList<>(circuit.startingSupply());
        List<Part> contacts =
                supply.stream().filter(p -> p.kind() == PartKind.CONTACTS).toList();
        supply.removeAll(contacts);
        List<Part> done = new ArrayList<>(supply);
        made(supply, List.of(), kind.cranking.supplyOhms());
        made(contacts, List.of(), CONTACTS);
        made(circuit.startingReturn(), List.of(), kind.cranking.returnOhms());
        done.addAll(contacts);
        done.addAll(circuit.startingReturn());
        made(circuit.chargingSupply(), done, kind.charging.supplyOhms());
        made(circuit.chargingReturn(), done, kind.charging.returnOhms());
        for (List<Part> side :
                List.of(supply, circuit.startingReturn(), circuit.chargingSupply(), circuit.chargingReturn())) {
            tightened(side);
        }
        for (Part part : circuit.parts()) {
            if (part.kind() == PartKind.CABLE || part.kind() == PartKind.STRAP) {
                ohms.merge(part.id(), 1 + COPPER_PER_KELVIN * (celsius - REFERENCE_CELSIUS), (a, b) -> a * b);
            }
        }
        return ohms;
    }

    /** Brings a side to a drawn resistance by the parts of it that are not made yet. */
    private void made(List<Part> side, List<Part> done, Spread spread) {
        double wanted = spread.at(dice.score((age + length) / Math.sqrt(2), 0.6));
        double fixed = sum(side.stream().filter(done::contains).toList());
        List<Part> open = side.stream().filter(p -> !done.contains(p)).toList();
        if (open.isEmpty()) {
            return;
        }
        double factor = Math.max(LEAST_FACTOR, Math.min(MOST_FACTOR, (wanted - fixed) / sum(open)));
        open.forEach(p -> ohms.merge(p.id(), factor, (a, b) -> a * b));
    }

    /** No joint of a healthy vehicle is as bad as one that has to be accused: what it had too much its side's cables have. */
    private void tightened(List<Part> side) {
        List<Part> cables = side.stream()
                .filter(p -> p.kind() == PartKind.CABLE || p.kind() == PartKind.STRAP)
                .toList();
        double moved = 0;
        for (Part part : side) {
            double most =
                    JOINT_TIMES * part.resistance().healthyAt(REFERENCE_CELSIUS).nominalOhms();
            if (starters(part)) {
                most = Math.min(most, JOINT_VOLTS / kind.cranking.amps().high());
            }
            if (part.kind() == PartKind.JOINT && ohms.get(part.id()) > most) {
                moved += ohms.get(part.id()) - most;
                ohms.put(part.id(), most);
            }
        }
        double factor = cables.isEmpty() ? 1 : 1 + moved / sum(cables);
        cables.forEach(c -> ohms.merge(c.id(), factor, (a, b) -> a * b));
    }

    private boolean starters(Part part) {
        return circuit.startingSupply().stream().anyMatch(p -> p.id().equals(part.id()))
                || circuit.startingReturn().stream().anyMatch(p -> p.id().equals(part.id()));
    }

    private double sum(List<Part> parts) {
        return parts.stream().mapToDouble(p -> ohms.get(p.id())).sum();
    }
}
