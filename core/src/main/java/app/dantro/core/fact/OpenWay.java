package app.dantro.core.fact;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A way that ought to conduct and is open, with nothing running: nearly all of the battery's volts stand across it, since a
 * memory load behind it or the meter itself closes the circuit (docs/everyday.md, fact, inference, gate).
 */
public final class OpenWay {
    private static final Set<Condition> ENGINE_OFF =
            EnumSet.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);

    private final CaseRecord record;
    private final Circuit circuit;

    private OpenWay(CaseRecord record) {
        this.record = record;
        this.circuit = record.circuit();
    }

    /** The newest reading that shows one, with its numbers. */
    public static Optional<Reason> of(CaseRecord record) {
        OpenWay open = new OpenWay(record);
        return record.posts(Condition.REST).flatMap(open::beside);
    }

    private Optional<Reason> beside(Reading base) {
        double whole = Marks.OPEN_SHARE * Math.abs(base.volts());
        return record.counted()
                .where(r -> ENGINE_OFF.contains(r.condition()) && Math.abs(r.volts()) >= whole && conducts(r))
                .newest()
                .map(r -> FactReason.OPEN_ENGINE_OFF.with(
                        shown(r),
                        shown(base),
                        name(r.red()),
                        name(r.black()),
                        Quantity.named(r.condition().words())));
    }

    /** Wiring lies between the points, and none of it waits to be closed. */
    private boolean conducts(Reading reading) {
        List<Part> way = circuit.way(reading.red(), reading.black());
        boolean contacts = circuit.solenoid()
                .filter(s -> way.stream().anyMatch(p -> p.id().equals(s.contacts())))
                .isPresent();
        return !way.isEmpty()
                && !contacts
                && way.stream().allMatch(p -> p.gate().closedIn(reading.condition()));
    }

    private Quantity name(PointId point) {
        return Quantity.named(circuit.point(point).map(ProbePoint::name).orElse(point.value()));
    }

    private static Quantity shown(Reading reading) {
        return Quantity.volts(Math.abs(reading.volts()), reading.resolutionVolts());
    }
}
