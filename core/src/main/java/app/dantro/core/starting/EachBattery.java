package app.dantro.core.starting;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.limits.BatteryLimit;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.CaseRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Several batteries, each on its own (docs/job.md, battery): in series both carry the loop's current and their rests must
 * match; in parallel each has a current of its own, and one that delivers next to none idles behind its link.
 */
final class EachBattery {
    private final CaseRecord record;
    private final Circuit circuit;
    private final List<Battery> all;
    private final BatteryCurrents currents;

    EachBattery(CaseRecord record) {
        this.record = record;
        this.circuit = record.circuit();
        this.all = circuit.batteries();
        this.currents = new BatteryCurrents(record);
    }

    /** A finding for each battery that was read at its own posts; none where there is only one battery. */
    List<PartFinding> findings() {
        List<PartFinding> found = new ArrayList<>();
        for (Battery battery : all) {
            if (all.size() > 1 && !across(battery, Condition.REST).isEmpty()) {
                found.add(circuit.blocks() > 1 ? inSeries(battery) : inParallel(battery));
            }
        }
        return found;
    }

    private PartFinding inSeries(Battery battery) {
        Readings bases = across(battery, Condition.REST);
        double own = newestVolts(bases);
        Optional<Double> below = otherInSeries(battery).map(other -> other - own);
        if (below.filter(v -> v >= Marks.ASSUMED_CELL_LACKING_VOLTS).isPresent()) {
            return apart(battery, Standing.SUSPECT, StartingReason.CELL_LACKING)
                    .missing(StartingReason.SAME_AFTER_CHARGING.with());
        }
        if (below.filter(v -> v >= Marks.ASSUMED_MATCHED_VOLTS).isPresent()) {
            return apart(battery, Standing.NOT_PROVEN, StartingReason.NOT_MATCHED)
                    .missing(StartingReason.BLOCKS_OF_ONE_CHARGE.with());
        }
        return rules(battery).finding(bases, across(battery, Condition.CRANKING));
    }

    private PartFinding apart(Battery battery, Standing standing, StartingReason kind) {
        Readings bases = across(battery, Condition.REST);
        return found(
                battery,
                bases,
                standing,
                kind.with(
                        Quantity.volts(newestVolts(bases)),
                        Quantity.volts(otherInSeries(battery).orElseThrow())));
    }

    /** Rest of the other block: read, or what the whole set leaves. */
    private Optional<Double> otherInSeries(Battery battery) {
        return all.stream()
                .filter(b -> !b.equals(battery))
                .flatMap(b -> across(b, Condition.REST).stream())
                .map(r -> Math.abs(r.volts()))
                .reduce(Newest::of)
                .or(() -> posts(Condition.REST)
                        .map(whole -> (Math.abs(whole.volts()) - newestVolts(across(battery, Condition.REST)))
                                / (circuit.blocks() - 1)));
    }

    private PartFinding inParallel(Battery battery) {
        Readings bases = across(battery, Condition.REST);
        Readings cranks =
                Readings.of(across(battery, Condition.CRANKING).stream().map(r -> r.with(currents.of(battery))));
        Optional<Reason> idle = cranks.isEmpty() ? Optional.empty() : idle(battery, bases, cranks);
        return idle.map(why -> found(battery, cranks, Standing.NOT_PROVEN, why)
                        .missing(StartingReason.LINK_WHILE_CRANKING.with()))
                .orElseGet(() -> rules(battery).finding(bases, cranks));
    }

    private Optional<Reason> idle(Battery battery, Readings bases, Readings cranks) {
        Optional<Double> amps = cranks.newest().flatMap(Reading::amps);
        double fair = record.loop().crankingAmps().nominalAmps() / all.size();
        if (amps.filter(a -> a < Marks.ASSUMED_IDLE_SHARE * fair).isPresent()) {
            return Optional.of(StartingReason.IDLES_BY_CURRENT.with(Quantity.amps(amps.get()), Quantity.amps(fair)));
        }
        Optional<Double> others = all.stream()
                .filter(b -> !b.equals(battery))
                .flatMap(b -> across(b, Condition.CRANKING).stream())
                .map(r -> Math.abs(r.volts()))
                .reduce(Newest::of);
        double held = newestVolts(cranks);
        boolean above = others.filter(v -> held - v >= Marks.ASSUMED_IDLE_VOLTS).isPresent();
        return above && newestVolts(bases) - held < Marks.ASSUMED_IDLE_VOLTS
                ? Optional.of(StartingReason.IDLES_BY_VOLTS.with(Quantity.volts(held), Quantity.volts(others.get())))
                : Optional.empty();
    }

    private BatteryRules rules(Battery battery) {
        boolean series = circuit.blocks() > 1;
        return new BatteryRules(new BatteryTerms(
                battery,
                battery.name(),
                1,
                BatteryLimit.FAULTY.ofOne(circuit),
                record.loop().crankingAmps().lowAmps() / (series ? 1 : all.size()),
                record.celsius(),
                record.statedSinceRepair(),
                series ? StartingReason.CRANKING_CURRENT : StartingReason.OWN_CRANKING_CURRENT));
    }

    private Readings across(Battery battery, Condition condition) {
        return record.counted().in(condition).across(battery.positivePost(), battery.negativePost());
    }

    private Optional<Reading> posts(Condition condition) {
        return record.counted()
                .in(condition)
                .where(r -> record.loop().isPosts(r.red(), r.black()))
                .newest();
    }

    private static double newestVolts(Readings readings) {
        return Math.abs(readings.newest().orElseThrow().volts());
    }

    private static PartFinding found(Battery battery, Readings by, Standing standing, Reason why) {
        return PartFinding.open(battery.id(), battery.name())
                .as(standing, why)
                .carriedBy(by.newest().orElseThrow().id());
    }
}
