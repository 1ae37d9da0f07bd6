package app.dantro.core.world;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.Limit;
import app.dantro.core.network.OperatingPoint;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** One vehicle of the {@link EverydayWorld}: what it shows at every moment of its day, and what is wrong with it. */
public final class EverydayVehicle {
    private static final double RUNS = 0.4;

    private final String id;
    private final long seed;
    private final Build build;
    private final List<Ill> ills;
    private final Body body;

    EverydayVehicle(String id, long seed, Build build, List<Ill> ills) {
        this.id = id;
        this.seed = seed;
        this.build = build;
        this.ills = List.copyOf(ills);
        this.body = new Body(build, seed, this.ills, false);
    }

    public String id() {
        return id;
    }

    /** Its class: car12, truck24, moto12, twin12. */
    public String kind() {
        return build.kind().key;
    }

    /** The ready-made circuit that a technician would pick for it; the vehicle's numbers are its own. */
    public Circuit circuit() {
        return build.circuit();
    }

    public double celsius() {
        return build.celsius();
    }

    public List<Ill> ills() {
        return ills;
    }

    /** True if it has an effect that no steady state of one circuit shows. */
    public boolean foreign() {
        return build.foreign();
    }

    /** Cranking speed as a share of what it does with nothing wrong; 0 if it does not turn. */
    public double speed() {
        return body.rpm() / sound().rpm();
    }

    /** True if the engine can be started. */
    public boolean runs() {
        return speed() > RUNS;
    }

    /** What is heard of it while the key is held and the engine does not turn. */
    String heard() {
        List<Limit> limits = body.at(Condition.START_ATTEMPT, 0, 9).solved().limits();
        return limits.contains(Limit.NOT_ENGAGED)
                ? "no crank"
                : limits.contains(Limit.CHATTERS) ? "chatters, does not turn" : "clicks, does not turn";
    }

    /** By how much the volts at its posts lie off what it shows with nothing wrong, in V. */
    public double postOff(Condition condition) {
        return posts(body, condition) - posts(sound(), condition);
    }

    /** What it shows on its day, in order of time; every condition that it comes to, some of them twice and more. */
    public List<Moment> moments() {
        List<Moment> all = new ArrayList<>(Day.of(body, runs()));
        if (body.flat()) {
            Body full = new Body(Moments.charged(build), seed, withoutFlat(), true);
            all.addAll(Day.of(full, full.rpm() > RUNS * sound().rpm()));
        }
        return all;
    }

    private List<Ill> withoutFlat() {
        return ills.stream().filter(i -> !Body.flattens(i)).toList();
    }

    /** The same vehicle with all that was wrong with one part put right. */
    public EverydayVehicle repaired(PartId part) {
        return new EverydayVehicle(
                id,
                seed,
                build,
                ills.stream().filter(i -> !i.fault().part().equals(part)).toList());
    }

    /** What is known about it and could be entered: keys plate_amps, strategy, chemistry, battery_amp_hours, cylinders. */
    public Map<String, String> known() {
        return new Papers(build, seed).known();
    }

    /** Where a probe can be put. */
    public Set<PointId> reachable() {
        return new Papers(build, seed).reachable();
    }

    /** The part, and those that no reachable point splits from it. */
    public Set<PartId> stretch(PartId part) {
        return Stretches.of(build.circuit(), reachable(), part);
    }

    /** What its driver says, and which side he thinks of. */
    public Complaint complaint() {
        return Complaint.of(this, new Dice(seed ^ 0x5DEECE66DL));
    }

    double ohms(PartId part) {
        return build.ohms().get(part);
    }

    Build build() {
        return build;
    }

    private Body sound() {
        return new Body(build, seed, List.of(), false);
    }

    private double posts(Body of, Condition condition) {
        OperatingPoint point = of.at(condition, 0, 20).solved();
        return point.between(build.circuit().plusPost(), build.circuit().minusPost());
    }
}
