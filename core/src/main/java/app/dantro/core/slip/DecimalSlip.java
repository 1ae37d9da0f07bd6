package app.dantro.core.slip;

import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.DecimalMove;
import app.dantro.core.reading.Drop;
import app.dantro.core.reading.LoopClosure;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;

/** A point that slipped: against the sum around a loop, the drops beside it, or the conductor's own limit. */
final class DecimalSlip {
    private DecimalSlip() {}

    static Optional<Slip> asked(Entry entry) {
        if (!entry.reading().condition().starterCalled() || entry.reading().volts() == 0) {
            return Optional.empty();
        }
        Optional<Slip> sum = byClosure(entry);
        if (sum.isPresent() || !entry.stretch().isDrop()) {
            return sum;
        }
        return byNeighbours(entry).or(() -> byLimit(entry));
    }

    private static Optional<Slip> byClosure(Entry entry) {
        Readings together = entry.counted().where(r -> {
            double share = entry.currentShare(r);
            return share > 1 / Marks.SAME_CURRENT_RATIO && share < Marks.SAME_CURRENT_RATIO;
        });
        double read = entry.reading().volts();
        return LoopClosure.around(entry.reading(), together.all())
                .filter(sum -> sum.contradicts(read))
                .flatMap(sum -> {
                    double sigma = Math.max(sum.standardVolts(), Marks.ASSUMED_LEAST_SHARE * Math.abs(sum.volts()));
                    return DecimalMove.back()
                            .filter(move -> Math.abs(read * move - sum.volts()) < Marks.FITS_SIGMAS * sigma)
                            .filter(move -> Math.abs(sum.volts()) > LoopClosure.OFF_VOLTS)
                            .boxed()
                            .findFirst()
                            .map(move -> slip(
                                    entry,
                                    move,
                                    SlipReason.DOES_NOT_ADD_UP.with(entry.shown(), Quantity.volts(sum.volts()))));
                });
    }

    private static Optional<Slip> byNeighbours(Entry entry) {
        double size = entry.size();
        double noise = Marks.NOISE_SIGMAS * MeterError.standardVolts(entry.reading());
        for (Reading other : entry.drops()) {
            Stretch stretch = entry.loop().between(other.red(), other.black());
            double otherSize = Math.abs(other.volts()) * entry.currentShare(other);
            boolean known = entry.reading().flowingAmps().isPresent()
                    && other.flowingAmps().isPresent();
            double slack = known ? Marks.ASSUMED_NESTED_SLACK : Marks.ASSUMED_SLACK_AT_ANY_CURRENT;
            double most = otherSize * (1 + slack);
            double least = otherSize / (1 + slack);
            Quantity shown = Quantity.volts(other.volts(), other.typed().resolutionVolts());
            if (stretch.covers(entry.stretch()) && size > most + noise && size * 0.1 <= most) {
                return Optional.of(slip(entry, 0.1, SlipReason.MORE_THAN_AROUND.with(entry.shown(), shown)));
            }
            if (entry.stretch().covers(stretch) && size < least - noise && size * 10 >= least) {
                return Optional.of(slip(entry, 10, SlipReason.LESS_THAN_INSIDE.with(entry.shown(), shown)));
            }
        }
        return Optional.empty();
    }

    private static Optional<Slip> byLimit(Entry entry) {
        HealthyDrop healthy = entry.healthy();
        double size = entry.size();
        boolean belowCopper = flows(entry, healthy) && size < Drop.LEAST_OF_COPPER * healthy.lowVolts();
        if (belowCopper && healthy.holds(size * 10)) {
            return Optional.of(slip(entry, 10, SlipReason.LESS_THAN_COPPER.with(entry.shown(), current(healthy))));
        }
        if (size <= Marks.ASSUMED_BEYOND_HEALTHY * healthy.upperVolts() || open(entry) || corroborated(entry)) {
            return Optional.empty();
        }
        Reason why = SlipReason.WOULD_BE_A_FAULT.with(
                entry.shown(),
                Quantity.volts(healthy.lowVolts()),
                Quantity.volts(healthy.upperVolts()),
                current(healthy));
        return DecimalMove.USUAL.stream()
                .map(move -> 1 / move.factor())
                .filter(back -> back < 1 && meant(entry, size * back))
                .findFirst()
                .map(back -> slip(entry, back, why));
    }

    /** True if so much flowed that copper must show it: by the amps, or because this engine turns. */
    private static boolean flows(Entry entry, HealthyDrop healthy) {
        return !healthy.estimated()
                || entry.vehicle().knownToTurn() && healthy.lowVolts() >= Marks.ASSUMED_CLEAR_COPPER_VOLTS;
    }

    /** Nearly all that the battery has, over one way: that way is open, and no decimal slips to just this. */
    private static boolean open(Entry entry) {
        return entry.size() >= Marks.ASSUMED_OPEN_SHARE * entry.restVolts().orElse(Double.MAX_VALUE);
    }

    /** Where nobody complains of how it cranks, whatever a healthy one may show is likelier than a side that loses so much. */
    private static boolean meant(Entry entry, double volts) {
        HealthyDrop healthy = entry.healthy();
        return usual(healthy, volts) || entry.vehicle().cranksWell() && healthy.holds(volts);
    }

    /** What most healthy ones show, not only what a healthy one may. */
    private static boolean usual(HealthyDrop healthy, double volts) {
        double factor = Marks.ASSUMED_USUAL_FACTOR;
        return volts >= healthy.nominalVolts() / factor && volts <= healthy.nominalVolts() * factor;
    }

    /** True if a reading around it, or inside it, lost at least half as much. */
    private static boolean corroborated(Entry entry) {
        return entry.drops().stream().anyMatch(other -> {
            Stretch stretch = entry.loop().between(other.red(), other.black());
            double size = Math.abs(other.volts()) * entry.currentShare(other);
            if (entry.stretch().covers(stretch)) {
                return size >= Marks.CORROBORATING_SHARE * entry.size();
            }
            double usual = HealthyDrop.of(
                            stretch,
                            entry.loop().crankingAmps(),
                            entry.reading().flowingAmps(),
                            entry.vehicle().celsius())
                    .nominalVolts();
            double excess = entry.size() - entry.healthy().nominalVolts();
            return stretch.covers(entry.stretch()) && size - usual >= Marks.CORROBORATING_SHARE * excess;
        });
    }

    private static Quantity current(HealthyDrop healthy) {
        return Quantity.named(Amount.amps(healthy.amps()) + (healthy.estimated() ? ", estimated" : ""));
    }

    private static Slip slip(Entry entry, double move, Reason why) {
        return Slip.asking(
                Kind.DECIMAL, List.of(why, SlipReason.WHAT.with()), entry.moved(move), entry.asRead(), Entry.repeat());
    }
}
