package app.dantro.core.world;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Pile;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/** A vehicle with what is wrong with it, solved; effects that one steady state lacks are found by solving again. */
final class Body {
    private static final int PASSES = 5;
    private static final double HEATS_WATTS = 6;
    private static final double SATURATION = 0.25;
    private static final double LEAST_CONSTANT = 0.7;
    private static final double MOST_CONSTANT = 1.25;

    private final Build build;
    private final List<Ill> ills;
    private final boolean charged;
    private final Moments moments;
    private final OwnCircuit own;
    private final VehicleState state;
    private final double heats;

    Body(Build build, long seed, List<Ill> ills, boolean charged) {
        this.build = build;
        this.ills = ills;
        this.charged = charged;
        this.moments = new Moments(build, seed);
        this.own = new OwnCircuit(build, flatBatteries());
        this.heats = new Dice(seed + 1).even(0.2, 0.8);
        List<Fault> faults = ills.stream()
                .map(Ill::fault)
                .filter(f -> !(f instanceof Fault.FlatBattery))
                .toList();
        this.state = new VehicleState(build.celsius(), VehicleState.USUAL_CHARGE, false, faults);
    }

    static boolean flattens(Ill ill) {
        return ill.fault() instanceof Fault.FlatBattery;
    }

    boolean flat() {
        return ills.stream().anyMatch(Body::flattens);
    }

    private Set<PartId> flatBatteries() {
        return ills.stream().filter(Body::flattens).map(i -> i.fault().part()).collect(Collectors.toSet());
    }

    private OptionalDouble charge() {
        return ills.stream()
                .filter(Body::flattens)
                .mapToDouble(i -> ((Fault.FlatBattery) i.fault()).stateOfCharge())
                .findFirst();
    }

    double rpm() {
        return at(Condition.CRANKING, 0, 10).solved().rpm();
    }

    Moment at(Condition condition, int again, int minute) {
        Now now = moments.at(condition, again, minute, charge());
        OperatingPoint point = solved(now);
        double ripple = point.rippleVolts() * build.machine().ripple();
        return new Moment(condition, minute, point, ripple, condition.pile() ? pile(point) : 0, charged);
    }

    /** What a pile really draws: less than it is set to where the way to it cannot give as much. */
    private double pile(OperatingPoint point) {
        return build.circuit().devices().stream()
                .filter(Pile.class::isInstance)
                .mapToDouble(d -> Math.abs(point.amps(d.id())))
                .max()
                .orElse(0);
    }

    private OperatingPoint solved(Now now) {
        boolean saturates = build.effects().contains(Effect.SATURATED_MOTOR)
                && now.condition().starterCalled();
        boolean warms = build.effects().contains(Effect.HEATING_JOINT);
        double hot = 1;
        double constant = 1;
        OperatingPoint point = solved(now, hot, constant);
        for (int pass = 1; pass < PASSES && (saturates || warms); pass++) {
            if (warms) {
                hot = 1 + heats * Math.min(1, watts(point) / HEATS_WATTS);
            }
            if (saturates) {
                double share = Math.pow(Math.max(0.1, Math.abs(point.starterAmps()) / own.usualAmps()), SATURATION);
                constant = (constant + Math.max(LEAST_CONSTANT, Math.min(MOST_CONSTANT, share))) / 2;
            }
            point = solved(now, hot, constant);
        }
        return point;
    }

    private double watts(OperatingPoint point) {
        var part = build.circuit().part(build.heating()).orElseThrow();
        return Math.abs(point.amps(part.id()) * point.between(part.from(), part.to()));
    }

    private OperatingPoint solved(Now now, double hot, double constant) {
        Circuit circuit = own.at(now, hot, constant);
        return new NetworkSolver(circuit).solve(now.condition(), state).orThrow();
    }
}
