package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Starter;
import app.dantro.core.inference.PreparedCircuit;
import java.util.List;
import java.util.Optional;

/**
 * How a good technician works with fixed limits: base voltage, the whole return side, the whole supply side, then either
 * point by point or by halving; what passes leaves battery, starter or alternator by elimination.
 */
final class LadderStrategy implements Strategy {
    private static final double CHARGED_VOLTS = 12.4;
    private static final double CRANKING_VOLTS = 9.6;
    private static final double RETURN_VOLTS = 0.2;
    private static final double SUPPLY_VOLTS = 0.5;
    private static final double LEAST_CHARGING_VOLTS = 13.4;
    private static final double MOST_CHARGING_VOLTS = 15.0;
    private static final double STEP_SHARE = 0.5;

    private final boolean halving;

    LadderStrategy(boolean halving) {
        this.halving = halving;
    }

    @Override
    public String words() {
        return halving ? "half-splitting" : "fixed-limit ladder";
    }

    @Override
    public Call work(Job job, PreparedCircuit prepared) {
        if (job.posts(Condition.REST) < CHARGED_VOLTS * job.circuit.blocks()) {
            Optional<PartId> flat = job.charged();
            if (flat.isPresent()) {
                return Call.repair(flat.get(), 0);
            }
            if (job.posts(Condition.REST) < CHARGED_VOLTS * job.circuit.blocks()) {
                return Call.repair(job.circuit.batteries().get(0).id(), 0);
            }
        }
        String complaint = job.vehicle.complaint();
        Optional<Call> starting = complaint.equals("CHARGING") ? Optional.empty() : starting(job);
        if (starting.isPresent() || complaint.equals("STARTING") && !job.vehicle.starts()) {
            return starting.orElse(Call.undecided(0));
        }
        Optional<Call> charging =
                complaint.equals("STARTING") || !job.vehicle.starts() ? Optional.empty() : charging(job);
        return charging.orElseGet(() -> complaint.equals("NONE") ? Call.healthy(0) : Call.undecided(0));
    }

    private Optional<Call> starting(Job job) {
        Circuit circuit = job.circuit;
        Starter starter = circuit.starter().orElseThrow();
        double posts = job.posts(Condition.CRANKING);
        Optional<PartId> wiring = side(job, circuit.startingReturn(), RETURN_VOLTS, Condition.CRANKING)
                .or(() -> side(job, circuit.startingSupply(), SUPPLY_VOLTS, Condition.CRANKING));
        if (wiring.isPresent()) {
            return wiring.map(p -> Call.repair(p, 0));
        }
        if (posts < CRANKING_VOLTS * circuit.blocks()) {
            return Optional.of(Call.repair(circuit.batteries().get(0).id(), 0));
        }
        return job.vehicle.complaint().equals("STARTING")
                ? Optional.of(Call.repair(starter.id(), 0))
                : Optional.empty();
    }

    private Optional<Call> charging(Job job) {
        Circuit circuit = job.circuit;
        Alternator alternator = circuit.alternator().orElseThrow();
        double posts = job.posts(Condition.RAISED_LOADED) / circuit.blocks();
        Optional<PartId> wiring = side(job, circuit.chargingReturn(), RETURN_VOLTS, Condition.RAISED_LOADED)
                .or(() -> side(job, circuit.chargingSupply(), SUPPLY_VOLTS, Condition.RAISED_LOADED));
        if (wiring.isPresent()) {
            return wiring.map(p -> Call.repair(p, 0));
        }
        boolean off = posts < LEAST_CHARGING_VOLTS || posts > MOST_CHARGING_VOLTS;
        return off ? Optional.of(Call.repair(alternator.id(), 0)) : Optional.empty();
    }

    /** The part that takes most of what a side loses too much; empty if the side passes. */
    private Optional<PartId> side(Job job, List<Part> parts, double limitVolts, Condition condition) {
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        PointId first = parts.get(0).from();
        PointId last = parts.get(parts.size() - 1).to();
        double whole = Math.abs(job.volts(condition, first, last));
        if (whole <= limitVolts * job.circuit.blocks()) {
            return Optional.empty();
        }
        return Optional.of(halving ? halved(job, parts, whole, condition) : walked(job, parts, condition));
    }

    private static PartId walked(Job job, List<Part> parts, Condition condition) {
        PartId worst = parts.get(0).id();
        double most = -1;
        for (Part part : parts) {
            double volts = Math.abs(job.volts(condition, part.from(), part.to()));
            if (volts > most) {
                most = volts;
                worst = part.id();
            }
        }
        return worst;
    }

    private static PartId halved(Job job, List<Part> parts, double whole, Condition condition) {
        List<Part> left = parts;
        while (left.size() > 1) {
            List<Part> half = left.subList(0, left.size() / 2);
            double volts = Math.abs(job.volts(
                    condition, half.get(0).from(), half.get(half.size() - 1).to()));
            left = volts > STEP_SHARE * whole ? half : left.subList(left.size() / 2, left.size());
        }
        return left.get(0).id();
    }
}
