package app.dantro.core.starting;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.fact.Facts;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Findings by the rules of the starting loop alone. The same facts always give the same findings. */
public final class StartingRules {
    private final Facts facts;
    private final CaseRecord record;
    private final SeriesLoop loop;

    private StartingRules(Facts facts) {
        this.facts = facts;
        this.record = facts.record();
        this.loop = facts.loop();
    }

    public static Findings of(CaseRecord record) {
        return of(Facts.of(record));
    }

    public static Findings of(Facts facts) {
        return new StartingRules(facts).find();
    }

    private Findings find() {
        WiringRules wiring = new WiringRules(facts);
        List<PartFinding> parts = new ArrayList<>();
        parts.add(BatteryRules.ofPosts(record.circuit(), loop, record.celsius(), record.statements())
                .finding(facts.posts(Condition.REST), facts.posts(Condition.CRANKING)));
        parts.addAll(new EachBattery(record).findings());
        loop.supply().forEach(p -> parts.add(wiring.finding(p)));
        parts.add(starter());
        loop.returns().forEach(p -> parts.add(wiring.finding(p)));
        return new Findings(facts, parts, List.of(), headline(parts));
    }

    /** The starter is cleared by turning normally at normal current; it is never condemned here (docs/job.md, when may a component be called faulty). */
    private PartFinding starter() {
        PartFinding open = PartFinding.open(loop.starter().id(), "starter");
        Optional<Reading> crank =
                facts.posts(Condition.CRANKING).newest().filter(r -> r.amps().isPresent());
        boolean turns = record.lastTest().map(ComplaintTest::passed).orElse(false);
        boolean normal = crank.flatMap(Reading::amps)
                .map(a -> a >= loop.crankingAmps().lowAmps()
                        && a <= loop.crankingAmps().highAmps())
                .orElse(false);
        if (turns && normal) {
            Quantity amps = Quantity.amps(crank.get().amps().get());
            return open.as(Standing.CLEARED, StartingReason.STARTER_TURNS_NORMALLY.with(amps))
                    .carriedBy(crank.get().id());
        }
        return open.as(Standing.NOT_PROVEN, StartingReason.STARTER_JUDGED_LAST.with())
                .missing(StartingReason.BOTH_SIDES_CERTIFIED.with(), StartingReason.ENGINE_FREE.with());
    }

    private List<Reason> headline(List<PartFinding> parts) {
        if (facts.counted().isEmpty()) {
            return List.of(StartingReason.NO_READINGS.with());
        }
        List<Reason> reasons = new ArrayList<>();
        parts.stream()
                .filter(p -> p.standing() == Standing.FAULTY)
                .forEach(p -> reasons.add(StartingReason.FAULTY.with(Quantity.named(p.name()))));
        suspects(parts).ifPresent(reasons::add);
        parts.stream()
                .filter(p -> p.part().equals(loop.battery().id()))
                .flatMap(p -> battery(p.standing()).stream())
                .forEach(reasons::add);
        for (Side side : Side.values()) {
            certified(side, parts).ifPresent(reasons::add);
        }
        return reasons.isEmpty() ? List.of(StartingReason.NOTHING_PROVEN.with()) : reasons;
    }

    private static Optional<Reason> battery(Standing standing) {
        return switch (standing) {
            case CLEARED -> Optional.of(StartingReason.BATTERY_CLEARED.with());
            case SUSPECT -> Optional.of(StartingReason.BATTERY_SUSPECT.with());
            default -> Optional.empty();
        };
    }

    private Optional<Reason> suspects(List<PartFinding> parts) {
        List<PartFinding> suspects = parts.stream()
                .filter(p ->
                        p.standing() == Standing.SUSPECT && loop.part(p.part()).isPresent())
                .toList();
        if (suspects.isEmpty()) {
            return Optional.empty();
        }
        if (suspects.size() == 1) {
            return Optional.of(
                    StartingReason.SUSPECT.with(Quantity.named(suspects.get(0).name())));
        }
        String sides = suspects.stream()
                .map(p -> loop.sideOf(p.part()).words())
                .distinct()
                .collect(Collectors.joining(" and the "));
        return Optional.of(StartingReason.LOST_IN_SOME.with(Quantity.named(sides), Quantity.count(suspects.size())));
    }

    private Optional<Reason> certified(Side side, List<PartFinding> parts) {
        Map<PartId, Standing> standing =
                parts.stream().collect(Collectors.toMap(PartFinding::part, PartFinding::standing));
        boolean all = loop.side(side).stream().map(Part::id).allMatch(p -> standing.get(p) == Standing.CLEARED);
        double least = loop.side(side).stream()
                .mapToDouble(part -> facts.certifiedAmps(part.id()))
                .min()
                .orElse(0);
        StartingReason kind = side == Side.SUPPLY ? StartingReason.SUPPLY_CERTIFIED : StartingReason.RETURN_CERTIFIED;
        return all ? Optional.of(kind.with(Quantity.amps(least))) : Optional.empty();
    }
}
