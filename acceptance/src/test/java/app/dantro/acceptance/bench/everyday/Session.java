package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.core.procedure.Step;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;

/** One vehicle through the order of work, to the first repair or another end. */
final class Session {
    private static final int MOST_STEPS = 32;
    private static final int MOST_TIMES = 3;

    private final FleetVehicle vehicle;
    private final PreparedCircuit prepared;
    private final Loop loop;
    private final Technician technician;
    private final boolean clamp;
    private final OrderOfWork order = new OrderOfWork();
    private final Consumer<String> log;
    private final Set<String> alarmed = new TreeSet<>();
    private final Set<String> doubted = new HashSet<>();
    private final Map<String, Integer> times = new HashMap<>();
    private Assessment last;

    Session(FleetVehicle vehicle, PreparedCircuit prepared, Tool tool, long seed, Consumer<String> log) {
        this.vehicle = vehicle;
        this.prepared = prepared;
        this.loop = Complaints.concern(vehicle);
        this.clamp = tool.clamp(vehicle);
        this.technician = new Technician(vehicle, prepared.circuit(), clamp, seed);
        this.log = log;
    }

    /** How it ended. */
    enum End {
        REPAIR,
        GOOD,
        CHARGED,
        ELSEWHERE,
        UNSEEN,
        UNREACHABLE,
        WITHOUT_END,
        CRASH
    }

    /**
     * What came of it.
     *
     * @param part what was to be repaired, at a repair
     * @param alarmed suspect or faulty at any moment
     * @param charged whether the program had a battery charged on the way
     * @param atEnd suspect or faulty at the end, the likeliest first, with its probability
     * @param questions asked about readings that were right
     */
    record Result(
            FleetVehicle vehicle,
            boolean clamp,
            End end,
            Optional<String> part,
            Set<String> alarmed,
            boolean charged,
            Map<String, Double> atEnd,
            int readings,
            int cranks,
            int questions,
            int doubts,
            String headline) {}

    /** Follows the program's own steps, after a school's ladder if one is given. */
    Result follow(List<Ladder.Rung> ladder) {
        try {
            technician.say(Topic.CLAMP, clamp ? "YES" : "NO");
            Complaints.say(vehicle, technician);
            Knowledge.say(vehicle, technician);
            assess();
            for (Ladder.Rung rung : ladder) {
                rung.read(prepared.circuit(), technician);
                assess();
            }
            return ended(steps());
        } catch (RuntimeException crash) {
            log.accept("CRASH " + crash + " " + crash.getStackTrace()[0]);
            return ended(End.CRASH);
        }
    }

    private End steps() {
        for (int i = 0; i < MOST_STEPS; i++) {
            Step step = last.next();
            String named = step.kind()
                    + step.title()
                    + step.probe()
                            .map(p -> "" + p.red() + p.black() + p.condition())
                            .orElse("");
            if (times.merge(named, 1, Integer::sum) > MOST_TIMES) {
                return End.WITHOUT_END;
            }
            Optional<End> end = take(step);
            if (end.isPresent()) {
                return end.get();
            }
            assess();
        }
        return End.WITHOUT_END;
    }

    private Optional<End> take(Step step) {
        return switch (step.kind()) {
            case MEASURE -> measure(step);
            case CHARGE -> {
                technician.charge();
                yield step.probe().isEmpty() ? Optional.of(End.CHARGED) : measure(step);
            }
            case PROVE, RESTORE -> see(step);
            case REPAIR -> Optional.of(End.REPAIR);
            case CLOSE -> {
                boolean more = see(step).isEmpty();
                yield more ? Optional.empty() : Optional.of(End.GOOD);
            }
            case DONE -> Optional.of(End.GOOD);
            case COMPLAINT_TEST, LOOK_ELSEWHERE -> Optional.of(End.ELSEWHERE);
        };
    }

    /** The step's own reading, or the next best if a point cannot be reached. */
    private Optional<End> measure(Step step) {
        List<ProbePlan> plans = new ArrayList<>(step.probe().stream().toList());
        plans.addAll(last.standby());
        boolean read = plans.stream().anyMatch(p -> technician.take(p.red(), p.black(), p.condition()));
        return read ? Optional.empty() : Optional.of(End.UNREACHABLE);
    }

    private Optional<End> see(Step step) {
        boolean any = false;
        for (Step.ToSee item : step.toSee()) {
            Optional<String> seen = Looks.seen(vehicle, technician, item.topic());
            if (seen.isPresent() && !seen.equals(item.stated())) {
                if (item.topic() == Topic.CHARGED_APART) {
                    technician.charge();
                }
                technician.say(item.topic(), seen.get());
                any = true;
            }
        }
        return any ? Optional.empty() : Optional.of(End.UNSEEN);
    }

    private void assess() {
        last = order.assess(loop, technician.record(), prepared);
        List<PartFinding> bad = alarms();
        bad.forEach(p -> alarmed.add(p.part().value()));
        last.findings().doubts().forEach(d -> doubted.add(d.reading().toString()));
        technician.newest().ifPresent(r -> log.accept("  read " + r));
        log.accept("  %s | %s -> %s %s"
                .formatted(
                        bad.stream().map(Session::shown).toList(),
                        last.findings().headline(),
                        last.next().kind(),
                        last.next().title()));
    }

    private static String shown(PartFinding p) {
        return "%s %s %.2f"
                .formatted(
                        p.part(),
                        p.standing(),
                        p.suspicion().map(s -> s.probability()).orElse(0.0));
    }

    private List<PartFinding> alarms() {
        return last.findings().parts().stream().filter(PartFinding::alarmed).toList();
    }

    private Result ended(End end) {
        Map<String, Double> atEnd = new HashMap<>();
        if (last != null) {
            alarms().forEach(p -> atEnd.put(
                    p.part().value(), p.suspicion().map(s -> s.probability()).orElse(1.0)));
        }
        Result result = new Result(
                vehicle,
                clamp,
                end,
                end == End.REPAIR ? last.next().part().map(PartId::value) : Optional.empty(),
                Set.copyOf(alarmed),
                technician.charged(),
                atEnd,
                technician.taken(),
                technician.cranks,
                technician.asked.size(),
                doubted.size(),
                last == null ? "" : last.findings().headline());
        log.accept("%s %s".formatted(end, result.part().orElse("")));
        return result;
    }
}
