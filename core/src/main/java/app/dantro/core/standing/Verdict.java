package app.dantro.core.standing;

import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Later;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Experience;
import app.dantro.core.inference.Posterior;
import app.dantro.core.quantity.Reason;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a judgement came to: values only, to be kept and shared.
 *
 * @param healthy probability that nothing is wrong
 * @param called the part that may be called faulty
 * @param ranked every part that any explanation calls bad, the likeliest first
 * @param suspects the parts that readings speak against, the likeliest first
 * @param gates what the verdict of each suspect device rests on
 * @param whatIf what the likeliest repair would change, once it is worth foreseeing
 * @param likeliest what repairing the part that stands first would change, however unlikely
 * @param learned how far the shop's own repairs and certified parts moved the part that stands first; empty if they did not
 */
public record Verdict(
        double healthy,
        Optional<PartId> called,
        List<Ranked> ranked,
        List<PartFinding> suspects,
        Map<PartId, DeviceGate> gates,
        Optional<WhatIf> whatIf,
        Optional<WhatIf> likeliest,
        Later<Optional<Learned>> learned) {
    /**
     * A part that a shop's own repairs and certified parts moved.
     *
     * @param probability that it is at fault
     * @param written the same by what is written alone
     * @param repairs verified ones of it after such a complaint
     * @param of verified ones of all parts
     * @param certified how many healthy joints and cables were read
     */
    public record Learned(PartId part, double probability, double written, int repairs, int of, int certified) {
        /** How far they moved one part; empty where that is not worth a word. */
        static Optional<Learned> of(Posterior posterior, PartId part) {
            Experience experience = posterior.evidence().experience();
            double now = posterior.probability(part);
            return posterior.asWritten(part).stream()
                    .filter(written -> Math.abs(now - written) >= Marks.ASSUMED_WORTH_SAYING)
                    .mapToObj(written -> new Learned(
                            part,
                            now,
                            written,
                            experience.repairs(part),
                            experience.repairs(),
                            experience.certifiedParts()))
                    .findFirst();
        }

        /** In a sentence. @param name the part's */
        public String words(String name) {
            String parts = certified == 1 ? "a certified part" : "%d certified parts".formatted(certified);
            String counted = String.format(
                    Locale.ROOT,
                    "%d of this shop's %d verified repairs after such a complaint%s",
                    repairs,
                    of,
                    certified > 0 ? ", and what %s told".formatted(parts) : "");
            return String.format(
                    Locale.ROOT,
                    "%s: %s. They count before any reading: it is at fault with %.0f %%, without them it would be with %.0f %%.",
                    Reason.capital(name),
                    of > 0 ? counted : "what this shop's readings of %s told".formatted(parts),
                    PERCENT * probability,
                    PERCENT * written);
        }
    }

    private static final double PERCENT = 100;

    /** A part with the probability that it is at fault. */
    public record Ranked(PartId part, double probability) {}

    public Verdict {
        ranked = List.copyOf(ranked);
        suspects = List.copyOf(suspects);
        gates = Map.copyOf(gates);
    }

    /** What a judgement and the findings it went into come to. */
    public static Verdict of(Findings findings, Judgement judgement) {
        List<PartFinding> suspects = judgement.anythingRead() ? suspects(findings) : List.of();
        return new Verdict(
                judgement.posterior().healthy(),
                judgement.called(),
                judgement.ranked().stream()
                        .map(p -> new Ranked(p, judgement.probability(p)))
                        .toList(),
                suspects,
                findings.parts().stream()
                        .filter(p -> DeviceGate.isFor(findings, p))
                        .collect(
                                Collectors.toMap(PartFinding::part, p -> DeviceGate.of(findings, judgement, p.part()))),
                suspects.stream()
                        .findFirst()
                        .filter(p -> probability(p) >= Marks.ASSUMED_WORTH_FORESEEING)
                        .flatMap(p -> WhatIf.of(judgement.posterior(), p.part())),
                judgement.ranked().stream().findFirst().flatMap(p -> WhatIf.of(judgement.posterior(), p)),
                judgement.ranked().stream()
                        .findFirst()
                        .map(judgement::learnedLater)
                        .orElseGet(() -> Later.of(Optional.empty())));
    }

    /** Probability that a part is at fault. */
    public double probability(PartId part) {
        return ranked.stream()
                .filter(r -> r.part().equals(part))
                .mapToDouble(Ranked::probability)
                .findFirst()
                .orElse(0);
    }

    private static List<PartFinding> suspects(Findings findings) {
        return findings.parts().stream()
                .filter(p ->
                        p.alarmed() && p.suspicion().filter(Suspicion::shown).isPresent())
                .sorted(Comparator.comparingDouble(p -> -probability(p)))
                .limit(Marks.MOST_NAMED)
                .toList();
    }

    private static double probability(PartFinding part) {
        return part.suspicion().map(Suspicion::probability).orElseThrow();
    }
}
