package app.dantro.core.network;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Solenoid;
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
    private final SpiceText text;
    private final SpiceDevices devices;

    private SpiceNetlist(Circuit circuit, Condition condition, VehicleState state) {
        this.netlist = new Netlist(circuit);
        this.condition = condition;
        this.values = new DeviceValues(netlist);
        values.set(state);
        this.text = new SpiceText(circuit);
        this.devices = new SpiceDevices(netlist, condition, values, text);
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
        return SpiceText.node(circuit, point);
    }

    private String write() {
        Circuit circuit = netlist.circuit;
        text.line("* %s, %s".formatted(circuit.id(), condition.words()));
        text.line("* volts, amperes and ohms; node 0 is (%s)".formatted(circuit.minusPost()));
        boolean keyHeld = condition.starterCalled() && netlist.solenoids.length > 0;
        if (keyHeld) {
            text.line("* copy with open contacts: does the solenoid pull in?");
            copy("o_", Contacts.OPEN);
            text.line("* copy with closed contacts: does it hold?");
            copy("h_", Contacts.CLOSED);
            text.line("* the circuit");
        }
        copy("", keyHeld ? Contacts.OBEY : Contacts.OPEN);
        nodesets(keyHeld ? List.of("", "o_", "h_") : List.of(""));
        text.line(".options reltol=1e-9 abstol=1e-12 vntol=1e-9 itl1=1000");
        text.line(".control");
        text.line("set numdgt=15");
        text.line("op");
        text.line("print all");
        text.line(".endc");
        text.line(".end");
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
                text.resistor(
                        prefix, part.id(), part.from(), part.to(), open ? 1 / Fault.OPEN_SIEMENS : values.ohms[i]);
            }
        }
        coilsAndLoads(prefix);
        devices(prefix);
    }

    private void coilsAndLoads(String prefix) {
        for (Solenoid s : netlist.solenoids) {
            text.resistor(
                    prefix,
                    PartId.of(s.id().value() + "-hold"),
                    s.trigger(),
                    s.ground(),
                    s.coils().holdOhms());
            text.resistor(
                    prefix,
                    PartId.of(s.id().value() + "-pull"),
                    s.trigger(),
                    s.motorStud(),
                    s.coils().pullInOhms());
        }
        for (int i = 0; i < netlist.loads.length; i++) {
            double siemens = values.loadSiemens(i, condition);
            if (siemens > 0) {
                text.resistor(
                        prefix, netlist.loads[i].id(), netlist.loads[i].from(), netlist.loads[i].to(), 1 / siemens);
            }
        }
    }

    private void devices(String prefix) {
        for (int i = 0; i < netlist.batteries.length; i++) {
            devices.battery(prefix, i);
        }
        for (int i = 0; i < netlist.starters.length; i++) {
            devices.starter(prefix, i);
        }
        for (int i = 0; i < netlist.alternators.length; i++) {
            devices.alternator(prefix, i);
        }
        for (int i = 0; i < netlist.piles.length; i++) {
            double amps = netlist.piles[i].amps().getOrDefault(condition, 0.0);
            if (amps > 0) {
                String v = text.across(prefix, netlist.piles[i].from(), netlist.piles[i].to());
                text.source(
                        prefix, netlist.piles[i], "min(%s, %s/%s)".formatted(amps, v, netlist.piles[i].leastOhms()));
            }
        }
    }

    /** Contacts that close if the open copy pulls in and the closed copy holds. */
    private void obeying(Part part, double ohms) {
        Solenoid s = netlist.solenoids[0];
        String pulls = "%s >= %s"
                .formatted(text.across("o_", s.trigger(), s.ground()), s.coils().pullInVolts());
        String holds = "%s >= %s"
                .formatted(text.across("h_", s.trigger(), s.ground()), s.coils().holdVolts());
        boolean passes = part.gate().closedIn(condition);
        text.line("B%s %s %s I = %s * ((%s) ? ((%s) ? %s : %s) : %s)"
                .formatted(
                        SpiceText.word(part.id().value()),
                        text.at("", part.from()),
                        text.at("", part.to()),
                        text.across("", part.from(), part.to()),
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
                    text.line(".nodeset v(%s)=%s".formatted(text.at(prefix, point), volts));
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
}
