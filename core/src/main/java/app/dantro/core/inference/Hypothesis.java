package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.VehicleState;
import java.util.List;
import java.util.Optional;

/**
 * One thing that may be true of a vehicle.
 *
 * @param faults none for a healthy vehicle, one, or two
 * @param stronger the first fault one standard deviation stronger within its step of the grid
 * @param logPrior natural logarithm of its probability before any reading
 * @param parts those at fault
 */
record Hypothesis(List<Fault> faults, Optional<Fault> stronger, double logPrior, List<PartId> parts) {
    public Hypothesis {
        faults = List.copyOf(faults);
    }

    Hypothesis(List<Fault> faults, Optional<Fault> stronger, double logPrior) {
        this(
                faults,
                stronger,
                logPrior,
                faults.stream().map(Fault::part).distinct().toList());
    }

    public boolean healthy() {
        return faults.isEmpty();
    }

    /** True if it calls a battery flat. */
    boolean flat() {
        return faults.stream().anyMatch(f -> f instanceof Fault.FlatBattery);
    }

    VehicleState state(double celsius) {
        return with(VehicleState.healthyAt(celsius), faults);
    }

    /** The same vehicle with its fault a little stronger; the same state for a fault without a severity. */
    VehicleState strongerState(double celsius) {
        return stronger.map(f -> with(VehicleState.healthyAt(celsius), List.of(f)))
                .orElseGet(() -> state(celsius));
    }

    private static VehicleState with(VehicleState state, List<Fault> faults) {
        VehicleState all = state;
        for (Fault fault : faults) {
            all = all.with(fault);
        }
        return all;
    }
}
