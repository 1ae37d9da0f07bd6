package app.dantro.core.starting;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.LoopClosure;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Standing of the wiring parts from the answers to the drops (rules: docs/job.md, when a part may be called faulty). */
final class PathJudge {
    private static final double COVERAGE = 2;
    private static final double CONTRADICTION_SIGMAS = 4;
    private static final double CONTRADICTION_VOLTS = 0.03;

    private final SeriesLoop loop;
    private final double celsius;
    private final List<Reading> counted;
    private final List<DropVerdict> verdicts;
    private final List<String> contradictions = new ArrayList<>();
    private final Set<UUID> contradicted = new HashSet<>();
    private final Set<PartId> cleared = new HashSet<>();
    private final Set<PartId> suspects = new HashSet<>();

    PathJudge(SeriesLoop loop, double celsius, List<Reading> counted, List<DropVerdict> verdicts) {
        this.loop = loop;
        this.celsius = celsius;
        this.counted = counted;
        this.verdicts = verdicts;
        findContradictions();
        loop.parts().stream().map(Part::id).filter(this::isCleared).forEach(cleared::add);
        verdicts.stream().filter(DropVerdict::condemns).forEach(this::addSuspects);
    }

    List<String> contradictions() {
        return List.copyOf(contradictions);
    }

    PartFinding finding(Part part) {
        Optional<DropVerdict> direct = across(part.id()).filter(DropVerdict::condemns);
        if (direct.isPresent()) {
            return condemned(part, direct.get());
        }
        if (cleared.contains(part.id())) {
            return clearedBy(part);
        }
        return suspects.contains(part.id()) ? suspected(part) : notProven(part);
    }

    private void findContradictions() {
        for (int i = counted.size() - 1; i >= 0; i--) {
            Reading reading = counted.get(i);
            Optional<LoopClosure.Sum> sum = reading.condition().starterCalled()
                    ? LoopClosure.around(reading, counted.subList(0, i))
                    : Optional.empty();
            sum.filter(s -> Math.abs(s.residualSigmas(reading.volts())) > CONTRADICTION_SIGMAS
                            && Math.abs(reading.volts() - s.volts()) > CONTRADICTION_VOLTS)
                    .ifPresent(s -> contradict(reading, s));
        }
    }

    private void contradict(Reading reading, LoopClosure.Sum sum) {
        contradicted.add(reading.id());
        sum.others().forEach(r -> contradicted.add(r.id()));
        contradictions.add(
                "%s to %s reads %s, but the other readings around that loop leave %s. One of them is wrong: read the newest again."
                        .formatted(
                                loop.point(reading.red()).orElseThrow().name(),
                                loop.point(reading.black()).orElseThrow().name(),
                                Amount.volts(reading.volts(), reading.resolutionVolts()),
                                Amount.volts(sum.volts())));
    }

    private boolean isCleared(PartId part) {
        boolean certified =
                verdicts.stream().anyMatch(v -> v.clears() && v.stretch().covers(part));
        return certified && across(part).filter(DropVerdict::condemns).isEmpty();
    }

    private void addSuspects(DropVerdict verdict) {
        List<PartId> open = verdict.stretch().parts().stream()
                .map(Part::id)
                .filter(p -> !cleared.contains(p))
                .toList();
        if (open.isEmpty()) {
            contradictions.add("%s to %s fails though every part in it is cleared. Read it again."
                    .formatted(
                            loop.point(verdict.reading().red()).orElseThrow().name(),
                            loop.point(verdict.reading().black()).orElseThrow().name()));
        } else if (!explained(verdict)) {
            suspects.addAll(open);
        }
    }

    /** True if the parts that fail on their own account for what the stretch loses beyond a healthy rest. */
    private boolean explained(DropVerdict verdict) {
        List<DropVerdict> within = verdict.stretch().parts().stream()
                .flatMap(p -> across(p.id()).filter(DropVerdict::condemns).stream())
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
        double errorOhms = COVERAGE * standardOhms(verdict)
                + within.stream().mapToDouble(v -> COVERAGE * standardOhms(v)).sum();
        return restOhms <= restUpper + errorOhms;
    }

    private static double standardOhms(DropVerdict verdict) {
        return MeterError.standardVolts(verdict.reading()) / verdict.healthy().amps();
    }

    private Optional<DropVerdict> across(PartId part) {
        return verdicts.stream().filter(v -> v.stretch().isJust(part)).reduce((first, second) -> second);
    }

    private PartFinding condemned(Part part, DropVerdict direct) {
        List<DropVerdict> witnesses = verdicts.stream()
                .filter(v -> v != direct && v.condemns() && v.stretch().covers(part.id()))
                .filter(v -> agrees(direct, v))
                .toList();
        List<String> missing = new ArrayList<>();
        if (direct.ohms().isEmpty()) {
            missing.add("the current while reading across it, by clamp");
        }
        if (witnesses.isEmpty()) {
            missing.add("a second reading that agrees: across it again, or over the whole side");
        }
        if (contradicted.contains(direct.reading().id())) {
            missing.add("readings that add up: one around this part is wrong");
        }
        Standing standing = missing.isEmpty() ? Standing.FAULTY : Standing.SUSPECT;
        List<UUID> ids = new ArrayList<>(List.of(direct.reading().id()));
        witnesses.forEach(w -> ids.add(w.reading().id()));
        return new PartFinding(part.id(), part.name(), standing, condemnation(part, direct, witnesses), ids, missing);
    }

    /** Two readings name the same fault if the direct one takes at least half of what the longer one loses too much. */
    private boolean agrees(DropVerdict direct, DropVerdict witness) {
        double excess =
                witness.volts() / witness.healthy().amps() - witness.stretch().nominalOhms(celsius);
        return direct.volts() / direct.healthy().amps() >= 0.5 * excess;
    }

    private String condemnation(Part part, DropVerdict direct, List<DropVerdict> witnesses) {
        String across = "Across it " + direct.sentence();
        String times = direct.ohms()
                .map(ohms -> " %s times a healthy %s."
                        .formatted(
                                Math.round(ohms
                                        / part.resistance().healthyAt(celsius).nominalOhms()),
                                part.kind().word()))
                .orElse("");
        String of = witnesses.stream()
                .filter(w -> w.stretch().parts().size() > 1)
                .findFirst()
                .map(w -> " It takes %s of the %s lost around it."
                        .formatted(
                                Amount.volts(direct.volts(), direct.reading().resolutionVolts()),
                                Amount.volts(w.volts(), w.reading().resolutionVolts())))
                .orElse("");
        return across + times + of;
    }

    private PartFinding clearedBy(Part part) {
        DropVerdict by = verdicts.stream()
                .filter(v -> v.clears() && v.stretch().covers(part.id()))
                .min(java.util.Comparator.comparingInt(v -> v.stretch().parts().size()))
                .orElseThrow();
        return new PartFinding(
                part.id(),
                part.name(),
                Standing.CLEARED,
                by.sentence(),
                List.of(by.reading().id()),
                List.of());
    }

    private PartFinding suspected(Part part) {
        DropVerdict by = verdicts.stream()
                .filter(v -> v.condemns() && v.stretch().covers(part.id()))
                .min(java.util.Comparator.comparingInt(v -> v.stretch().parts().size()))
                .orElseThrow();
        long rivals = by.stretch().parts().stream()
                .filter(p -> suspects.contains(p.id()))
                .count();
        String one = rivals == 1 ? "It is the only part left in there." : "One of %d parts in there.".formatted(rivals);
        List<String> missing = new ArrayList<>(List.of("a reading across just this part"));
        if (by.ohms().isEmpty()) {
            missing.add("the current, by clamp");
        }
        return new PartFinding(
                part.id(),
                part.name(),
                Standing.SUSPECT,
                "A stretch through it fails: " + by.sentence() + " " + one,
                List.of(by.reading().id()),
                missing);
    }

    private PartFinding notProven(Part part) {
        Optional<DropVerdict> last =
                verdicts.stream().filter(v -> v.stretch().covers(part.id())).reduce((a, b) -> b);
        String says = last.map(DropVerdict::sentence).orElse("No reading with current has crossed it yet.");
        List<UUID> ids = last.map(v -> List.of(v.reading().id())).orElse(List.of());
        return new PartFinding(
                part.id(),
                part.name(),
                Standing.NOT_PROVEN,
                says,
                ids,
                List.of("a drop over it while cranking, with the current"));
    }
}
