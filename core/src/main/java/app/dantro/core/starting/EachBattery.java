package app.dantro.core.starting;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Several batteries, each on its own (docs/job.md, battery): in series both carry the loop's current and their rests must
 * match; in parallel each has a current of its own, and one that delivers next to none idles behind its link.
 */
final class EachBattery {
    /** Two blocks in series that rest further apart are not of one charge. */
    private static final double MATCHED_VOLTS = 0.2;
    /** A dead cell takes about this from a block. */
    private static final double CELL_VOLTS = 1.8;
    /** In parallel a healthy battery carries a fair share; below this part of it it idles. */
    private static final double IDLE_SHARE = 0.35;
    /** While the starter pulls, an idle battery's own posts stay this much above the others'. */
    private static final double IDLE_VOLTS = 0.3;

    private final CaseRecord evidence;
    private final Circuit circuit;
    private final List<Battery> all;

    EachBattery(CaseRecord evidence) {
        this.evidence = evidence;
        this.circuit = evidence.circuit();
        this.all = circuit.batteries();
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
        List<Reading> bases = across(battery, Condition.REST);
        double own = Math.abs(last(bases).volts());
        Optional<Double> other = otherInSeries(battery);
        if (other.filter(v -> v - own >= CELL_VOLTS).isPresent()) {
            return found(
                    battery,
                    bases,
                    Standing.SUSPECT,
                    "%s at rest, the other %s: about a cell is missing."
                            .formatted(Amount.volts(own), Amount.volts(other.get())),
                    "the same after charging it on its own");
        }
        if (other.filter(v -> v - own >= MATCHED_VOLTS).isPresent()) {
            return found(
                    battery,
                    bases,
                    Standing.NOT_PROVEN,
                    "%s at rest, the other %s: charge each on its own, then read both again."
                            .formatted(Amount.volts(own), Amount.volts(other.get())),
                    "two blocks of one charge");
        }
        return judge(battery).finding(bases, across(battery, Condition.CRANKING));
    }

    /** Rest of the other block: read, or what the whole set leaves. */
    private Optional<Double> otherInSeries(Battery battery) {
        return all.stream()
                .filter(b -> !b.equals(battery))
                .flatMap(b -> across(b, Condition.REST).stream())
                .map(r -> Math.abs(r.volts()))
                .reduce((first, second) -> second)
                .or(() -> posts(Condition.REST)
                        .map(whole -> (Math.abs(whole.volts())
                                        - Math.abs(last(across(battery, Condition.REST))
                                                .volts()))
                                / (circuit.blocks() - 1)));
    }

    private PartFinding inParallel(Battery battery) {
        List<Reading> bases = across(battery, Condition.REST);
        List<Reading> cranks = across(battery, Condition.CRANKING).stream()
                .map(r -> r.with(own(battery)))
                .toList();
        Optional<String> idle = cranks.isEmpty() ? Optional.empty() : idle(battery, last(bases), last(cranks));
        return idle.map(says ->
                        found(battery, cranks, Standing.NOT_PROVEN, says, "its link read while cranking, both sides"))
                .orElseGet(() -> judge(battery).finding(bases, cranks));
    }

    private Optional<String> idle(Battery battery, Reading base, Reading crank) {
        Optional<Double> amps = crank.amps();
        double fair = evidence.loop().crankingAmps().nominalAmps() / all.size();
        if (amps.filter(a -> a < IDLE_SHARE * fair).isPresent()) {
            return Optional.of("It delivers %s while cranking, a fair share is about %s: it idles behind its link."
                    .formatted(Amount.amps(amps.get()), Amount.amps(fair)));
        }
        Optional<Double> others = all.stream()
                .filter(b -> !b.equals(battery))
                .flatMap(b -> across(b, Condition.CRANKING).stream())
                .map(r -> Math.abs(r.volts()))
                .reduce((first, second) -> second);
        double held = Math.abs(crank.volts());
        boolean stays =
                others.filter(v -> held - v >= IDLE_VOLTS).isPresent() && Math.abs(base.volts()) - held < IDLE_VOLTS;
        return stays
                ? Optional.of("Its own posts stay at %s while the other battery falls to %s: it idles behind its link."
                        .formatted(Amount.volts(held), Amount.volts(others.get())))
                : Optional.empty();
    }

    /** The battery's own current: in a cable that carries nothing else, or for the first battery what the others leave. */
    private Current own(Battery battery) {
        return alone(battery)
                .or(() -> evidence.counted().stream()
                        .filter(r -> r.condition() == Condition.CRANKING)
                        .flatMap(r -> r.amps().stream())
                        .reduce((first, second) -> second)
                        .flatMap(total -> others(battery).map(rest -> Math.max(0, total - rest))))
                .map(amps -> Current.of(amps, Current.How.CLAMP))
                .orElseGet(Current::unknown);
    }

    /** What all other batteries deliver, if each was measured. */
    private Optional<Double> others(Battery battery) {
        double sum = 0;
        for (Battery other : all) {
            if (!other.equals(battery)) {
                Optional<Double> amps = alone(other);
                if (amps.isEmpty()) {
                    return Optional.empty();
                }
                sum += amps.get();
            }
        }
        return Optional.of(sum);
    }

    private Optional<Double> alone(Battery battery) {
        return evidence.observed().stream()
                .filter(r -> r.condition() == Condition.CRANKING)
                .map(Reading::current)
                .filter(Current.Measured.class::isInstance)
                .map(Current.Measured.class::cast)
                .filter(m -> m.in().flatMap(circuit::part)
                        .filter(p -> carriesOnly(battery, p))
                        .isPresent())
                .map(m -> Math.abs(m.amps()))
                .reduce((first, second) -> second);
    }

    /** True if the battery's current, and nothing else, flows in a part: nothing branches off before it. */
    private boolean carriesOnly(Battery battery, Part part) {
        return Stream.of(battery.positivePost(), battery.negativePost())
                .anyMatch(post -> unbranched(post).contains(part));
    }

    /** The parts from a post up to the first point where something branches off. */
    private List<Part> unbranched(PointId post) {
        List<Part> way = new ArrayList<>();
        PointId at = post;
        List<Part> onward = onward(at, way);
        while (onward.size() == 1 && (at.equals(post) || hangsFree(at))) {
            Part next = onward.get(0);
            way.add(next);
            at = next.from().equals(at) ? next.to() : next.from();
            onward = onward(at, way);
        }
        return way;
    }

    private List<Part> onward(PointId point, List<Part> come) {
        return circuit.parts().stream()
                .filter(p -> p.touches(point) && !come.contains(p))
                .toList();
    }

    private boolean hangsFree(PointId point) {
        return circuit.devices().stream().noneMatch(d -> d.terminals().contains(point));
    }

    private BatteryJudge judge(Battery battery) {
        boolean series = circuit.blocks() > 1;
        double usual = evidence.loop().crankingAmps().lowAmps() / (series ? 1 : all.size());
        String ammeter = series
                ? "the cranking current, by clamp"
                : "its own cranking current, by a clamp around a cable that carries nothing else";
        return new BatteryJudge(
                battery, battery.name(), 1, usual, evidence.celsius(), evidence.statedSinceRepair(), ammeter);
    }

    private List<Reading> across(Battery battery, Condition condition) {
        Set<?> own = Set.of(battery.positivePost(), battery.negativePost());
        return evidence.counted().stream()
                .filter(r -> r.condition() == condition && own.equals(Set.of(r.red(), r.black())))
                .toList();
    }

    private Optional<Reading> posts(Condition condition) {
        return evidence.counted().stream()
                .filter(r -> r.condition() == condition && evidence.loop().isPosts(r.red(), r.black()))
                .reduce((first, second) -> second);
    }

    private static Reading last(List<Reading> readings) {
        return readings.get(readings.size() - 1);
    }

    private static PartFinding found(
            Battery battery, List<Reading> by, Standing standing, String says, String missing) {
        return new PartFinding(battery.id(), battery.name(), standing, says, List.of(last(by).id()), List.of(missing));
    }
}
