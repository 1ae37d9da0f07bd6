package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.inference.ShopRepairs;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Step;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;

/** One vehicle through the order of work, to the first repair or another end. */
final class Session {
    private static final int MOST_STEPS = 48;
    private static final int MOST_TIMES = 3;
    private static final int MOST_REPAIRS = 3;
    private static final double SLIPS = 0.1;

    private final FleetVehicle vehicle;
    private final PreparedCircuit prepared;
    private final Technician technician;
    private final Doing doing;
    private final boolean clamp;
    private final Assessor assessor;
    private final Consumer<String> log;
    private final Set<String> alarmed = new TreeSet<>();
    private final Set<String> doubted = new HashSet<>();
    private final Map<String, Integer> times = new HashMap<>();
    private final List<SlipTrial.Tried> slips = new ArrayList<>();
    private final List<String> discords = new ArrayList<>();
    private final Random dice;
    private Optional<String> first = Optional.empty();
    private int readingsBefore;
    private int repairs;
    private Assessment last;

    Session(FleetVehicle vehicle, PreparedCircuit prepared, Tool tool, long seed, Consumer<String> log) {
        this(vehicle, prepared, new ShopRepairs(List.of()), tool, seed, log);
    }

    /** @param repairs what the shop's own verified repairs say */
    Session(
            FleetVehicle vehicle,
            PreparedCircuit prepared,
            ShopRepairs repairs,
            Tool tool,
            long seed,
            Consumer<String> log) {
        this.vehicle = vehicle;
        this.prepared = prepared;
        this.assessor = new Assessor(Complaints.concern(vehicle), prepared, repairs);
        this.clamp = tool.clamp(vehicle);
        this.technician = new Technician(vehicle, prepared.circuit(), clamp, seed);
        this.doing = new Doing(technician);
        this.dice = new Random(seed + 1);
        this.log = log;
    }

    /**
     * What came of it.
     *
     * @param part what was to be repaired, at a repair
     * @param alarmed suspect or faulty at any moment
     * @param charged whether the program had a battery charged on the way
     * @param atEnd suspect or faulty at the end, the likeliest first, with its probability
     * @param readingsBefore those before the first repair, or all if nothing was repaired
     * @param questions asked about readings that were right
     * @param repairs made, the first of them {@code part}
     * @param left the vehicle as it drove off
     * @param slips what came of slips that were tried on the way
     * @param discords where headline, bars, standings and step parted
     * @param certified what the parts read that it certified, if it ended well
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
            int readingsBefore,
            int cranks,
            int questions,
            int doubts,
            String headline,
            int repairs,
            FleetVehicle left,
            List<SlipTrial.Tried> slips,
            List<String> discords,
            Map<PartKind, CertifiedParts> certified) {}

    /** Follows the program's own steps, after a school's ladder if one is given. */
    Result follow(List<Ladder.Rung> ladder) {
        try {
            technician.say(Topic.CLAMP, clamp ? "YES" : "NO");
            technician.say(Topic.PILE, vehicle.meter().pile() ? "YES" : "NO");
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
            case MEASURE -> measure();
            case CHARGE -> {
                technician.charge();
                yield step.probe().isEmpty() ? Optional.of(End.CHARGED) : measure();
            }
            case PROVE, RESTORE -> see(step);
            case REPAIR -> repair(step.part().orElseThrow());
            case CLOSE -> {
                boolean more = see(step).isEmpty();
                yield more ? Optional.empty() : Optional.of(End.GOOD);
            }
            case DONE -> Optional.of(repairs > 0 ? End.VERIFIED : End.GOOD);
            case COMPLAINT_TEST -> {
                technician.test();
                yield repairs > 0 ? Optional.empty() : Optional.of(End.ELSEWHERE);
            }
            case LOOK_ELSEWHERE -> Optional.of(End.ELSEWHERE);
        };
    }

    /** Repairs it, if what becomes of the vehicle can be known and the part was a right one; else it ends here. */
    private Optional<End> repair(PartId part) {
        readingsBefore = first.isEmpty() ? technician.taken() : readingsBefore;
        first = first.or(() -> Optional.of(part.value()));
        boolean right = technician.vehicle().rightNames().contains(part.value());
        if (!right || repairs == MOST_REPAIRS || !technician.repair(meant(part))) {
            return Optional.of(End.REPAIR);
        }
        repairs++;
        times.clear();
        return Optional.empty();
    }

    /** The part of a stretch that is really bad: whoever takes it apart sees it. */
    private PartId meant(PartId named) {
        return technician.vehicle().truth().faults().stream()
                .filter(f -> f.named().anyMatch(named.value()::equals))
                .findFirst()
                .map(f -> PartId.of(f.part()))
                .orElse(named);
    }

    private Optional<End> measure() {
        Doing.Measured measured = doing.measure(last);
        if (measured == Doing.Measured.READ && repairs == 0 && dice.nextDouble() < SLIPS) {
            SlipTrial.on(technician, dice, assessor).ifPresent(this::tried);
        }
        return measured == Doing.Measured.CANNOT ? Optional.of(End.UNREACHABLE) : Optional.empty();
    }

    private Optional<End> see(Step step) {
        return doing.see(step) ? Optional.empty() : Optional.of(End.UNSEEN);
    }

    private void tried(SlipTrial.Tried slip) {
        slips.add(slip);
        log.accept("  " + slip.line());
    }

    private void assess() {
        last = assessor.apply(technician.record());
        List<PartFinding> bad = alarms();
        bad.stream().filter(p -> repairs == 0).forEach(p -> alarmed.add(p.part().value()));
        last.findings().doubts().forEach(d -> doubted.add(d.reading().toString()));
        technician.newest().map(SessionLine::of).ifPresent(log);
        OneVoice.broken(last).ifPresent(discords::add);
        log.accept(SessionLine.of(last, bad));
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
                first,
                Set.copyOf(alarmed),
                technician.charged(),
                atEnd,
                technician.taken(),
                first.isEmpty() ? technician.taken() : readingsBefore,
                technician.cranks,
                technician.asked.size(),
                doubted.size(),
                last == null ? "" : last.findings().headline(),
                repairs,
                technician.vehicle(),
                List.copyOf(slips),
                List.copyOf(discords),
                CertifiedAtEnd.of(end, technician.record(), last));
        log.accept("%s %s".formatted(end, result.part().orElse("")));
        return result;
    }
}
