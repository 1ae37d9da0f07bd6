package app.dantro.core.world;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.Resistance;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.circuit.Starter;
import app.dantro.core.network.StartingLoop;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The circuit of one vehicle at one moment: the ready-made one's wiring and devices, with the vehicle's own numbers. */
final class OwnCircuit {
    private static final double LEAST_OHMS = 1e-6;
    private static final double LEAST_PILE_OHMS = 5e-3;

    private final Build build;
    private final Set<PartId> flat;
    private final double usualAmps;
    private final double ignitionSiemens;

    OwnCircuit(Build build, Set<PartId> flat) {
        this.build = build;
        this.flat = flat;
        this.usualAmps = StartingLoop.of(build.circuit()).crankingAmps().nominalAmps();
        this.ignitionSiemens = total(Condition.RAISED_LOADED);
    }

    /**
     * The circuit as it is now.
     *
     * @param hot factor on the joint that heats
     * @param constant factor on the motor's constant
     */
    Circuit at(Now now, double hot, double constant) {
        Circuit c = build.circuit();
        List<Part> parts = c.parts().stream().map(p -> p.with(ohms(p, hot))).toList();
        List<Device> devices =
                c.devices().stream().map(d -> own(d, now, constant)).toList();
        return new Circuit(c.id(), c.title(), c.systemVolts(), c.plusPost(), c.minusPost(), c.points(), parts, devices);
    }

    double usualAmps() {
        return build.engine().amps();
    }

    private Resistance ohms(Part part, double hot) {
        double ohms = build.ohms().get(part.id()) * (part.id().equals(build.heating()) ? hot : 1);
        return new Resistance.Contact(new ResistanceRange(Math.max(LEAST_OHMS, ohms), 0));
    }

    private Device own(Device device, Now now, double constant) {
        if (device instanceof Battery b) {
            return new Battery(
                    b.id(),
                    b.name(),
                    b.positivePost(),
                    b.negativePost(),
                    b.internalOhms(),
                    build.cell().ampHours(),
                    Optional.of(flat.contains(b.id()) ? now.flat() : now.source()));
        }
        if (device instanceof Starter s) {
            return new Starter(s.id(), s.name(), s.motorStud(), s.starterCase(), motor(s.motor(), now, constant));
        }
        if (device instanceof Alternator a) {
            return alternator(a, now);
        }
        if (device instanceof Load l && !l.glow() && !l.id().value().equals("sense-input")) {
            return load(l, now);
        }
        if (device instanceof Pile p) {
            return pile(p);
        }
        return device;
    }

    /** A starter that draws more is the larger one: less resistance, more torque at the same speed. */
    private Starter.Motor motor(Starter.Motor m, Now now, double constant) {
        double larger = build.engine().amps() / usualAmps;
        return new Starter.Motor(
                m.voltSecondsPerRadian() * build.engine().constant() * constant,
                m.ohms() * build.engine().armature() / larger,
                m.dragNewtonMetres() * larger * now.drag(),
                m.dragNewtonMetreSeconds() * larger * now.drag());
    }

    private Alternator alternator(Alternator a, Now now) {
        int blocks = build.circuit().blocks();
        double most = build.machine().plateAmps() * build.machine().limit();
        Map<Condition, Double> share = new HashMap<>(a.rating().share());
        share.put(Condition.IDLE, build.machine().idleShare());
        share.put(Condition.IDLE_LOADED, build.machine().idleShare());
        return new Alternator(
                a.id(),
                a.name(),
                a.output(),
                a.ground(),
                a.sense(),
                new Alternator.Regulation(
                        now.setVolts() * blocks,
                        0,
                        a.regulation().siemens() * most / a.rating().maxAmps()),
                new Alternator.Rating(
                        most,
                        new EnumMap<>(share),
                        a.rating().clampVolts(),
                        a.rating().clampOhms(),
                        a.rating().capVolts()));
    }

    /** Shares what is drawn out as the ready-made circuit does with all loads on; asleep only the body draws. */
    private Load load(Load l, Now now) {
        double mine = l.siemensIn(Condition.RAISED_LOADED) / ignitionSiemens;
        double share = now.condition().keyOn() ? mine : l.id().value().equals("body-loads") ? 1 : 0;
        Map<Condition, Double> siemens = new EnumMap<>(Condition.class);
        siemens.put(now.condition(), share * now.siemens(build.circuit().blocks()));
        return new Load(l.id(), l.name(), l.from(), l.to(), siemens, false);
    }

    private Pile pile(Pile p) {
        Map<Condition, Double> amps = new EnumMap<>(p.amps());
        amps.computeIfPresent(
                Condition.PILE_STARTER, (c, a) -> build.kind().drawn.pileAmps());
        amps.computeIfPresent(
                Condition.PILE_ALTERNATOR, (c, a) -> build.machine().plateAmps());
        return new Pile(p.id(), p.name(), p.from(), p.to(), amps, LEAST_PILE_OHMS);
    }

    private double total(Condition condition) {
        return build.circuit().devices().stream()
                .filter(d -> d instanceof Load l && !l.glow() && !l.id().value().equals("sense-input"))
                .mapToDouble(d -> ((Load) d).siemensIn(condition))
                .sum();
    }
}
