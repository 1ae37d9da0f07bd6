package app.dantro.core.world;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.world.Build.Cell;
import app.dantro.core.world.Build.Draws;
import app.dantro.core.world.Build.Engine;
import app.dantro.core.world.Build.Machine;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Draws healthy vehicles. What belongs together goes together: a larger engine has more cylinders, draws more and has the
 * larger battery and alternator; a larger battery has less resistance; age moves all joints, the length all cables.
 */
final class Yard {
    private static final double FOREIGN = 0.25;
    private static final double LIMIT_SPREAD = 0.06;
    private static final double CONSTANT_SPREAD = 0.05;
    private static final double ARMATURE_SPREAD = 0.12;
    private static final double RIPPLE_SPREAD = 0.45;
    private static final double MOTORCYCLE_RIPPLE = 3.5;
    private static final Spread IDLE_SHARE = Spread.even(0.27, 0.70);
    private static final Spread LOADS_SHARE = Spread.even(0.10, 0.72);
    private static final Spread CLASSIC = Spread.even(13.68, 14.92);
    private static final Spread CALCIUM_SET = Spread.even(14.0, 15.3);
    private static final Spread OPEN = Spread.even(12.28, 12.74);
    private static final Spread OPEN_AGM = Spread.even(12.37, 12.84);
    private static final Spread OPEN_LITHIUM = Spread.even(13.02, 13.38);
    private static final double LITHIUM_SHARE = 0.25;
    private static final double LEAST_OPEN = 12.26;

    private final Dice dice;
    private double size;

    Yard(Dice dice) {
        this.dice = dice;
    }

    Build draw() {
        VehicleKind kind = dice.of(List.of(
                VehicleKind.CAR,
                VehicleKind.CAR,
                VehicleKind.CAR,
                VehicleKind.CAR,
                VehicleKind.CAR,
                VehicleKind.BOOT,
                VehicleKind.DIESEL,
                VehicleKind.TWIN,
                VehicleKind.TRUCK,
                VehicleKind.MOTORCYCLE));
        Circuit circuit = ReadyMadeCircuits.named(dice.of(kind.circuits)).orElseThrow();
        size = dice.score();
        double celsius = Math.rint(dice.in(0.2) ? dice.even(-15, 0) : dice.even(0, 36));
        Map<PartId, Double> ohms = new Harness(dice, kind, circuit, celsius).ohms();
        Machine machine = machine(kind, circuit, celsius);
        return new Build(
                kind,
                circuit,
                celsius,
                cell(kind),
                engine(kind),
                machine,
                draws(kind, machine),
                ohms,
                effects(),
                dice.of(List.copyOf(ohms.keySet())));
    }

    private Cell cell(VehicleKind kind) {
        boolean lithium = kind == VehicleKind.MOTORCYCLE && dice.in(LITHIUM_SHARE);
        String lead = dice.of(List.of("flooded", "flooded", "efb", "calcium", "calcium", "agm"));
        String chemistry = lithium ? Cell.LITHIUM : lead;
        Spread open = lead.equals("agm") || lead.equals("efb") ? OPEN_AGM : OPEN;
        double sized = dice.score(size, 0.7);
        return new Cell(
                chemistry,
                lithium ? OPEN_LITHIUM.at(dice.score()) : Math.max(LEAST_OPEN, open.at(dice.score())),
                kind.source.ohms().at(dice.score(-sized, 0.75)),
                Math.rint(kind.source.ampHours().at(sized)));
    }

    private Engine engine(VehicleKind kind) {
        double amps = kind.cranking.amps().at(dice.score(size, 0.85));
        return new Engine(
                cylinders(kind),
                amps,
                Math.exp(CONSTANT_SPREAD * dice.score()),
                Math.exp(ARMATURE_SPREAD * dice.score()));
    }

    private int cylinders(VehicleKind kind) {
        double sized = dice.score(size, 0.9);
        return switch (kind) {
            case MOTORCYCLE -> sized < 0 ? 1 : sized < 1 ? 2 : 4;
            case TRUCK -> sized < -0.5 ? 4 : 6;
            case TWIN -> sized < 0 ? 4 : 6;
            default -> sized < -1 ? 3 : sized < 1 ? 4 : sized < 2 ? 6 : 8;
        };
    }

    private Machine machine(VehicleKind kind, Circuit circuit, double celsius) {
        Charger charger = charger(kind, circuit);
        double slope = dice.even(-0.012, 0);
        double at20 = (charger == Charger.CALCIUM ? CALCIUM_SET : CLASSIC).at(dice.score());
        double ripple = Math.exp(RIPPLE_SPREAD * dice.score());
        return new Machine(
                charger,
                Math.rint(kind.charging.plateAmps().at(dice.score(size, 0.5)) / 5) * 5,
                Math.exp(LIMIT_SPREAD * dice.score()),
                IDLE_SHARE.at(dice.score()),
                at20 + slope * (celsius - 20),
                kind == VehicleKind.MOTORCYCLE ? MOTORCYCLE_RIPPLE * ripple : ripple);
    }

    private Charger charger(VehicleKind kind, Circuit circuit) {
        if (kind == VehicleKind.TRUCK
                || kind == VehicleKind.MOTORCYCLE
                || circuit.id().equals("external-regulator")) {
            return Charger.CLASSIC;
        }
        return dice.in(0.3) ? Charger.SMART : dice.in(0.2) ? Charger.CALCIUM : Charger.CLASSIC;
    }

    private Draws draws(VehicleKind kind, Machine machine) {
        double most = machine.plateAmps() * machine.limit();
        double lit = dice.score();
        double all = most * Math.max(0.06, Math.min(0.80, LOADS_SHARE.at(dice.score(lit, 0.5))));
        double idle = Math.min(all, kind.drawn.keyAmps().at(dice.score()));
        return new Draws(
                kind.drawn.keyAmps().at(dice.score()),
                kind.drawn.lightAmps().at(lit),
                idle,
                all,
                kind.drawn.standingAmps().at(dice.score(size, 0.3)));
    }

    private Set<Effect> effects() {
        Set<Effect> effects = EnumSet.noneOf(Effect.class);
        if (dice.in(FOREIGN)) {
            effects.add(dice.of(List.of(Effect.values())));
        }
        return effects;
    }
}
