package app.dantro.core.world;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Draws what is wrong with a vehicle. */
final class Troubles {
    private static final double MOST_OHMS = 30;
    private static final double OPEN_OHMS = 8;
    private static final double COSTS_VOLTS = 0.35;
    private static final double COSTS_SPEED = 0.8;
    private static final int TRIES = 60;
    private static final double FLAT_FOLLOWS = 0.3;

    private final Dice dice;
    private final EverydayVehicle sound;

    Troubles(Dice dice, EverydayVehicle sound) {
        this.dice = dice;
        this.sound = sound;
    }

    /** A joint or cable that costs what a driver notices. */
    List<Ill> wiring() {
        for (int i = 0; i < TRIES; i++) {
            List<Ill> ills = drawn(dice.of(sound.circuit().parts()));
            if (costs(ills)) {
                return followed(ills);
            }
        }
        return device();
    }

    /** The same in one part; empty if it costs nothing however bad it is. */
    Optional<List<Ill>> in(Part part) {
        for (int i = 0; i < TRIES; i++) {
            List<Ill> ills = drawn(part);
            if (costs(ills)) {
                return Optional.of(followed(ills));
            }
        }
        return Optional.empty();
    }

    private List<Ill> drawn(Part part) {
        double most = Math.max(20 * sound.ohms(part.id()), MOST_OHMS);
        double ohms = dice.logarithmic(Math.max(2 * sound.ohms(part.id()), 1e-3), most);
        Fault fault = ohms > OPEN_OHMS ? new Fault.Open(part.id()) : new Fault.AddedResistance(part.id(), ohms);
        return List.of(new Ill(fault, false));
    }

    /** A device with one of its faults; batteries side by side are flat together. */
    List<Ill> device() {
        Fault fault = dice.of(devices());
        List<Ill> ills = new ArrayList<>(List.of(new Ill(fault, false)));
        if (fault instanceof Fault.FlatBattery flat && blocks() == 1) {
            sound.circuit().batteries().stream()
                    .filter(b -> !b.id().equals(flat.part()))
                    .forEach(b -> ills.add(new Ill(new Fault.FlatBattery(b.id(), flat.stateOfCharge()), true)));
        }
        return followed(ills);
    }

    /** Two things at once. */
    List<Ill> two() {
        List<Ill> both = new ArrayList<>(wiring());
        List<Ill> more = dice.in(0.6) ? wiring() : device();
        more.stream()
                .filter(m -> both.stream()
                        .noneMatch(b -> b.fault().part().equals(m.fault().part())))
                .forEach(both::add);
        return both;
    }

    private boolean costs(List<Ill> ills) {
        EverydayVehicle with = new EverydayVehicle(sound.id(), 0, sound.build(), ills);
        double speed = with.speed();
        return speed < COSTS_SPEED
                || Math.abs(with.postOff(Condition.RAISED)) > COSTS_VOLTS * blocks()
                || Math.abs(with.postOff(Condition.RAISED_LOADED)) > COSTS_VOLTS * blocks();
    }

    private int blocks() {
        return sound.circuit().blocks();
    }

    /** What does not charge leaves its battery flat now and then. */
    private List<Ill> followed(List<Ill> ills) {
        EverydayVehicle with = new EverydayVehicle(sound.id(), 0, sound.build(), ills);
        boolean starved = with.runs() && with.postOff(Condition.RAISED_LOADED) < -COSTS_VOLTS * blocks();
        boolean battery = ills.stream()
                .anyMatch(i -> sound.circuit().batteries().stream()
                        .anyMatch(b -> b.id().equals(i.fault().part())));
        if (!starved || battery || !dice.in(FLAT_FOLLOWS)) {
            return ills;
        }
        List<Ill> more = new ArrayList<>(ills);
        double charge = dice.even(0.1, 0.42);
        sound.circuit().batteries().forEach(b -> more.add(new Ill(new Fault.FlatBattery(b.id(), charge), true)));
        return more;
    }

    private List<Fault> devices() {
        List<Battery> batteries = sound.circuit().batteries();
        PartId battery = dice.of(batteries).id();
        PartId starter = sound.circuit().starter().orElseThrow().id();
        PartId alternator = sound.circuit().alternator().orElseThrow().id();
        Build build = sound.build();
        double weak = dice.even(1.6, 5)
                * build.kind().source.ohms().high()
                / build.cell().ohms();
        double over = blocks() * (dice.even(15.9, 17.5) - build.machine().setVolts());
        double under = blocks() * (dice.even(11.9, 12.9) - build.machine().setVolts());
        return List.of(
                new Fault.WeakBattery(battery, Math.max(1.5, weak)),
                new Fault.FlatBattery(battery, dice.even(0.05, 0.42)),
                new Fault.FlatBattery(battery, dice.even(0.05, 0.42)),
                new Fault.DeadCell(battery),
                new Fault.Drag(starter, dice.logarithmic(1.8, 20)),
                new Fault.WornBrushes(starter, dice.logarithmic(1, 6)),
                new Fault.WornBrushes(starter, dice.logarithmic(1, 6)),
                new Fault.OpenArmature(starter),
                new Fault.ShortedWinding(starter, dice.even(0.55, 0.78)),
                new Fault.NoOutput(alternator),
                new Fault.LowOutput(alternator, dice.even(0.12, 0.3)),
                new Fault.LostPhase(alternator, dice.even(0.4, 0.6)),
                new Fault.BeltSlip(alternator, dice.even(0.15, 0.35)),
                new Fault.RegulatorOffset(alternator, dice.in(0.7) ? over : under),
                new Fault.FullField(alternator),
                new Fault.Drain(PartId.of("body-loads"), dice.logarithmic(0.4, 4)));
    }
}
