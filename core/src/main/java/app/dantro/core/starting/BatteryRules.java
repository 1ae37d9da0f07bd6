package app.dantro.core.starting;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.limits.BatteryLimit;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.limits.Margin;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.network.BatteryModel;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Standing of the battery: charge first, then (rest − cranking) ÷ current (docs/job.md, battery). */
public final class BatteryRules {
    /** Least base voltage of a 12 V block for a starting test: three quarters charged (docs/job.md, battery). */
    public static final double CHARGED_VOLTS = StateOfCharge.CHARGED_VOLTS;

    private final BatteryTerms terms;
    private final double leastAmps;

    BatteryRules(BatteryTerms terms) {
        this.terms = terms;
        this.leastAmps = Marks.ASSUMED_LEAST_SHARE_OF_CLASS_CURRENT * terms.usualAmps();
    }

    /** The rules for everything between the loop's posts. */
    static BatteryRules ofPosts(Circuit circuit, SeriesLoop loop, double celsius, Statements statements) {
        return new BatteryRules(new BatteryTerms(
                loop.battery(),
                "battery",
                loop.blocks(),
                BatteryLimit.FAULTY.ofAll(circuit),
                loop.crankingAmps().lowAmps(),
                celsius,
                statements,
                StartingReason.CRANKING_CURRENT));
    }

    /** True if the base voltage looks like surface charge that has not been removed and read again. */
    public static boolean surfaceCharged(Readings bases, int blocks, Statements statements) {
        return bases.size() == 1 && bases.all().get(0).volts() > surfaceVolts(statements) * blocks;
    }

    /**
     * Beyond this a 12 V block carries surface charge, by its chemistry; soon after charging, beyond what a full one rests
     * at (docs/job.md, battery).
     */
    public static double surfaceVolts(Statements statements) {
        StateOfCharge chemistry = chemistry(statements);
        return statements.says(Topic.CHARGER, Answer.YES) && chemistry != StateOfCharge.LITHIUM
                ? chemistry.fullVolts()
                : chemistry.surfaceVolts();
    }

    /** True if a crank was read, and since then no flat battery was charged. */
    public static boolean crankedCharged(Readings bases, Readings cranks, double chargedVolts) {
        return !SinceCharged.of(bases, cranks, chargedVolts).isEmpty();
    }

    /** Least base voltage of a 12 V block for a test, by its chemistry. */
    public static double chargedVolts(Statements statements) {
        return chemistry(statements).chargedVolts();
    }

    private static StateOfCharge chemistry(Statements statements) {
        return statements
                .answer(Topic.CHEMISTRY)
                .map(a -> StateOfCharge.valueOf(a.name()))
                .orElse(StateOfCharge.FLOODED);
    }

    PartFinding finding(Readings bases, Readings cranks) {
        if (bases.isEmpty()) {
            return found(Standing.NOT_PROVEN, StartingReason.BASE_NOT_READ.with())
                    .missing(StartingReason.BASE_VOLTAGE.with());
        }
        Reading base = bases.newest().orElseThrow();
        double chargedVolts = chargedVolts(terms.statements()) * terms.blocks();
        if (base.volts() < chargedVolts) {
            return found(
                            Standing.NOT_PROVEN,
                            StartingReason.CHARGE_FIRST.with(shown(base), Quantity.volts(chargedVolts)))
                    .carriedBy(base.id())
                    .missing(StartingReason.CHARGED_BATTERY.with());
        }
        if (surfaceCharged(bases, terms.blocks(), terms.statements())) {
            return found(Standing.NOT_PROVEN, StartingReason.SURFACE_CHARGE.with(shown(base)))
                    .carriedBy(base.id())
                    .missing(StartingReason.BASE_AFTER_SURFACE.with());
        }
        return SinceCharged.of(bases, cranks, chargedVolts).isEmpty()
                ? found(Standing.NOT_PROVEN, StartingReason.CHARGED_NOT_LOADED.with(shown(base)))
                        .carriedBy(base.id())
                        .missing(StartingReason.POSTS_WHILE_CRANKING.with())
                : underLoad(base, SinceCharged.of(bases, cranks, chargedVolts));
    }

    private PartFinding underLoad(Reading base, Readings cranks) {
        Reading crank = cranks.newest().orElseThrow();
        List<UUID> ids = List.of(base.id(), crank.id());
        Optional<Double> amps = crank.amps().filter(a -> a >= leastAmps);
        if (amps.isEmpty()) {
            double limit = CrankingLimit.voltsAt(terms.celsius(), terms.blocks());
            boolean stands = terms.statements().starts().filter(turns -> !turns).isPresent();
            boolean low = crank.volts() < limit - Quantile.COVERAGE * MeterError.standardVolts(crank) && !stands;
            Reason why = StartingReason.WITHOUT_ITS_CURRENT.with(
                    shown(crank), Quantity.volts(limit), Quantity.count(Math.round(terms.celsius())));
            return found(low ? Standing.SUSPECT : Standing.NOT_PROVEN, why)
                    .carriedBy(ids)
                    .missing(terms.ammeter().with());
        }
        double ohms = (base.volts() - crank.volts()) / amps.get();
        double upper = upperOhms();
        double most = Math.max(upper, terms.mostOhms() * BatteryLimit.cold(terms.celsius()));
        Reason sum = StartingReason.INNER_OHMS.with(
                shown(base),
                shown(crank),
                Quantity.amps(amps.get()),
                Quantity.ohms(ohms),
                Quantity.ohms(ohms > most ? most : upper));
        if (Margin.near(ohms, upper, 0) || ohms > upper && ohms <= most) {
            return found(Standing.NOT_PROVEN, sum, StartingReason.MARGINAL.with())
                    .carriedBy(ids)
                    .missing(StartingReason.ANOTHER_DAY.with());
        }
        if (ohms < upper) {
            return found(Standing.CLEARED, new Reason(StartingReason.CHARGED_AND_INNER_OHMS, sum.numbers()))
                    .carriedBy(ids);
        }
        boolean twice = cranks.size() > 1 && beyond(base, cranks.all().get(cranks.size() - 2), most);
        return twice
                ? found(Standing.FAULTY, sum, StartingReason.READ_TWICE.with()).carriedBy(ids)
                : found(Standing.SUSPECT, sum).carriedBy(ids).missing(StartingReason.SAME_AGAIN.with());
    }

    private static boolean beyond(Reading base, Reading crank, double upperOhms) {
        return crank.flowingAmps()
                .filter(a -> (base.volts() - crank.volts()) / a > upperOhms)
                .isPresent();
    }

    private double upperOhms() {
        return terms.battery().internalOhms().upperOhms()
                * BatteryModel.ohmsFactor(StateOfCharge.CHARGED_SHARE, terms.celsius());
    }

    private PartFinding found(Standing standing, Reason... why) {
        return PartFinding.open(terms.battery().id(), terms.name()).as(standing, why);
    }

    private static Quantity shown(Reading reading) {
        return Quantity.volts(reading.volts(), reading.resolutionVolts());
    }
}
