package app.dantro.core.network;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Starter;

/** Devices of a netlist, as full piecewise sources. */
final class SpiceDevices {
    private final Netlist netlist;
    private final Condition condition;
    private final DeviceValues values;
    private final SpiceText text;

    SpiceDevices(Netlist netlist, Condition condition, DeviceValues values, SpiceText text) {
        this.netlist = netlist;
        this.condition = condition;
        this.values = values;
        this.text = text;
    }

    void battery(String prefix, int i) {
        Battery battery = netlist.batteries[i];
        String v = text.across(prefix, battery.positivePost(), battery.negativePost());
        double volts = values.openCircuitVolts(i, condition);
        text.source(
                prefix,
                battery,
                "(%1$s > %2$s) ? (%1$s - %2$s)/%3$s : (%1$s - %2$s)/%4$s"
                        .formatted(v, volts, values.batteries[i].chargeOhms(), values.batteries[i].dischargeOhms()));
    }

    void starter(String prefix, int i) {
        Starter.Motor m = values.motors[i];
        String v = text.across(prefix, netlist.starters[i].motorStud(), netlist.starters[i].starterCase());
        double k = m.voltSecondsPerRadian();
        double d = k * k + m.ohms() * m.dragNewtonMetreSeconds();
        text.source(
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

    void alternator(String prefix, int i) {
        Alternator a = netlist.alternators[i];
        String own = text.across(prefix, a.output(), a.ground());
        double limit = values.limitAmps(i, condition);
        double gm = a.regulation().siemens();
        if (limit > 0) {
            String wanted = "%s*(%s - %s)"
                    .formatted(
                            gm,
                            values.outputs[i].setpointVolts(),
                            text.across(prefix, a.sense().plus(), a.sense().minus()));
            if (Double.isFinite(a.rating().capVolts())) {
                wanted =
                        "min(%s, %s*(%s - %s))".formatted(wanted, gm, a.rating().capVolts(), own);
            }
            text.source(prefix, a, "-min(max(%s, 0), %s)".formatted(wanted, limit));
        }
        if (!condition.running()) {
            leak(prefix, a, own);
        }
        if (Double.isFinite(a.rating().clampVolts())) {
            text.line("B%sclamp_%s %s %s I = (%s > %s) ? (%s - %s)/%s : 0"
                    .formatted(
                            prefix,
                            SpiceText.word(a.id().value()),
                            text.at(prefix, a.output()),
                            text.at(prefix, a.ground()),
                            own,
                            a.rating().clampVolts(),
                            own,
                            a.rating().clampVolts(),
                            a.rating().clampOhms()));
        }
    }

    private void leak(String prefix, Alternator a, String own) {
        text.line("B%sleak_%s %s %s I = %s*%s"
                .formatted(
                        prefix,
                        SpiceText.word(a.id().value()),
                        text.at(prefix, a.output()),
                        text.at(prefix, a.ground()),
                        AlternatorBank.leakSiemens(a.rating()),
                        own));
    }
}
