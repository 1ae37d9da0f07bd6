package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Step;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Whether headline, bars, standings and step of one moment say the same of every part. */
final class OneVoice {
    private OneVoice() {}

    /** Where they part, if they do. */
    static Optional<String> broken(Assessment said) {
        Set<PartId> alarmed = parts(said, PartFinding::alarmed);
        Set<PartId> faulty = parts(said, p -> p.standing() == Standing.FAULTY);
        String headline = said.findings().headline();
        boolean bars = said.verdict()
                .filter(v -> v.suspects().stream().anyMatch(s -> !alarmed.contains(s.part())))
                .isPresent();
        boolean cleared = said.findings().parts().stream()
                .anyMatch(p -> p.standing() == Standing.CLEARED
                        && p.suspicion().filter(s -> s.shown()).isPresent());
        boolean repairs = said.next().kind() == Step.Kind.REPAIR
                && said.next().part().filter(faulty::contains).isEmpty();
        boolean closes = said.next().kind() == Step.Kind.CLOSE && !alarmed.isEmpty();
        if (bars || cleared || repairs || closes) {
            return Optional.of("bars %s, cleared %s, repairs %s, closes %s: %s %s"
                    .formatted(bars, cleared, repairs, closes, alarmed, headline));
        }
        boolean silent = headline.contains("Nothing is proven yet") && !alarmed.isEmpty();
        boolean named = headline.contains("Faulty:") != !faulty.isEmpty();
        return silent || named ? Optional.of("%s beside %s".formatted(headline, alarmed)) : Optional.empty();
    }

    private static Set<PartId> parts(Assessment said, java.util.function.Predicate<PartFinding> which) {
        return said.findings().parts().stream()
                .filter(which)
                .map(PartFinding::part)
                .collect(Collectors.toSet());
    }
}
