package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.network.Limit;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.Solution;
import app.dantro.core.network.VehicleState;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;

/** Node potentials and part currents in every condition, as JSON (docs/formats/prediction-v1.schema.json). */
public final class PredictionFormat {
    private PredictionFormat() {}

    /** Solves every condition and writes what came out; a condition without an operating point says why. */
    public static String of(Circuit circuit, VehicleState state) {
        return CaseFormat.pretty(json(circuit, state));
    }

    /** The same in one line. */
    public static String line(Circuit circuit, VehicleState state) {
        return json(circuit, state).toString();
    }

    private static ObjectNode json(Circuit circuit, VehicleState state) {
        NetworkSolver solver = new NetworkSolver(circuit);
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.put("format", "dantro-prediction").put("version", 1).put("circuit", circuit.id());
        json.put("reference", circuit.minusPost().value());
        ObjectNode conditions = json.putObject("conditions");
        for (Condition condition : Condition.modelled()) {
            solver.forget();
            conditions.set(condition.key(), write(circuit, solver.solve(condition, state)));
        }
        return json;
    }

    private static ObjectNode write(Circuit circuit, Solution solution) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        if (solution instanceof Solution.Unsolved unsolved) {
            return json.put("solved", false).put("reason", unsolved.reason());
        }
        OperatingPoint point = solution.orThrow();
        json.put("solved", true);
        ObjectNode volts = json.putObject("volts");
        for (ProbePoint p : circuit.points()) {
            volts.put(p.id().value(), point.at(p.id()));
        }
        ObjectNode amps = json.putObject("amps");
        for (Part part : circuit.parts()) {
            amps.put(part.id().value(), point.amps(part.id()));
        }
        for (Device device : circuit.devices()) {
            amps.put(device.id().value(), point.amps(device.id()));
        }
        json.put("cranking_rpm", point.rpm()).put("ripple_volts", point.rippleVolts());
        ArrayNode limits = json.putArray("limited_by");
        for (Limit limit : point.limits()) {
            limits.add(limit.name().toLowerCase(Locale.ROOT));
        }
        return json.put("solutions_tried", point.convergence().iterations())
                .put("imbalance_amps", point.convergence().residualAmps());
    }
}
