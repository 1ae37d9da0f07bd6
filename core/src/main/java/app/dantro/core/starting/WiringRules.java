package app.dantro.core.starting;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.fact.Facts;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Newest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;

/** Standing of the wiring parts from the answers to the drops (docs/job.md, when may a component be called faulty). */
final class WiringRules {
    private final Facts facts;
    private final double celsius;
    private final Set<PartId> suspects = new HashSet<>();

    WiringRules(Facts facts) {
        this.facts = facts;
        this.celsius = facts.record().celsius();
        facts.verdicts().stream().filter(DropVerdict::condemns).forEach(this::addSuspects);
    }

    PartFinding finding(Part part) {
        PartFinding open = PartFinding.open(part.id(), part.name());
        Optional<DropVerdict> direct = facts.across(part.id()).filter(DropVerdict::condemns);
        if (direct.isPresent()) {
            return condemned(open, part, direct.get());
        }
        if (facts.certified(part.id())) {
            return clearedBy(open);
        }
        return suspects.contains(part.id()) ? suspected(open) : notProven(open);
    }

    private void addSuspects(DropVerdict verdict) {
        List<PartId> open = verdict.stretch().parts().stream()
                .map(Part::id)
                .filter(p -> !facts.certified(p))
                .toList();
        if (!open.isEmpty() && !explained(verdict)) {
            suspects.addAll(open);
        }
    }

    /** True if the parts that fail on their own account for what the stretch loses beyond a healthy rest. */
    private boolean explained(DropVerdict verdict) {
        List<DropVerdict> within = verdict.stretch().parts().stream()
                .flatMap(p -> facts.across(p.id()).filter(DropVerdict::condemns).stream())
                .filter(v -> v != verdict)
                .toList();
        if (within.isEmpty()
                || verdict.ohms().isEmpty()
                || within.stream().anyMatch(v -> v.ohms().isEmpty())) {
            return !within.isEmpty();
        }
        List<Part> rest = verdict.stretch().parts().stream()
                .filter(p -> within.stream().noneMatch(v -> v.stretch().isJust(p.id())))
                .toList();
        double restOhms = verdict.ohms().get()
                - within.stream().mapToDouble(v -> v.ohms().orElseThrow()).sum();
        double restUpper = new Stretch(rest, false, true).upperOhms(celsius);
        double errorOhms = errorOhms(verdict)
                + within.stream().mapToDouble(WiringRules::errorOhms).sum();
        return restOhms <= restUpper + errorOhms;
    }

    private static double errorOhms(DropVerdict verdict) {
        return Quantile.COVERAGE
                * (MeterError.standardVolts(verdict.reading())
                        / verdict.healthy().amps());
    }

    private PartFinding condemned(PartFinding open, Part part, DropVerdict direct) {
        List<DropVerdict> witnesses = facts.verdicts().stream()
                .filter(v -> v != direct && v.condemns() && v.stretch().covers(part.id()))
                .filter(v -> agrees(direct, v))
                .toList();
        List<Reason> missing = new ArrayList<>();
        if (direct.ohms().isEmpty()) {
            missing.add(StartingReason.CURRENT_ACROSS.with());
        }
        if (witnesses.isEmpty()) {
            missing.add(StartingReason.SECOND_READING.with());
        }
        if (part.kind() == PartKind.CONTACTS && !PulledIn.orClosed(facts, direct)) {
            missing.add(StartingReason.TRIGGER_VOLTS.with());
        }
        if (facts.contradicted(direct.reading())) {
            missing.add(StartingReason.READINGS_THAT_ADD_UP.with());
        }
        List<UUID> ids = new ArrayList<>(List.of(direct.reading().id()));
        witnesses.forEach(w -> ids.add(w.reading().id()));
        return open.as(missing.isEmpty() ? Standing.FAULTY : Standing.SUSPECT, condemnation(part, direct, witnesses))
                .carriedBy(ids)
                .missing(missing);
    }

    private boolean agrees(DropVerdict direct, DropVerdict witness) {
        double excess =
                witness.volts() / witness.healthy().amps() - witness.stretch().nominalOhms(celsius);
        return direct.volts() / direct.healthy().amps() >= Marks.AGREEING_SHARE * excess;
    }

    private List<Reason> condemnation(Part part, DropVerdict direct, List<DropVerdict> witnesses) {
        List<Reason> reasons = opened(direct, StartingReason.ACROSS_AT_CURRENT, StartingReason.ACROSS_WITHOUT_CURRENT);
        double healthyOhms = part.resistance().healthyAt(celsius).nominalOhms();
        direct.ohms()
                .map(ohms -> StartingReason.TIMES_HEALTHY.with(
                        Quantity.count(Math.round(ohms / healthyOhms)),
                        Quantity.named(part.kind().word())))
                .ifPresent(reasons::add);
        witnesses.stream()
                .filter(w -> w.stretch().parts().size() > 1)
                .findFirst()
                .map(w -> StartingReason.TAKES_OF.with(lost(direct), lost(w)))
                .ifPresent(reasons::add);
        return reasons;
    }

    /** The reasons of a drop, opened by where it was read. */
    private static List<Reason> opened(DropVerdict verdict, StartingReason atCurrent, StartingReason without) {
        List<Reason> all = new ArrayList<>(verdict.because());
        Reason first = all.remove(0);
        all.add(0, new Reason(verdict.ohms().isPresent() ? atCurrent : without, first.numbers()));
        return all;
    }

    private static Quantity lost(DropVerdict verdict) {
        return Quantity.volts(verdict.volts(), verdict.reading().resolutionVolts());
    }

    private PartFinding clearedBy(PartFinding open) {
        DropVerdict by = shortest(open.part(), DropVerdict::clears);
        return open.as(Standing.CLEARED, by.because()).carriedBy(by.reading().id());
    }

    private PartFinding suspected(PartFinding open) {
        DropVerdict by = shortest(open.part(), DropVerdict::condemns);
        long rivals = by.stretch().parts().stream()
                .filter(p -> suspects.contains(p.id()))
                .count();
        List<Reason> because =
                opened(by, StartingReason.STRETCH_FAILS_AT_CURRENT, StartingReason.STRETCH_FAILS_WITHOUT_CURRENT);
        because.add(
                rivals == 1 ? StartingReason.ONLY_ONE_LEFT.with() : StartingReason.ONE_OF.with(Quantity.count(rivals)));
        List<Reason> missing = new ArrayList<>(List.of(StartingReason.JUST_THIS_PART.with()));
        if (by.ohms().isEmpty()) {
            missing.add(StartingReason.CURRENT_BY_CLAMP.with());
        }
        return open.as(Standing.SUSPECT, because).carriedBy(by.reading().id()).missing(missing);
    }

    private DropVerdict shortest(PartId part, Predicate<DropVerdict> wanted) {
        return facts.verdicts().stream()
                .filter(v -> wanted.test(v) && v.stretch().covers(part))
                .min(Comparator.comparingInt(v -> v.stretch().parts().size()))
                .orElseThrow();
    }

    private PartFinding notProven(PartFinding open) {
        Optional<DropVerdict> last = facts.verdicts().stream()
                .filter(v -> v.stretch().covers(open.part()))
                .reduce(Newest::of);
        return open.as(
                        Standing.NOT_PROVEN,
                        last.map(DropVerdict::because).orElse(List.of(StartingReason.NOT_CROSSED.with())))
                .carriedBy(last.map(v -> List.of(v.reading().id())).orElse(List.of()))
                .missing(StartingReason.DROP_WITH_CURRENT.with());
    }
}
