package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.planning.Advisor;
import app.dantro.core.planning.Proposal;
import app.dantro.core.planning.Workplace;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.Link;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Knows the fault and only reads what the judgement needs to call it: the bound that no search can beat. */
final class KnowingStrategy implements Strategy {
    private static final int MOST_READINGS = 10;

    @Override
    public String words() {
        return "clairvoyant";
    }

    @Override
    public Call work(Job job, PreparedCircuit prepared) {
        if (job.vehicle.faulty().isEmpty()) {
            return Call.healthy(0);
        }
        PartId fault = job.vehicle.faulty().get(0);
        Complaint complaint = Complaint.valueOf(job.vehicle.complaint());
        if (job.posts(Condition.REST) < 12.4 * job.circuit.blocks()) {
            Optional<PartId> flat = job.charged();
            if (flat.isPresent()) {
                return Call.repair(flat.get(), 0);
            }
            job.posts(Condition.REST);
        }
        while (true) {
            Judgement judgement = Judgement.of(
                    prepared, new Evidence(job.observations, complaint, Optional.of(job.vehicle.starts()), false));
            Optional<PartId> called = judgement.called();
            if (called.isPresent()) {
                return Call.repair(called.get(), job.readings);
            }
            Optional<Observable> next = next(job, judgement, fault);
            if (next.isEmpty() || job.readings >= MOST_READINGS) {
                return Call.undecided(job.readings);
            }
            job.read(next.get());
        }
    }

    /** What the chain of proof lacks, else what of it was read least often. */
    private static Optional<Observable> next(Job job, Judgement judgement, PartId fault) {
        Workplace workplace = PlannerStrategy.workplace(job, false);
        List<Observable> able = new ArrayList<>();
        List<Link> links = judgement.proof().missing(fault);
        for (Link link : links.isEmpty() ? judgement.proof().chain(fault) : links) {
            link.any().stream()
                    .filter(w -> !w.isVolts() || workplace.conditions().contains(w.condition()))
                    .max(Comparator.comparingDouble(w -> shown(judgement, w)))
                    .ifPresent(able::add);
        }
        Optional<Observable> proof = able.stream().min(Comparator.comparingLong(w -> taken(job, w)));
        return proof.filter(w -> taken(job, w) < 2)
                .or(() -> Advisor.propose(judgement, workplace, 1).stream()
                        .map(Proposal::what)
                        .findFirst());
    }

    private static double shown(Judgement judgement, Observable what) {
        Forecast forecast = judgement
                .posterior()
                .forecast(judgement.posterior().explanations().get(0));
        return Math.abs(forecast.expected(what, 0.01).mean());
    }

    private static long taken(Job job, Observable what) {
        return job.observations.stream().filter(o -> o.what().same(what)).count();
    }
}
