package app.dantro.core.standing;

import app.dantro.core.charging.GoodAlternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.fact.ChargingCertificates;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.reading.Amount;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Findings with the judgement worked in. The rules of the starting loop stay; the judgement adds every other part, the
 * probabilities, what carries them, and has the last word on who may be called faulty (docs/decisions/0010).
 */
public final class JudgedCase {
    /** Beyond this ratio of an interval's ends one number would claim too much. */
    private static final double WIDE = 2;

    private static final double SUSPECT = 0.15;
    private static final double LIKELIER_THAN_NOT = 0.5;
    private static final double REFUTED = 0.004;
    private static final double LEAST_INFLUENCE = 0.02;
    private static final int MOST_INFLUENCES = 4;
    private static final double RULED_OUT = 0.5;
    /** Loss of log-likelihood that two and a half standard deviations bring. */
    private static final double REFUTING_NATS = 3;

    private static final double EXONERATED = 0.02;

    private final Findings rules;
    private final Judgement judgement;
    private final Posterior posterior;
    private final Circuit circuit;
    private final Optional<PartId> called;
    private final ChargingCertificates certificates;

    private JudgedCase(Findings rules, Judgement judgement) {
        this.rules = rules;
        this.judgement = judgement;
        this.posterior = judgement.posterior();
        this.circuit = rules.evidence().circuit();
        this.called = judgement.called();
        this.certificates = new ChargingCertificates(rules.evidence());
    }

    /** The findings of the rules with the judgement's standings, doubts and suspicions. */
    public static Findings of(Findings rules, Judgement judgement) {
        return new JudgedCase(rules, judgement).findings();
    }

    private Findings findings() {
        List<PartFinding> parts = new ArrayList<>();
        for (PartFinding rule : rules.parts()) {
            parts.add(named(merged(rule)));
        }
        for (Part part : circuit.parts()) {
            if (rules.parts().stream().noneMatch(p -> p.part().equals(part.id()))) {
                parts.add(merged(
                        open(part.id(), part.name(), List.of("a reading across just this part, with its current"))));
            }
        }
        for (Device device : circuit.devices()) {
            boolean known = rules.parts().stream().anyMatch(p -> p.part().equals(device.id()));
            if (!known && judged(device)) {
                parts.add(named(merged(open(
                        device.id(),
                        device.name(),
                        judgement.proof().missing(device.id()).stream()
                                .map(Proof.Link::words)
                                .toList()))));
            }
        }
        return rules.judged(parts, Doubts.of(posterior), headline(parts));
    }

    /** An alternator is named by what regulates it. */
    private PartFinding named(PartFinding finding) {
        if (!isAlternator(finding.part())) {
            return finding;
        }
        AlternatorName name = AlternatorName.of(
                circuit.regulator().orElseThrow(),
                posterior,
                finding.part(),
                rules.evidence().statements());
        return finding.named(name.name(), name.adds());
    }

    private static boolean judged(Device device) {
        return !(device instanceof Pile) && !(device instanceof Solenoid) && !(device instanceof Load);
    }

    private PartFinding open(PartId part, String name, List<String> missing) {
        return new PartFinding(
                part, name, Standing.NOT_PROVEN, "No reading speaks for or against it yet.", List.of(), missing);
    }

    private PartFinding merged(PartFinding rule) {
        Optional<Suspicion> suspicion = suspicion(rule.part());
        if (suspicion.isEmpty()) {
            return rule;
        }
        double p = suspicion.get().probability();
        PartFinding with = rule.with(suspicion.get());
        Optional<Proof.Look> refuted = refuted(rule.part()).filter(l -> p >= SUSPECT);
        if (refuted.isPresent()) {
            return with.as(Standing.NOT_PROVEN, elsewhere(refuted.get()), List.of("the readings after that"));
        }
        if (isAlternator(rule.part()) && Figures.diodesFail(rules.evidence())) {
            return diodes(with);
        }
        if (called.filter(rule.part()::equals).isPresent()) {
            List<String> unseen = unseen(rule.part());
            if (!unseen.isEmpty()) {
                return with.as(
                        Standing.SUSPECT, suspected(p) + " Readings alone do not prove it.", unseen, carriers(rule));
            }
            return rule.standing() == Standing.FAULTY ? with : condemned(with);
        }
        if (rule.standing() == Standing.FAULTY) {
            return p >= RULED_OUT
                    ? with
                    : with.as(Standing.SUSPECT, contradicted(), List.of("a second reading across it"));
        }
        boolean evidence = !posterior.evidence().observations().isEmpty();
        if (evidence && p >= SUSPECT && rule.standing() != Standing.CLEARED && touched(rule, p)) {
            return rule.standing() == Standing.SUSPECT ? with : with.as(Standing.SUSPECT, suspected(p), missing(rule));
        }
        if (evidence && rule.standing() == Standing.SUSPECT && p < EXONERATED) {
            return with.as(
                    Standing.NOT_PROVEN,
                    "A stretch through it fails, but by all readings together a fault here is %s."
                            .formatted(Suspicion.words(p)),
                    rule.missing());
        }
        return rule.standing() == Standing.NOT_PROVEN ? shownGood(with, p) : with;
    }

    /** What a part that nothing speaks against has been shown to be, if anything: by its drop, else by all readings. */
    private PartFinding shownGood(PartFinding with, double p) {
        if (circuit.part(with.part()).isEmpty()) {
            // Ripple is no part of the probability, and tells what loaded volts cannot.
            return p >= SUSPECT
                    ? with
                    : GoodAlternator.finding(rules.evidence(), with).orElse(with);
        }
        boolean starting = rules.loop().part(with.part()).isPresent();
        Optional<PartFinding> byDrop = certificates
                .of(with.part())
                .filter(c -> p <= EXONERATED)
                .map(c -> starting
                        ? with.as(Standing.NOT_PROVEN, c.wordsWhileCharging(), with.missing(), List.of(c.reading()))
                        : with.as(Standing.CLEARED, c.words(), List.of(), List.of(c.reading())));
        return byDrop.orElseGet(() -> starting ? with : certified(with));
    }

    private Stream<Proof.Look> looks(PartId part) {
        return judgement.proof().looks(part).stream();
    }

    /** A device that no reading has come near is no suspect because others are cleared: it is merely not proven. */
    private boolean touched(PartFinding rule, double p) {
        return p >= LIKELIER_THAN_NOT
                || circuit.part(rule.part()).isPresent()
                || !carriers(rule).isEmpty();
    }

    private boolean isAlternator(PartId part) {
        return circuit.alternator().filter(a -> a.id().equals(part)).isPresent();
    }

    /** Ripple and diode test both fail: that is the machine, once its belt and plug were seen. */
    private PartFinding diodes(PartFinding rule) {
        String says = "Ripple over 0.5 V AC, and the diode test fails: its diodes.";
        List<String> unseen = unseen(rule.part());
        return unseen.isEmpty()
                ? rule.as(Standing.FAULTY, says, List.of())
                : rule.as(Standing.SUSPECT, says + " Readings alone do not prove it.", unseen);
    }

    /** What was looked at for a device and is not as it must be. */
    private Optional<Proof.Look> refuted(PartId part) {
        return looks(part).filter(l -> l.refuted(rules.evidence().statements())).findFirst();
    }

    private List<String> unseen(PartId part) {
        return looks(part)
                .filter(l -> !l.seen(rules.evidence().statements()))
                .map(Proof.Look::words)
                .toList();
    }

    /** Why a device is not called although the readings speak against it: what it needs does not arrive. */
    private String elsewhere(Proof.Look refuted) {
        return "The readings speak against it, but: %s. Put that right first, then read again."
                .formatted(said(refuted));
    }

    private String said(Proof.Look look) {
        String value =
                rules.evidence().statements().about(look.topic()).orElseThrow().value();
        return "%s: %s".formatted(look.topic().title(), look.topic().words(value));
    }

    private Optional<Suspicion> suspicion(PartId part) {
        boolean known = circuit.part(part).isPresent() || circuit.device(part).isPresent();
        if (!known) {
            return Optional.empty();
        }
        double p = judgement.probability(part);
        boolean resistive = circuit.part(part).isPresent()
                && !posterior.evidence().observations().isEmpty();
        return Optional.of(new Suspicion(
                p,
                resistive ? Optional.of(judgement.resistance(circuit.part(part).get())) : Optional.empty(),
                p >= SUSPECT ? influences(part) : List.of()));
    }

    private List<Suspicion.Influence> influences(PartId part) {
        double with = judgement.probability(part);
        return readings().stream()
                .map(r -> new Suspicion.Influence(r, judgement.probabilityWithout(r, part)))
                .filter(i -> Math.abs(i.without() - with) > LEAST_INFLUENCE)
                .sorted(Comparator.comparingDouble(i -> -Math.abs(i.without() - with)))
                .limit(MOST_INFLUENCES)
                .toList();
    }

    /** The readings that close the part's chain of proof. */
    private List<UUID> carriers(PartFinding rule) {
        return posterior.evidence().observations().stream()
                .filter(o -> judgement.proof().chain(rule.part()).stream()
                        .anyMatch(l -> l.any().stream().anyMatch(w -> Proof.same(w, o.what()))))
                .map(Observation::reading)
                .distinct()
                .toList();
    }

    private PartFinding condemned(PartFinding rule) {
        // Beside a parallel branch the loop's current is not the part's: then only the estimate is true.
        Optional<Double> read = rules.across(rule.part())
                .flatMap(DropVerdict::ohms)
                .filter(ohms -> rule.suspicion()
                        .flatMap(Suspicion::resistance)
                        .filter(r -> ohms < r.lowOhms() / WIDE || ohms > r.highOhms() * WIDE)
                        .isEmpty());
        String ohms = read.map(JudgedCase::ohms)
                .or(() -> rule.suspicion().flatMap(Suspicion::resistance).map(JudgedCase::ohms))
                .map(r -> "It has about %s, and should have %s. ".formatted(r, healthyOhms(rule.part())))
                .orElse("");
        return rule.as(
                Standing.FAULTY,
                ohms + "The readings agree, no single one carries this alone, and what reaches it was shown.",
                List.of(),
                carriers(rule));
    }

    private String healthyOhms(PartId part) {
        return Amount.milliohms(circuit.part(part)
                .orElseThrow()
                .resistance()
                .healthyAt(rules.evidence().celsius())
                .nominalOhms());
    }

    /** An estimate that the readings do not pin down is said with its interval. */
    private static String ohms(ResistanceBelief belief) {
        return belief.highOhms() < WIDE * belief.lowOhms()
                ? ohms(belief.medianOhms())
                : "%s (%s to %s)".formatted(ohms(belief.medianOhms()), ohms(belief.lowOhms()), ohms(belief.highOhms()));
    }

    private static String ohms(double ohms) {
        return ohms > 1000
                ? "no connection"
                : ohms >= 1 ? "%s Ω".formatted(Math.round(ohms * 10) / 10.0) : Amount.milliohms(ohms);
    }

    private String contradicted() {
        return "A reading across it is too large, but another explanation of all readings is likelier.";
    }

    private static String suspected(double p) {
        return "A fault here is %s, by all readings together.".formatted(Suspicion.words(p));
    }

    private List<String> missing(PartFinding rule) {
        List<String> links = new ArrayList<>(judgement.proof().missing(rule.part()).stream()
                .map(Proof.Link::words)
                .toList());
        links.addAll(unseen(rule.part()));
        return links.isEmpty() ? List.of("a second reading that agrees") : links;
    }

    /**
     * Off the starting loop a part is cleared if the mildest fault would have shown in the readings, whatever else is
     * wrong, and the current was measured with the one that speaks loudest.
     */
    private PartFinding certified(PartFinding rule) {
        Part part = circuit.part(rule.part()).orElseThrow();
        Forecast likeliest = posterior.forecasts(1).get(0);
        Forecast.Refutation against = likeliest.refutation(part);
        if (rule.suspicion().orElseThrow().probability() > REFUTED
                || against.nats() < REFUTING_NATS
                || against.observation() < 0) {
            return rule;
        }
        Observation loudest = posterior.evidence().observations().get(against.observation());
        boolean measured = posterior.evidence().observations().stream()
                .anyMatch(o -> o.reading().equals(loudest.reading()) && o.what() instanceof Observable.Amps);
        double amps = Math.abs(amps(part, loudest));
        if (!measured) {
            return rule.as(
                    Standing.NOT_PROVEN,
                    "Not the cause by all readings, not certified: no current was measured with them.",
                    rule.missing(),
                    List.of(loudest.reading()));
        }
        return rule.as(
                Standing.CLEARED,
                "Certified at %s: a fault here would show in the readings.".formatted(Amount.amps(amps)),
                List.of(),
                List.of(loudest.reading()));
    }

    /** Current in a part by the likeliest explanation, in the condition of an observation. */
    private double amps(Part part, Observation o) {
        Observable across = new Observable.Volts(o.what().condition(), part.from(), part.to());
        double volts = posterior.forecasts(1).get(0).expected(across, 1e-3).mean();
        return volts / judgement.resistance(part).medianOhms();
    }

    private List<UUID> readings() {
        return posterior.evidence().observations().stream()
                .map(Observation::reading)
                .distinct()
                .toList();
    }

    private String headline(List<PartFinding> parts) {
        if (posterior.evidence().observations().isEmpty()) {
            return rules.headline();
        }
        List<String> faulty = parts.stream()
                .filter(p -> p.standing() == Standing.FAULTY)
                .map(PartFinding::name)
                .toList();
        if (!faulty.isEmpty()) {
            return rules.headline().startsWith("Faulty")
                    ? rules.headline()
                    : "Faulty: the %s.".formatted(String.join(", the ", faulty));
        }
        List<PartFinding> likely = parts.stream()
                .filter(p -> p.suspicion()
                        .filter(s -> s.probability() >= SUSPECT && touched(p, s.probability()))
                        .isPresent())
                .sorted(Comparator.comparingDouble(
                        p -> -p.suspicion().orElseThrow().probability()))
                .toList();
        if (!likely.isEmpty()) {
            PartFinding first = likely.get(0);
            Optional<Proof.Look> refuted = refuted(first.part());
            if (refuted.isPresent()) {
                return "%s. The %s is not proven bad.".formatted(said(refuted.get()), first.name());
            }
            String more = likely.size() == 1 ? "" : " %d more may be it.".formatted(likely.size() - 1);
            return "%s: the %s.%s"
                    .formatted(capital(first.suspicion().orElseThrow().words()), first.name(), more);
        }
        return judgement.healthy() ? "No fault that readings could show. " + certifiedSides() : rules.headline();
    }

    private String certifiedSides() {
        return rules.headline().contains("certified") ? rules.headline() : "";
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
