package app.dantro.core.standing;

import app.dantro.core.charging.GoodAlternator;
import app.dantro.core.circuit.PartId;
import app.dantro.core.fact.ChargingCertificates;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Statements;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * The rules that give a part its standing once all readings are judged together, in their order: the first that applies
 * gives it, and the finding says which one it was.
 */
final class StandingTable {
    private final Findings rules;
    private final Judgement judgement;
    private final Statements said;
    private final ChargingCertificates certificates;
    private final CertifiedByAll byAll;
    private final BesideVolts besideVolts;
    private final BesideCharging besideCharging;
    private final BesideBatteries besideBatteries;

    /** A rule's own finding of a part, with its suspicion worked in. */
    private record Weighed(PartFinding rule, PartFinding with, double probability) {}

    private final List<Map.Entry<StandingRule, Function<Weighed, Optional<PartFinding>>>> table = List.of(
            Map.entry(StandingRule.SEEN_BAD, p -> beside(p, b -> b.seenBad(p.with))),
            Map.entry(StandingRule.LOOK_REFUTES, this::lookRefutes),
            Map.entry(StandingRule.DIODES_FAIL, this::diodes),
            Map.entry(StandingRule.CALLED_UNSEEN, this::calledUnseen),
            Map.entry(StandingRule.SLOW_ON_GOOD_VOLTS, p -> beside(p, b -> b.slowStarter(p.with))),
            Map.entry(StandingRule.DRAIN_MEASURED, p -> beside(p, b -> b.drain(p.with))),
            Map.entry(StandingRule.FED_AT_REST, this::fed),
            Map.entry(StandingRule.OVERCHARGES, p -> charging(p, b -> b.overcharging(p.with, p.probability))),
            Map.entry(StandingRule.RIPPLE_SPEAKS, p -> charging(p, b -> b.ripplingAlternator(p.with))),
            Map.entry(StandingRule.FALLS_UNDER_LOAD, p -> charging(p, b -> b.falls(p.with))),
            Map.entry(StandingRule.CALLED_BY_BOTH, this::calledByBoth),
            Map.entry(StandingRule.CALLED, this::called),
            Map.entry(StandingRule.DROPS_STAND, this::dropsStand),
            Map.entry(StandingRule.DROPS_CONTRADICTED, this::dropsContradicted),
            Map.entry(StandingRule.LIKELY, this::likely),
            Map.entry(StandingRule.EXONERATED, this::exonerated),
            Map.entry(StandingRule.DELIVERS, this::delivers),
            Map.entry(StandingRule.CERTIFIED_BY_DROP, this::certifiedByDrop),
            Map.entry(StandingRule.CERTIFIED_BY_ALL, this::certifiedByAll));

    StandingTable(Findings rules, Judgement judgement) {
        this.rules = rules;
        this.judgement = judgement;
        this.said = rules.evidence().statements();
        this.certificates = new ChargingCertificates(rules.evidence());
        this.byAll = new CertifiedByAll(judgement);
        this.besideVolts = new BesideVolts(rules, judgement);
        this.besideCharging = new BesideCharging(rules, judgement);
        this.besideBatteries = new BesideBatteries(rules.evidence());
    }

    /** A part's standing by the first rule that applies; as the drops left it if none does. */
    PartFinding judged(PartFinding rule) {
        Optional<Suspicion> suspicion =
                judgement.suspicion(rule.part()).map(s -> DirectOhms.centred(s, rules.across(rule.part())));
        if (suspicion.isEmpty()) {
            return Exonerated.bank(rules, judgement, rule);
        }
        Weighed part =
                new Weighed(rule, rule.with(suspicion.get()), suspicion.get().probability());
        return table.stream()
                .flatMap(entry -> entry.getValue().apply(part).map(f -> f.by(entry.getKey())).stream())
                .findFirst()
                .or(() -> Optional.of(part.with))
                .map(f -> f.standing() == Standing.CLEARED
                        ? f.with(suspicion.get().ofCleared())
                        : f)
                .orElseThrow();
    }

    /** What was looked at for a device and is not as it must be: put that right first. */
    private Optional<PartFinding> lookRefutes(Weighed part) {
        return judgement
                .refuted(part.rule.part(), said)
                .filter(l -> part.probability >= Marks.SUSPECT
                        || besideCharging.falls(part.with).isPresent())
                .map(look -> part.with
                        .as(
                                Standing.NOT_PROVEN,
                                StandingReason.LOOK_SAYS_OTHERWISE.with(
                                        Quantity.named(look.topic().title()), answer(look)))
                        .missing(StandingReason.READINGS_AFTER.with()));
    }

    private Quantity answer(Look look) {
        return Quantity.named(
                look.topic().words(said.about(look.topic()).orElseThrow().value()));
    }

    private Optional<PartFinding> diodes(Weighed part) {
        return besideCharging.diodes(part.with);
    }

    /** What was heard and measured beside the volts speaks, unless the readings call the part anyway. */
    private Optional<PartFinding> beside(Weighed part, Function<BesideVolts, Optional<PartFinding>> rule) {
        return isCalled(part) ? Optional.empty() : rule.apply(besideVolts);
    }

    private Optional<PartFinding> fed(Weighed part) {
        return isCalled(part) ? Optional.empty() : besideBatteries.fed(part.with);
    }

    private Optional<PartFinding> charging(Weighed part, Function<BesideCharging, Optional<PartFinding>> rule) {
        return isCalled(part) ? Optional.empty() : rule.apply(besideCharging);
    }

    private Optional<PartFinding> calledUnseen(Weighed part) {
        List<Reason> unseen = judgement.unseen(part.rule.part(), said);
        return isCalled(part) && !unseen.isEmpty()
                ? Optional.of(part.with
                        .as(Standing.SUSPECT, suspected(part), StandingReason.READINGS_ALONE.with())
                        .carriedBy(judgement.carriers(part.rule.part()))
                        .missing(unseen))
                : Optional.empty();
    }

    private Optional<PartFinding> calledByBoth(Weighed part) {
        return isCalled(part) && part.rule.standing() == Standing.FAULTY ? Optional.of(part.with) : Optional.empty();
    }

    private Optional<PartFinding> called(Weighed part) {
        if (!isCalled(part)) {
            return Optional.empty();
        }
        List<Reason> because = new ArrayList<>();
        new CalledOhms(rules).of(part.with).ifPresent(because::add);
        because.add(StandingReason.READINGS_AGREE.with());
        return Optional.of(part.with
                .as(Standing.FAULTY, because)
                .carriedBy(judgement.carriers(part.rule.part()))
                .missing(List.of()));
    }

    private boolean isCalled(Weighed part) {
        return judgement.called().filter(part.rule.part()::equals).isPresent();
    }

    private Optional<PartFinding> dropsStand(Weighed part) {
        return part.rule.standing() == Standing.FAULTY && part.probability >= Marks.RULED_OUT
                ? Optional.of(part.with)
                : Optional.empty();
    }

    private Optional<PartFinding> dropsContradicted(Weighed part) {
        return part.rule.standing() == Standing.FAULTY
                ? Optional.of(part.with
                        .as(Standing.SUSPECT, StandingReason.CONTRADICTED.with())
                        .missing(StandingReason.SECOND_ACROSS.with()))
                : Optional.empty();
    }

    /** A device that no reading has come near is no suspect because others are cleared: it is merely not proven. */
    private Optional<PartFinding> likely(Weighed part) {
        PartId id = part.rule.part();
        boolean speaks = judgement.anythingRead()
                && judgement.suspected(id)
                && part.rule.standing() != Standing.CLEARED
                && !besideVolts.unheard(id)
                && judgement.touched(id, part.probability);
        if (!speaks) {
            return Optional.empty();
        }
        return Optional.of(
                part.rule.standing() == Standing.SUSPECT
                        ? part.with
                        : part.with.as(Standing.SUSPECT, suspected(part)).missing(missing(id)));
    }

    private List<Reason> missing(PartId part) {
        List<Reason> links = new ArrayList<>(
                judgement.proof().missing(part).stream().map(Link::what).toList());
        links.addAll(judgement.unseen(part, said));
        return links.isEmpty() ? List.of(StandingReason.SECOND_AGREEING.with()) : links;
    }

    private Optional<PartFinding> exonerated(Weighed part) {
        boolean unlikely = judgement.anythingRead() && part.probability < Marks.EXONERATED;
        return unlikely && part.rule.standing() == Standing.SUSPECT
                ? Optional.of(Exonerated.of(part.with, part.probability))
                : Optional.empty();
    }

    /** Ripple is no part of the probability, and tells what loaded volts cannot. */
    private Optional<PartFinding> delivers(Weighed part) {
        return unproven(part) && !isWiring(part) && part.probability < Marks.SUSPECT
                ? GoodAlternator.finding(rules.evidence(), part.with)
                : Optional.empty();
    }

    /** While charging a part of the starting loop is not certified for the starter's current, which is far larger. */
    private Optional<PartFinding> certifiedByDrop(Weighed part) {
        if (!unproven(part) || !isWiring(part) || part.probability > Marks.EXONERATED) {
            return Optional.empty();
        }
        return certificates
                .of(part.rule.part())
                .map(c -> onStartersWay(part)
                        ? part.with
                                .as(Standing.NOT_PROVEN, c.becauseWhileCharging())
                                .carriedBy(c.reading())
                        : part.with
                                .as(Standing.CLEARED, c.because())
                                .missing(List.of())
                                .carriedBy(c.reading()));
    }

    private Optional<PartFinding> certifiedByAll(Weighed part) {
        return unproven(part) && isWiring(part) && !onStartersWay(part) ? byAll.finding(part.with) : Optional.empty();
    }

    private static boolean unproven(Weighed part) {
        return part.rule.standing() == Standing.NOT_PROVEN;
    }

    private boolean isWiring(Weighed part) {
        return judgement.isWiring(part.rule.part());
    }

    private boolean onStartersWay(Weighed part) {
        return rules.loop().part(part.rule.part()).isPresent();
    }

    private static Reason suspected(Weighed part) {
        return StandingReason.SUSPECTED.with(Quantity.named(Suspicion.words(part.probability)));
    }
}
