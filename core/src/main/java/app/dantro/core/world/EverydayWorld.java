package app.dantro.core.world;

import app.dantro.core.circuit.PartId;
import java.util.List;
import java.util.Optional;

/**
 * Everyday vehicles without end, the same again for the same seed: 45 of 100 healthy, 35 with one bad joint or cable that
 * costs its complaint, 15 with a device at fault, 5 with two faults.
 *
 * <p>What is drawn is physical (docs/everyday.md, ranges): volts at rest, milliohms of each side, amps, set points. The
 * vehicle is then solved as a circuit of its own; a quarter have effects on top that no steady state of one circuit shows.
 */
public final class EverydayWorld {
    private static final double HEALTHY = 0.45;
    private static final double WIRING = 0.35;
    private static final double DEVICE = 0.15;
    private static final int TRIES = 50;

    private final long seed;

    public EverydayWorld(long seed) {
        this.seed = seed;
    }

    /** The vehicle of a number. */
    public EverydayVehicle vehicle(int number) {
        EverydayVehicle sound = healthy(number);
        Dice dice = new Dice(of(number) + 11);
        double kind = dice.even(0, 1);
        Troubles troubles = new Troubles(dice, sound);
        List<Ill> ills = kind < HEALTHY
                ? List.of()
                : kind < HEALTHY + WIRING
                        ? troubles.wiring()
                        : kind < HEALTHY + WIRING + DEVICE ? troubles.device() : troubles.two();
        return new EverydayVehicle(sound.id(), of(number), sound.build(), ills);
    }

    /** The vehicle of a number with a part at fault that costs its complaint; empty if it has none, or a bad one costs nothing. */
    public Optional<EverydayVehicle> vehicleWith(int number, PartId part) {
        EverydayVehicle sound = healthy(number);
        Troubles troubles = new Troubles(new Dice(of(number) + 13), sound);
        return sound.circuit()
                .part(part)
                .flatMap(troubles::in)
                .map(ills -> new EverydayVehicle(sound.id(), of(number), sound.build(), ills));
    }

    /** The vehicle of a number as it was before anything went wrong. */
    public EverydayVehicle healthy(int number) {
        Dice dice = new Dice(of(number));
        for (int i = 0; i < TRIES; i++) {
            Build build = new Yard(dice).draw();
            if (Works.everyday(build, of(number))) {
                return new EverydayVehicle("w%d-%05d".formatted(seed, number), of(number), build, List.of());
            }
        }
        throw new IllegalStateException("No vehicle of number %s works.".formatted(number));
    }

    private long of(int number) {
        return new Dice(seed * 1_000_003 + number).seed();
    }
}
