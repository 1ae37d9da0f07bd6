package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.FaultKind;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.VehicleState;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The state of a vehicle and its faults, out of a case file and back. */
final class StateFormat {
    private StateFormat() {}

    static VehicleState read(JsonFields file, Circuit circuit) {
        Optional<JsonFields> state = file.optionalObject("state");
        VehicleState healthy = VehicleState.healthy();
        VehicleState bare = state.map(s -> {
                    VehicleState stated = s.checked(() -> new VehicleState(
                            s.optionalNumber("celsius").orElse(healthy.celsius()),
                            s.optionalNumber("state_of_charge").orElse(healthy.stateOfCharge()),
                            s.flag("glowing"),
                            List.of()));
                    s.done();
                    return stated;
                })
                .orElse(healthy);
        NetworkSolver solver = new NetworkSolver(circuit);
        VehicleState faulty = bare;
        for (JsonFields json : file.objects("faults")) {
            Fault fault = fault(json);
            // a fault that does not fit the circuit is refused where it stands
            json.checked(() -> solver.solve(Condition.REST, bare.with(fault)));
            faulty = faulty.with(fault);
        }
        return faulty;
    }

    private static Fault fault(JsonFields json) {
        String kind = json.text("kind");
        FaultKind found = FaultKind.keyed(kind)
                .orElseThrow(() -> new BadFile(
                        json.path("kind"),
                        "There is no fault of the kind (%s). There are: %s."
                                .formatted(
                                        kind,
                                        Arrays.stream(FaultKind.values())
                                                .map(FaultKind::key)
                                                .collect(Collectors.joining(", ")))));
        PartId part = JsonIds.partId(json, "part");
        double severity = found.severityName().map(json::number).orElse(0.0);
        Fault fault = json.checked(() -> found.of(part, severity));
        json.done();
        return fault;
    }

    static ObjectNode write(Fault fault) {
        FaultKind kind = FaultKind.of(fault);
        ObjectNode json = JsonFields.MAPPER
                .createObjectNode()
                .put("kind", kind.key())
                .put("part", fault.part().value());
        kind.severityName().ifPresent(name -> json.put(name, kind.severity(fault)));
        return json;
    }
}
