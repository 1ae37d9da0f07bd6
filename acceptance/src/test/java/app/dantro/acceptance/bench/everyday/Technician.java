package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.procedure.Step;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.slip.Slip;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;

/** Somebody who takes readings on one vehicle and types them, answers what is asked, and says what was seen. */
final class Technician {
    private static final long STEP_MILLIS = 25_000;
    private static final long MOMENT_MILLIS = 180_000;
    private static final double AMMETER_AMPS = 10;
    private static final double FULL_VOLTS = 12.65;

    private FleetVehicle vehicle;
    private final Circuit circuit;
    private final Clamps clamps;
    private final Random dice;
    private final FleetMeter meter;
    private final Reach reach;
    private final List<Repair> repairs = new ArrayList<>();
    private final List<ComplaintTest> tests = new ArrayList<>();
    private final List<RecordedReading> readings = new ArrayList<>();
    private final List<Statement> said = new ArrayList<>();
    private final Set<String> outOfReach = new TreeSet<>();
    private final Map<Condition, Integer> moments = new EnumMap<>(Condition.class);
    private Optional<Condition> last = Optional.empty();
    private boolean charged;
    private long clock = 1_000_000;
    private int names;
    final List<Slip> asked = new ArrayList<>();
    int cranks;

    Technician(FleetVehicle vehicle, Circuit circuit, boolean clamp, long seed) {
        this.vehicle = vehicle;
        this.circuit = circuit;
        this.dice = new Random(seed);
        this.meter = new FleetMeter(vehicle.meter(), dice);
        this.clamps = new Clamps(meter, clamp, dice);
        this.reach = new Reach(vehicle, circuit);
    }

    CaseRecord record() {
        return CaseRecord.of(circuit, vehicle.celsius(), readings, repairs, tests)
                .with(Statements.of(said));
    }

    /** The newest reading. */
    Optional<RecordedReading> newest() {
        return readings.isEmpty() ? Optional.empty() : Optional.of(readings.get(readings.size() - 1));
    }

    /** The same technician, who mistyped the newest reading. */
    Technician mistyping(RecordedReading slipped) {
        Technician other = new Technician(vehicle, circuit, clamps.owned(), names);
        other.repairs.addAll(repairs);
        other.tests.addAll(tests);
        other.readings.addAll(readings.subList(0, readings.size() - 1));
        other.readings.add(slipped);
        other.said.addAll(said);
        other.outOfReach.addAll(outOfReach);
        other.moments.putAll(moments);
        other.last = last;
        other.charged = charged;
        other.clock = clock;
        other.names = names;
        return other;
    }

    int taken() {
        return readings.size();
    }

    void say(Topic topic, String value) {
        clock += 1000;
        said.add(new Statement(new UUID(2, names++), topic, value, "", clock));
    }

    /** An overnight charge. */
    void charge() {
        charged = true;
        clock += 12 * 3_600_000L;
        last = Optional.empty();
    }

    boolean charged() {
        return charged;
    }

    /** Puts a part right, if what becomes of the vehicle can be known. */
    boolean repair(PartId part) {
        Optional<FleetVehicle> after = vehicle.repaired(part.value());
        after.ifPresent(better -> {
            vehicle = better;
            clock += MOMENT_MILLIS;
            repairs.add(new Repair(new UUID(3, names++), part, Repair.Action.REPLACED, "", clock));
            last = Optional.empty();
        });
        return after.isPresent();
    }

    /** Tries what was complained of. */
    void test() {
        clock += MOMENT_MILLIS;
        boolean passes = vehicle.concern().equals("starting") ? !vehicle.cranksSlowly() : vehicle.charges();
        tests.add(new ComplaintTest(new UUID(4, names++), passes, "", clock));
    }

    FleetVehicle vehicle() {
        return vehicle;
    }

    /** Takes what a step asks for; where a point is out of reach the next one, unless that was read already. */
    boolean take(PointId wantedRed, PointId wantedBlack, Condition condition) {
        Optional<PointId> red = reach.from(wantedRed, wantedBlack);
        Optional<PointId> black = red.flatMap(r -> reach.from(wantedBlack, r));
        boolean itself =
                vehicle.points().contains(wantedRed.value()) && vehicle.points().contains(wantedBlack.value());
        boolean known = black.isPresent()
                && readings.stream()
                        .map(RecordedReading::reading)
                        .anyMatch(r -> r.condition() == condition && r.isAcross(red.get(), black.get()));
        return (itself || !known) && read(wantedRed, wantedBlack, condition);
    }

    /** Says of the points of a step which no probe gets to, if that is news. */
    boolean saysOutOfReach(Step step) {
        boolean news = outOfReach.addAll(reach.missing(step));
        if (news) {
            say(Topic.OUT_OF_REACH, String.join(",", outOfReach));
        }
        return news;
    }

    /** Takes a reading, if the vehicle came to that condition and its points, or the next ones, can be reached. */
    boolean read(PointId wantedRed, PointId wantedBlack, Condition condition) {
        PointId red = reach.from(wantedRed, wantedBlack).orElse(wantedRed);
        PointId black = reach.from(wantedBlack, red).orElse(wantedBlack);
        if (red.equals(black)) {
            return false;
        }
        Optional<FleetVehicle.Moment> moment = moment(condition);
        Optional<Double> ideal = moment.flatMap(m -> vehicle.volts(m, red.value(), black.value()));
        if (ideal.isEmpty()) {
            return false;
        }
        clock += STEP_MILLIS;
        cranks += condition.starterCalled() ? 1 : 0;
        double volts = ideal.get() * rested(condition);
        Reading reading = new Reading(
                new UUID(1, names++),
                red,
                black,
                condition,
                TypedVolts.parse(meter.volts(volts)),
                Statistic.SETTLED,
                clamps.around(vehicle, moment.get(), condition),
                Optional.empty(),
                false,
                clock);
        Optional<Slip> slip = record().asked(reading);
        slip.ifPresent(asked::add);
        Optional<Slip.Answer> answer =
                slip.map(s -> Truthful.answer(s, volts, reading, moment.get().rpm() > 0));
        readings.add(new RecordedReading(reading, slip, answer, false));
        return true;
    }

    /** Another moment of a condition each time it is made again; every crank is one. */
    private Optional<FleetVehicle.Moment> moment(Condition condition) {
        List<FleetVehicle.Moment> all = vehicle.in(condition.key(), charged);
        if (all.isEmpty() && condition == Condition.CRANKING) {
            all = vehicle.in(Condition.START_ATTEMPT.key(), charged);
        }
        if (all.isEmpty()) {
            return Optional.empty();
        }
        boolean again =
                condition.starterCalled() || last.filter(condition::equals).isEmpty();
        int at = moments.merge(condition, 0, (n, zero) -> again ? n + 1 : n);
        if (again) {
            clock += MOMENT_MILLIS;
        }
        last = Optional.of(condition);
        return Optional.of(all.get(at % all.size()));
    }

    /** A battery that was not flat and was charged all the same rests at what a full one shows; a dead cell stays dead. */
    private double rested(Condition condition) {
        if (!charged || condition.running() || condition.starterCalled()) {
            return 1;
        }
        FleetVehicle.Moment rest = vehicle.in("rest", true).get(0);
        double posts = vehicle.volts(rest, "post-plus", "post-minus").orElseThrow();
        boolean open = posts < vehicle.systemVolts() / 2.0;
        boolean dead = vehicle.truth().faults().stream().anyMatch(f -> f.kind().equals("dead_cell"));
        return rest.charged() || open || dead ? 1 : Math.max(1, FULL_VOLTS * vehicle.systemVolts() / 12 / posts);
    }

    /** The ripple at B+ under all loads, in V AC as a meter shows it. */
    Optional<String> ripple() {
        return moment(Condition.RAISED_LOADED).map(m -> String.format(Locale.ROOT, "%.2f", m.ripple()));
    }

    /** The standing current in mA, as an ammeter would be read; one that blows its fuse shows nothing. */
    Optional<String> standing() {
        return moment(Condition.REST)
                .flatMap(m -> vehicle.amps(m, Clamps.battery(vehicle)))
                .filter(a -> Math.abs(a) < AMMETER_AMPS)
                .map(a -> Long.toString(Math.round(Math.abs(a) * 1000)));
    }
}
