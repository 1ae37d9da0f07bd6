package app.dantro.core.network;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A circuit in one condition as a SPICE netlist, so that anyone can check the numbers. Devices are written as full
 * piecewise sources, never in the mode the solver found. The solenoid has a memory that no operating point has: while
 * the key is held, the netlist carries two more copies of the circuit, contacts open and contacts closed, and the
 * contacts of the third obey them.
 */
public final class SpiceNetlist {
    private final Netlist netlist;
    private final Condition condition;
    private final DeviceValues values;
    private final StringBuilder text = new StringBuilder();

    private SpiceNetlist(Circuit circuit, Condition condition, VehicleState state) {
        this.netlist = new Netlist(circuit);
        this.condition = condition;
        this.values = new DeviceValues(netlist);
        values.set(state);
    }

    /**
     * The netlist's text; node {@code n_clamp_plus} is the probe point {@code clamp-plus}, node 0 the − post.
     *
     * @throws IllegalArgumentException if a fault does not fit the circuit
     */
    public static String of(Circuit circuit, Condition condition, VehicleState state) {
        return new SpiceNetlist(circuit, condition, state).write();
    }

    /** The netlist's name of a probe point. */
    public static String node(Circuit circuit, PointId point) {
        return circuit.minusPost().equals(point) ? "0" : "n_" + word(point.value());
    }

    private String write() {
        Circuit circuit = netlist.circuit;
        line("* %s, %s".formatted(circuit.id(), condition.words()));
        line("* volts, amperes and ohms; node 0 is (%s)".formatted(circuit.minusPost()));
        boolean keyHeld = condition.starterCalled() && netlist.solenoids.length > 0;
        if (keyHeld) {
            line("* copy with open contacts: does the solenoid pull in?");
            copy("o_", Contacts.OPEN);
            line("* copy with closed contacts: does it hold?");
            copy("h_", Contacts.CLOSED);
            line("* the circuit");
        }
        copy("", keyHeld ? Contacts.OBEY : Contacts.OPEN);
        nodesets(keyHeld ? List.of("", "o_", "h_") : List.of(""));
        line(".options reltol=1e-9 abstol=1e-12 vntol=1e-9 itl1=1000");
        line(".control");
        line("set numdgt=15");
        line("op");
        line("print all");
        line(".endc");
        line(".end");
        return text.toString();
    }

    private enum Contacts {
        OPEN,
        CLOSED,
        OBEY
    }

    private void copy(String prefix, Contacts contacts) {
        for (int i = 0; i < netlist.parts.length; i++) {
            Part part = netlist.parts[i];
            boolean switched = netlist.contacts.length > 0 && netlist.contacts[0] == i;
            if (switched && contacts == Contacts.OBEY) {
                obeying(part, values.ohms[i]);
            } else {
                boolean open = !part.gate().closedIn(condition) || switched && contacts == Contacts.OPEN;
                resistor(prefix, part.id(), part.from(), part.to(), open ? 1 / Fault.OPEN_SIEMENS : values.ohms[i]);
            }
        }
        for (Solenoid s : netlist.solenoids) {
            resistor(
                    prefix,
                    PartId.of(s.id().value() + "-hold"),
                    s.trigger(),
                    s.ground(),
                    s.coils().holdOhms());
            resistor(
                    prefix,
                    PartId.of(s.id().value() + "-pull"),
                    s.trigger(),
                    s.motorStud(),
                    s.coils().pullInOhms());
        }
        for (int i = 0; i < netlist.loads.length; i++) {
            double siemens = values.loadSiemens(i, condition);
            if (siemens > 0) {
                resistor(prefix, netlist.loads[i].id(), netlist.loads[i].from(), netlist.loads[i].to(), 1 / siemens);
            }
        }
        for (int i = 0; i < netlist.batteries.length; i++) {
            battery(prefix, i);
        }
        for (int i = 0; i < netlist.starters.length; i++) {
            starter(prefix, i);
        }
        for (int i = 0; i < netlist.alternators.length; i++) {
            alternator(prefix, i);
        }
        for (int i = 0; i < netlist.piles.length; i++) {
            double amps = netlist.piles[i].amps().getOrDefault(condition, 0.0);
            if (amps > 0) {
                String v = across(prefix, netlist.piles[i].from(), netlist.piles[i].to());
                source(prefix, netlist.piles[i], "min(%s, %s/%s)".formatted(amps, v, netlist.piles[i].leastOhms()));
            }
        }
    }

    private void battery(String prefix, int i) {
        Battery battery = netlist.batteries[i];
        String v = across(prefix, battery.positivePost(), battery.negativePost());
        double volts = values.openCircuitVolts(i, condition);
        source(
                prefix,
                battery,
                "(%1$s > %2$s) ? (%1$s - %2$s)/%3$s : (%1$s - %2$s)/%4$s"
                        .formatted(v, volts, values.batteries[i].chargeOhms(), values.batteries[i].dischargeOhms()));
    }

    private void starter(String prefix, int i) {
        Starter.Motor m = values.motors[i];
        String v = across(prefix, netlist.starters[i].motorStud(), netlist.starters[i].starterCase());
        double k = m.voltSecondsPerRadian();
        double d = k * k + m.ohms() * m.dragNewtonMetreSeconds();
        source(
                prefix,
                netlist.starters[i],
                "(%1$s > %2$s) ? (%3$s*%1$s + %4$s)/%5$s : %1$s/%6$s"
                        .formatted(
                                v,
                                m.ohms() * m.dragNewtonMetres() / k,
                                m.dragNewtonMetreSeconds(),
                                m.dragNewtonMetres() * k,
                                d,
                                m.ohms()));
    }

    private void alternator(String prefix, int i) {
        Alternator a = netlist.alternators[i];
        String own = across(prefix, a.output(), a.ground());
        double limit = values.limitAmps(i, condition);
        double gm = a.regulation().siemens();
        if (limit > 0) {
            String wanted = "%s*(%s - %s)"
                    .formatted(
                            gm,
                            values.outputs[i].setpointVolts(),
                            across(prefix, a.sense().plus(), a.sense().minus()));
            if (Double.isFinite(a.rating().capVolts())) {
                wanted =
                        "min(%s, %s*(%s - %s))".formatted(wanted, gm, a.rating().capVolts(), own);
            }
            source(prefix, a, "-min(max(%s, 0), %s)".formatted(wanted, limit));
        }
        if (Double.isFinite(a.rating().clampVolts())) {
            line("B%sclamp_%s %s %s I = (%s > %s) ? (%s - %s)/%s : 0"
                    .formatted(
                            prefix,
                            word(a.id().value()),
                            at(prefix, a.output()),
                            at(prefix, a.ground()),
                            own,
                            a.rating().clampVolts(),
                            own,
                            a.rating().clampVolts(),
                            a.rating().clampOhms()));
        }
    }

    /** Contacts that close if the open copy pulls in and the closed copy holds. */
    private void obeying(Part part, double ohms) {
        Solenoid s = netlist.solenoids[0];
        String pulls = "%s >= %s"
                .formatted(across("o_", s.trigger(), s.ground()), s.coils().pullInVolts());
        String holds = "%s >= %s"
                .formatted(across("h_", s.trigger(), s.ground()), s.coils().holdVolts());
        boolean passes = part.gate().closedIn(condition);
        line("B%s %s %s I = %s * ((%s) ? ((%s) ? %s : %s) : %s)"
                .formatted(
                        word(part.id().value()),
                        at("", part.from()),
                        at("", part.to()),
                        across("", part.from(), part.to()),
                        pulls,
                        holds,
                        passes ? 1 / ohms : Fault.OPEN_SIEMENS,
                        Fault.OPEN_SIEMENS,
                        Fault.OPEN_SIEMENS));
    }

    private void nodesets(List<String> prefixes) {
        Set<PointId> supply = new HashSet<>(Set.of(netlist.circuit.plusPost()));
        for (boolean grown = true; grown; ) {
            grown = false;
            for (Part part : netlist.parts) {
                boolean contacts = netlist.contacts.length > 0 && netlist.parts[netlist.contacts[0]] == part;
                if (!contacts && part.gate().closedIn(condition) && !part.touches(netlist.circuit.minusPost())) {
                    grown |= supply.contains(part.from()) && supply.add(part.to());
                    grown |= supply.contains(part.to()) && supply.add(part.from());
                }
            }
        }
        double volts = crudeVolts();
        for (String prefix : prefixes) {
            for (PointId point : netlist.points) {
                if (supply.contains(point)) {
                    line(".nodeset v(%s)=%s".formatted(at(prefix, point), volts));
                }
            }
        }
    }

    /** Where a simulator may begin: the nominal voltage, or the middle of the regulator's range. */
    private double crudeVolts() {
        if (!condition.running() || netlist.alternators.length == 0) {
            return netlist.circuit.systemVolts();
        }
        Alternator.Regulation regulation = netlist.alternators[0].regulation();
        double setpoint = Math.min(
                values.outputs[0].setpointVolts(),
                netlist.alternators[0].rating().clampVolts());
        return setpoint - 0.5 * values.limitAmps(0, condition) / regulation.siemens();
    }

    private void resistor(String prefix, PartId id, PointId from, PointId to, double ohms) {
        line("R%s%s %s %s %s".formatted(prefix, word(id.value()), at(prefix, from), at(prefix, to), ohms));
    }

    private void source(String prefix, Device device, String expression) {
        line("B%s%s %s %s I = %s"
                .formatted(
                        prefix,
                        word(device.id().value()),
                        at(prefix, device.terminals().get(0)),
                        at(prefix, device.terminals().get(1)),
                        expression));
    }

    private String across(String prefix, PointId one, PointId other) {
        return "V(%s,%s)".formatted(at(prefix, one), at(prefix, other));
    }

    private String at(String prefix, PointId point) {
        String node = node(netlist.circuit, point);
        return node.equals("0") ? node : prefix + node;
    }

    private static String word(String id) {
        return id.replace('-', '_');
    }

    private void line(String line) {
        text.append(line).append('\n');
    }
}
