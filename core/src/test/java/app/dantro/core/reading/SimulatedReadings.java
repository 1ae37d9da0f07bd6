package app.dantro.core.reading;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** What a good meter shows on a vehicle with given faults, to the meter's own digits. */
public final class SimulatedReadings {
    private final NetworkSolver solver;
    private final VehicleState state;

    public SimulatedReadings(Circuit circuit, Fault... faults) {
        VehicleState with = VehicleState.healthy();
        for (Fault fault : faults) {
            with = with.with(fault);
        }
        this.solver = new NetworkSolver(circuit);
        this.state = with;
    }

    public Reading read(String red, String black, Condition condition) {
        return read(red, black, condition, Current.unknown());
    }

    public Reading read(String red, String black, Condition condition, Current current) {
        double volts = point(condition).between(PointId.of(red), PointId.of(black));
        int digits = (int) Math.round(-Math.log10(MeterRange.finestFor(volts).resolutionVolts()));
        return SampleReadings.of(
                red,
                black,
                condition,
                BigDecimal.valueOf(volts).setScale(digits, RoundingMode.HALF_UP).toPlainString(),
                current);
    }

    public OperatingPoint point(Condition condition) {
        return solver.solve(condition, state).orThrow();
    }
}
