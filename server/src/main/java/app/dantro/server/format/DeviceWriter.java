package app.dantro.server.format;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;

/** Devices into a case file. */
final class DeviceWriter {
    private DeviceWriter() {}

    static ObjectNode write(Device device) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        if (device instanceof Battery b) {
            writeBattery(json, b);
        } else if (device instanceof Starter s) {
            begin(json, "starter", s)
                    .put("motor_stud", s.motorStud().value())
                    .put("starter_case", s.starterCase().value())
                    .put("volt_seconds_per_radian", s.motor().voltSecondsPerRadian())
                    .put("ohms", s.motor().ohms())
                    .put("drag_newton_metres", s.motor().dragNewtonMetres())
                    .put("drag_newton_metre_seconds", s.motor().dragNewtonMetreSeconds());
        } else if (device instanceof Solenoid s) {
            writeSolenoid(json, s);
        } else if (device instanceof Alternator a) {
            writeAlternator(json, a);
        } else if (device instanceof Load l) {
            begin(json, "load", l).put("from", l.from().value()).put("to", l.to().value());
            json.set("siemens", perCondition(l.siemens()));
            if (l.glow()) {
                json.put("glow", true);
            }
        } else if (device instanceof Pile p) {
            begin(json, "pile", p).put("from", p.from().value()).put("to", p.to().value());
            json.set("amps", perCondition(p.amps()));
            json.put("least_ohms", p.leastOhms());
        }
        return json;
    }

    private static void writeBattery(ObjectNode json, Battery b) {
        begin(json, "battery", b)
                .put("positive_post", b.positivePost().value())
                .put("negative_post", b.negativePost().value())
                .put("ohms", b.internalOhms().nominalOhms())
                .put("spread", b.internalOhms().logSpread())
                .put("amp_hours", b.ampHours());
        b.stated()
                .ifPresent(s -> json.putObject("source")
                        .put("volts", s.volts())
                        .put("discharge_ohms", s.dischargeOhms())
                        .put("charge_ohms", s.chargeOhms()));
    }

    private static void writeSolenoid(ObjectNode json, Solenoid s) {
        begin(json, "solenoid", s)
                .put("trigger", s.trigger().value())
                .put("ground", s.ground().value())
                .put("motor_stud", s.motorStud().value())
                .put("contacts", s.contacts().value())
                .put("hold_ohms", s.coils().holdOhms())
                .put("pull_in_ohms", s.coils().pullInOhms())
                .put("pull_in_volts", s.coils().pullInVolts())
                .put("hold_volts", s.coils().holdVolts());
    }

    private static void writeAlternator(ObjectNode json, Alternator a) {
        begin(json, "alternator", a)
                .put("output", a.output().value())
                .put("ground", a.ground().value())
                .put("sense_plus", a.sense().plus().value())
                .put("sense_minus", a.sense().minus().value())
                .put("setpoint_volts", a.regulation().setpointVolts())
                .put("volts_per_kelvin", a.regulation().voltsPerKelvin())
                .put("siemens", a.regulation().siemens())
                .put("max_amps", a.rating().maxAmps());
        json.set("share", perCondition(a.rating().share()));
        json.put("clamp_volts", a.rating().clampVolts())
                .put("clamp_ohms", a.rating().clampOhms());
        if (Double.isFinite(a.rating().capVolts())) {
            json.put("cap_volts", a.rating().capVolts());
        }
    }

    private static ObjectNode begin(ObjectNode json, String kind, Device device) {
        return json.put("kind", kind).put("id", device.id().value()).put("name", device.name());
    }

    private static ObjectNode perCondition(Map<Condition, Double> values) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        for (Condition condition : Condition.modelled()) {
            if (values.containsKey(condition)) {
                json.put(condition.key(), values.get(condition));
            }
        }
        return json;
    }
}
