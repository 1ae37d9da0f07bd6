package app.dantro.core.network;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.Resistance;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A circuit with every voltage and every resistance multiplied; its piles are left out. */
final class Doubled {
    private final double by;

    private Doubled(double by) {
        this.by = by;
    }

    static Circuit of(Circuit circuit) {
        return new Doubled(2).scaled(circuit);
    }

    /** The circuit itself, its batteries stated in the same way. */
    static Circuit stated(Circuit circuit) {
        return new Doubled(1).scaled(circuit);
    }

    private Circuit scaled(Circuit c) {
        List<Device> devices = c.devices().stream()
                .filter(d -> !(d instanceof Pile))
                .map(this::scaled)
                .toList();
        List<Part> parts = c.parts().stream().map(this::scaled).toList();
        return new Circuit(c.id(), c.title(), c.systemVolts(), c.plusPost(), c.minusPost(), c.points(), parts, devices);
    }

    private Part scaled(Part p) {
        ResistanceRange r = p.resistance().healthyAt(20);
        Resistance more = new Resistance.Contact(new ResistanceRange(by * r.nominalOhms(), r.logSpread()));
        return new Part(p.id(), p.name(), p.kind(), p.from(), p.to(), more, p.gate(), p.fuseAmps());
    }

    private Device scaled(Device device) {
        if (device instanceof Battery b) {
            Battery.Source source = new Battery.Source(by * 12.58, by * 6e-3, by * 0.16);
            return new Battery(
                    b.id(),
                    b.name(),
                    b.positivePost(),
                    b.negativePost(),
                    b.internalOhms(),
                    b.ampHours(),
                    Optional.of(source));
        }
        if (device instanceof Starter s) {
            Starter.Motor m = s.motor();
            return new Starter(
                    s.id(),
                    s.name(),
                    s.motorStud(),
                    s.starterCase(),
                    new Starter.Motor(
                            by * m.voltSecondsPerRadian(),
                            by * m.ohms(),
                            by * m.dragNewtonMetres(),
                            by * m.dragNewtonMetreSeconds()));
        }
        if (device instanceof Solenoid s) {
            Solenoid.Coils k = s.coils();
            return new Solenoid(
                    s.id(),
                    s.name(),
                    s.trigger(),
                    s.ground(),
                    s.motorStud(),
                    s.contacts(),
                    new Solenoid.Coils(
                            by * k.holdOhms(), by * k.pullInOhms(), by * k.pullInVolts(), by * k.holdVolts()));
        }
        return device instanceof Alternator a ? scaled(a) : scaled((Load) device);
    }

    private Alternator scaled(Alternator a) {
        Alternator.Regulation g = a.regulation();
        Alternator.Rating r = a.rating();
        return new Alternator(
                a.id(),
                a.name(),
                a.output(),
                a.ground(),
                a.sense(),
                new Alternator.Regulation(by * g.setpointVolts(), by * g.voltsPerKelvin(), g.siemens() / by),
                new Alternator.Rating(
                        r.maxAmps(), r.share(), by * r.clampVolts(), by * r.clampOhms(), by * r.capVolts()));
    }

    private Load scaled(Load l) {
        Map<Condition, Double> less = new EnumMap<>(Condition.class);
        l.siemens().forEach((condition, siemens) -> less.put(condition, siemens / by));
        return new Load(l.id(), l.name(), l.from(), l.to(), less, l.glow());
    }
}
