package app.dantro.core.starting;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.limits.Margin;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.network.BatteryModel;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Standing of the battery: charge first, then (rest − cranking) ÷ current (docs/job.md, battery). */
public final class BatteryJudge {
    /** Least base voltage of a 12 V block for a starting test: three quarters charged. */
    public static final double CHARGED_VOLTS = 12.4;
    /** What 12.4 V speaks of in the model; a fuller battery has less resistance. */
    private static final double LEAST_STATE_OF_CHARGE = 0.65;

    private static final double LEAST_SHARE_OF_CLASS_CURRENT = 0.5;

    private final Battery battery;
    private final String name;
    private final int blocks;
    private final double leastAmps;
    private final double celsius;
    private final Statements statements;
    private final String ammeter;

    /** A judge of everything between the loop's posts. */
    BatteryJudge(SeriesLoop loop, double celsius, Statements statements) {
        this(
                loop.battery(),
                "battery",
                loop.blocks(),
                loop.crankingAmps().lowAmps(),
                celsius,
                statements,
                "the cranking current, by clamp");
    }

    /**
     * A judge of one battery, by readings across its own posts with its own current.
     *
     * @param blocks 12 V blocks in series between the posts
     * @param usualAmps what it delivers at least while cranking, in A
     * @param ammeter where its current is measured
     */
    BatteryJudge(
            Battery battery,
            String name,
            int blocks,
            double usualAmps,
            double celsius,
            Statements statements,
            String ammeter) {
        this.battery = battery;
        this.name = name;
        this.blocks = blocks;
        this.leastAmps = LEAST_SHARE_OF_CLASS_CURRENT * usualAmps;
        this.celsius = celsius;
        this.statements = statements;
        this.ammeter = ammeter;
    }

    /** True if the base voltage looks like surface charge that has not been removed and read again. */
    public static boolean surfaceCharged(List<Reading> bases, int blocks, Statements statements) {
        return bases.size() == 1 && bases.get(0).volts() > surfaceVolts(statements) * blocks;
    }

    /**
     * Beyond this a 12 V block carries surface charge, by its chemistry; soon after charging, beyond what a full one rests
     * at (docs/job.md, base voltage).
     */
    public static double surfaceVolts(Statements statements) {
        StateOfCharge chemistry = statements
                .about(Topic.CHEMISTRY)
                .map(s -> StateOfCharge.valueOf(s.value()))
                .orElse(StateOfCharge.FLOODED);
        return statements.says(Topic.CHARGER, "YES") ? chemistry.fullVolts() : chemistry.surfaceVolts();
    }

    PartFinding finding(List<Reading> bases, List<Reading> cranks) {
        if (bases.isEmpty()) {
            return found(Standing.NOT_PROVEN, "Its base voltage has not been read.", List.of(), "base voltage at rest");
        }
        Reading base = bases.get(bases.size() - 1);
        double chargedVolts = CHARGED_VOLTS * blocks;
        if (base.volts() < chargedVolts) {
            return found(
                    Standing.NOT_PROVEN,
                    "%s at rest is under %s: charge it before it is judged."
                            .formatted(shown(base), Amount.volts(chargedVolts)),
                    List.of(base.id()),
                    "a charged battery");
        }
        if (surfaceCharged(bases, blocks, statements)) {
            return found(
                    Standing.NOT_PROVEN,
                    "%s at rest is surface charge.".formatted(shown(base)),
                    List.of(base.id()),
                    "base voltage after the surface charge is gone");
        }
        return cranks.isEmpty()
                ? found(
                        Standing.NOT_PROVEN,
                        "%s at rest: charged. Not yet loaded by the starter.".formatted(shown(base)),
                        List.of(base.id()),
                        "voltage at the posts while cranking, with the current")
                : underLoad(base, cranks);
    }

    private PartFinding underLoad(Reading base, List<Reading> cranks) {
        Reading crank = cranks.get(cranks.size() - 1);
        double limit = CrankingLimit.voltsAt(celsius, blocks);
        Optional<Double> amps = crank.amps().filter(a -> a >= leastAmps);
        List<UUID> ids = List.of(base.id(), crank.id());
        if (amps.isEmpty()) {
            boolean low = crank.volts() < limit;
            return found(
                    low ? Standing.SUSPECT : Standing.NOT_PROVEN,
                    "%s while cranking, limit %s at %d °C. Without its own full cranking current that alone proves nothing."
                            .formatted(shown(crank), Amount.volts(limit), Math.round(celsius)),
                    ids,
                    ammeter);
        }
        double ohms = (base.volts() - crank.volts()) / amps.get();
        double upper = upperOhms();
        String sum = "(%s − %s) ÷ %s = %s; a healthy one has up to %s."
                .formatted(
                        shown(base),
                        shown(crank),
                        Amount.amps(amps.get()),
                        Amount.milliohms(ohms),
                        Amount.milliohms(upper));
        if (Margin.near(ohms, upper, 0)) {
            return found(
                    Standing.NOT_PROVEN,
                    sum + " Marginal.",
                    ids,
                    "the same reading on another day or at another charge");
        }
        if (ohms < upper) {
            return new PartFinding(battery.id(), name, Standing.CLEARED, "Charged, and " + sum, ids, List.of());
        }
        return cranks.size() > 1 && beyond(base, cranks.get(cranks.size() - 2), upper)
                ? new PartFinding(battery.id(), name, Standing.FAULTY, sum + " Read twice.", ids, List.of())
                : found(Standing.SUSPECT, sum, ids, "the same reading a second time");
    }

    private static boolean beyond(Reading base, Reading crank, double upperOhms) {
        return crank.amps()
                .filter(a -> a > 0 && (base.volts() - crank.volts()) / a > upperOhms)
                .isPresent();
    }

    private double upperOhms() {
        return battery.internalOhms().upperOhms() * BatteryModel.ohmsFactor(LEAST_STATE_OF_CHARGE, celsius);
    }

    private PartFinding found(Standing standing, String says, List<UUID> ids, String missing) {
        return new PartFinding(battery.id(), name, standing, says, ids, List.of(missing));
    }

    private static String shown(Reading reading) {
        return Amount.volts(reading.volts(), reading.resolutionVolts());
    }
}
