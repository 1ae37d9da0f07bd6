package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.planning.Advice;
import app.dantro.core.planning.Advisor;
import app.dantro.core.planning.Workplace;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What the program advises, within its gates: base voltage first, no cranking of a flat battery. */
final class PlannerStrategy implements Strategy {
    private static final int MOST_READINGS = 22;
    private static final double CHARGED_VOLTS = 12.4;
    private static final double CRANKABLE_VOLTS = 12.0;

    @Override
    public String words() {
        return "planner";
    }

    @Override
    public Call work(Job job, PreparedCircuit prepared) {
        Complaint complaint = Complaint.valueOf(job.vehicle.complaint());
        boolean charged = false;
        int proof = 0;
        int before = job.readings;
        double base = job.posts(Condition.REST);
        while (true) {
            Evidence evidence = new Evidence(
                    job.observations, complaint, Optional.of(job.vehicle.starts()), job.repairs > 0, charged);
            boolean low = base < (charged ? CRANKABLE_VOLTS : CHARGED_VOLTS) * job.circuit.blocks();
            Advice advice = Advisor.advise(prepared, evidence, workplace(job, low));
            boolean chargedFirst = low && !charged;
            Optional<Call> called =
                    chargedFirst && advice.kind() != Advice.Kind.REPAIR ? Optional.empty() : called(advice, proof);
            if (called.isPresent()) {
                return called.get();
            }
            if (job.readings - before >= MOST_READINGS) {
                return Call.undecided(proof);
            }
            boolean flatByReadings = advice.kind() == Advice.Kind.CHARGE;
            if (flatByReadings && charged) {
                return Call.undecided(proof);
            }
            if (chargedFirst || flatByReadings) {
                Optional<PartId> flat = job.charged();
                if (flat.isPresent()) {
                    return Call.repair(flat.get(), proof);
                }
                charged = true;
                base = job.posts(Condition.REST);
                continue;
            }
            proof += advice.kind() == Advice.Kind.SEARCH ? 0 : 1;
            job.read(advice.proposals().get(0).what());
        }
    }

    /** What the advice ends the search with, if it does. */
    private static Optional<Call> called(Advice advice, int proof) {
        return switch (advice.kind()) {
            case REPAIR -> Optional.of(Call.repair(advice.part().orElseThrow(), proof));
            case HEALTHY -> Optional.of(Call.healthy(proof));
            case UNDECIDED -> Optional.of(Call.undecided(proof));
            default -> Optional.empty();
        };
    }

    static Workplace workplace(Job job, boolean low) {
        Set<Condition> conditions = EnumSet.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);
        if (!low) {
            conditions.add(Condition.CRANKING);
        }
        if (job.vehicle.starts()) {
            conditions.add(Condition.RAISED);
            conditions.add(Condition.RAISED_LOADED);
        }
        return new Workplace(conditions, true, job.last);
    }
}
