package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Loop;
import app.dantro.core.network.VehicleState;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Basis;
import app.dantro.core.record.RecordedReading;
import java.util.List;
import java.util.Optional;

/**
 * What a case file says.
 *
 * @param circuitJson the circuit object as it stood in the file
 * @param state temperature, charge and the stated faults
 * @param basis what the case was judged by when the file was written
 * @param closing what it said when it closed, if it has
 * @param extensions foreign data as JSON text; empty if there is none
 */
public record CaseDocument(
        String vehicle,
        String complaint,
        Loop concern,
        Circuit circuit,
        String circuitJson,
        VehicleState state,
        List<RecordedReading> readings,
        Happened happened,
        Optional<Basis> basis,
        Optional<AsSaid> closing,
        String extensions) {
    public CaseDocument {
        readings = List.copyOf(readings);
    }

    /** True if vehicle, circuit, temperature and foreign data are the same. */
    public boolean equalsIgnoringEvents(CaseDocument other) {
        return vehicle.equals(other.vehicle)
                && complaint.equals(other.complaint)
                && concern == other.concern
                && circuitJson.equals(other.circuitJson)
                && state.equals(other.state)
                && extensions.equals(other.extensions);
    }
}
