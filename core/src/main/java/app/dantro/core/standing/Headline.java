package app.dantro.core.standing;

import app.dantro.core.fact.BothSides;
import app.dantro.core.fact.ChargingFacts;
import app.dantro.core.fact.CrankingFacts;
import app.dantro.core.fact.OpenWay;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Statements;
import app.dantro.core.starting.StartingReason;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a judged case says first: what is faulty, what is likeliest, or that nothing shows. */
final class Headline {
    private static final Set<StandingRule> BY_MEASURE = EnumSet.of(
            StandingRule.RIPPLE_SPEAKS,
            StandingRule.OVERCHARGES,
            StandingRule.SLOW_ON_GOOD_VOLTS,
            StandingRule.FALLS_UNDER_LOAD,
            StandingRule.FED_AT_REST,
            StandingRule.DRAIN_MEASURED);

    /** What need not be said where a fact says it with its numbers. */
    private static final Reason.Kind[] SPARE = {
        StartingReason.NOTHING_PROVEN,
        StandingReason.NO_FAULT,
        StartingReason.SUPPLY_CERTIFIED,
        StartingReason.RETURN_CERTIFIED
    };

    private final Findings rules;
    private final Judgement judgement;

    Headline(Findings rules, Judgement judgement) {
        this.rules = rules;
        this.judgement = judgement;
    }

    /** What is proven comes first; then what is faulty or likeliest; a part that is none is not named. */
    List<Reason> of(List<PartFinding> parts) {
        if (!judgement.anythingRead()) {
            return rules.because();
        }
        List<Reason> all = new ArrayList<>();
        ChargingFacts.discharging(rules.evidence()).ifPresent(all::add);
        boolean alarmed = parts.stream().anyMatch(PartFinding::alarmed);
        boolean proven = parts.stream().anyMatch(p -> p.standing() == Standing.FAULTY);
        if (!proven && BothSides.good(rules.facts()).isEmpty()) {
            boolean sideSaid = rules.because().stream().anyMatch(r -> r.is(StartingReason.LOST_IN_SOME))
                    && said(parts).equals(rules.because());
            List<Reason> cranking = CrankingFacts.of(rules.facts(), sideSaid);
            all.addAll(cranking);
            if (cranking.isEmpty()) {
                OpenWay.of(rules.evidence()).ifPresent(all::add);
            }
        }
        if (all.isEmpty() && !alarmed) {
            BothSides.good(rules.facts()).map(BothSides::lost).ifPresent(all::add);
            ChargingFacts.good(rules.evidence()).ifPresent(all::add);
        }
        List<Reason> said = said(parts);
        boolean known = !all.isEmpty();
        said.stream().filter(r -> !(known && r.is(SPARE))).forEach(all::add);
        return all;
    }

    private List<Reason> said(List<PartFinding> parts) {
        String faulty = parts.stream()
                .filter(p -> p.standing() == Standing.FAULTY)
                .map(PartFinding::name)
                .collect(Collectors.joining(", the "));
        if (!faulty.isEmpty()) {
            boolean rulesSay = rules.because().get(0).is(StartingReason.FAULTY);
            return rulesSay ? rules.because() : List.of(StandingReason.FAULTY.with(Quantity.named(faulty)));
        }
        if (!judgement.posterior().fits() && parts.stream().noneMatch(PartFinding::alarmed)) {
            return unfit();
        }
        List<PartFinding> likely = likely(parts);
        if (!likely.isEmpty()) {
            return List.of(likeliest(likely));
        }
        List<Reason> measured = measured(parts);
        if (!measured.isEmpty()) {
            return measured;
        }
        return judgement.healthy() ? nothing() : unnamed(parts);
    }

    /** No vehicle shows such readings: said with the reading that parts them most, and nobody is named. */
    private List<Reason> unfit() {
        List<Reason> all = new ArrayList<>(List.of(StandingReason.FITS_NO_VEHICLE.with()));
        Doubts.parting(judgement.posterior()).ifPresent(all::add);
        return all;
    }

    /** A part that what was measured beside the volts speaks against. */
    private List<Reason> measured(List<PartFinding> parts) {
        Optional<Reason> looked = parts.stream()
                .filter(p -> p.by() == StandingRule.LOOK_REFUTES)
                .flatMap(p -> looked(p).stream())
                .findFirst();
        if (looked.isPresent()) {
            return List.of(looked.get());
        }
        return parts.stream()
                .filter(p -> BY_MEASURE.contains(p.by()) && !p.because().isEmpty())
                .flatMap(p -> p.standing() == Standing.SUSPECT
                        ? Stream.of(
                                StartingReason.SUSPECT.with(Quantity.named(p.name())),
                                p.because().get(0))
                        : Stream.of(p.because().get(0)))
                .distinct()
                .toList();
    }

    /** What the rules say of the drops, without parts that the judgement does not suspect. */
    private List<Reason> unnamed(List<PartFinding> parts) {
        boolean names = rules.because().stream()
                .anyMatch(r -> r.is(
                        StartingReason.SUSPECT,
                        StartingReason.FAULTY,
                        StartingReason.LOST_IN_SOME,
                        StartingReason.BATTERY_SUSPECT));
        List<PartFinding> alarmed = parts.stream().filter(PartFinding::alarmed).toList();
        if (names && alarmed.isEmpty()) {
            return List.of(StartingReason.NOTHING_PROVEN.with());
        }
        if (!names && !alarmed.isEmpty()) {
            return List.of(
                    StartingReason.SUSPECT.with(Quantity.named(alarmed.get(0).name())));
        }
        // No part is faulty here: what the rules would condemn, the judgement only suspects.
        return rules.because().stream()
                .map(r -> r.is(StartingReason.FAULTY) ? new Reason(StartingReason.SUSPECT, r.numbers()) : r)
                .toList();
    }

    private List<PartFinding> likely(List<PartFinding> parts) {
        Statements said = rules.evidence().statements();
        return parts.stream()
                .filter(p -> p.alarmed() || judgement.refuted(p.part(), said).isPresent())
                .filter(p -> p.suspicion()
                        .filter(s -> judgement.suspected(p.part()) && judgement.touched(p.part(), s.probability()))
                        .isPresent())
                .sorted(Comparator.comparingDouble(
                        p -> -p.suspicion().orElseThrow().probability()))
                .toList();
    }

    private Reason likeliest(List<PartFinding> likely) {
        PartFinding first = likely.get(0);
        Optional<Reason> looked = looked(first);
        if (looked.isPresent()) {
            return looked.get();
        }
        Quantity name = Quantity.named(first.name());
        Quantity words =
                Quantity.named(Reason.capital(first.suspicion().orElseThrow().words()));
        return likely.size() == 1
                ? StandingReason.LIKELIEST.with(words, name)
                : StandingReason.LIKELIEST_OF.with(words, name, Quantity.count(likely.size() - 1L));
    }

    /** What was looked at for a device, and is not as it must be. */
    private Optional<Reason> looked(PartFinding part) {
        Statements said = rules.evidence().statements();
        return judgement.refuted(part.part(), said).map(look -> {
            String answer =
                    look.topic().words(said.about(look.topic()).orElseThrow().value());
            return StandingReason.LOOKED_NOT_BAD.with(
                    Quantity.named(look.topic().title()), Quantity.named(answer), Quantity.named(part.name()));
        });
    }

    /** What was certified by drops is said beside it. */
    private List<Reason> nothing() {
        List<Reason> all = new ArrayList<>(List.of(StandingReason.NO_FAULT.with()));
        boolean certified = rules.because().stream()
                .anyMatch(r -> r.is(StartingReason.SUPPLY_CERTIFIED, StartingReason.RETURN_CERTIFIED));
        if (certified) {
            all.addAll(rules.because());
        }
        return all;
    }
}
