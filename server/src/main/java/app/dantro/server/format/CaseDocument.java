package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Reading;
import java.util.List;

/**
 * What a case file says.
 *
 * @param circuitJson the circuit object as it stood in the file
 * @param state temperature, charge and the stated faults
 * @param extensions foreign data as JSON text; empty if there is none
 */
public record CaseDocument(
        String vehicle,
        String complaint,
        Circuit circuit,
        String circuitJson,
        VehicleState state,
        List<Reading> readings,
        String extensions) {
    public CaseDocument {
        readings = List.copyOf(readings);
    }
}
