package app.dantro.core.planning;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Newest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Splits the suspects as evenly as their fault weights allow, per unit of cost: {@code H(p) / (1 + 3 + access of each
 * moved lead)}, where p is the weight between the leads and 3 is the crank (decisions/0005). One suspect left is
 * confirmed across just that part.
 */
public final class HalfSplitPlanner implements Planner {
    /** Effort of a reading and of the crank it needs, in units of the easiest lead (docs/decisions/0005). */
    private static final double READING_COST = 1;

    private static final double CRANK_COST = 3;
    /** A reading that loses half of what the failing stretch loses too much has the fault inside. */
    private static final double ASSUMED_HALF = 0.5;

    private static final int MOST_NAMES = 3;

    @Override
    public Optional<ProbePlan> next(Findings findings) {
        Optional<Stretch> failing = findings.failing();
        if (failing.isEmpty()) {
            return Optional.empty();
        }
        List<Part> suspects = failing.get().parts().stream()
                .filter(p -> findings.standing(p.id()) == Standing.SUSPECT)
                .toList();
        Optional<Part> halfProven = suspects.stream()
                .filter(p ->
                        findings.across(p.id()).filter(DropVerdict::condemns).isPresent())
                .findFirst();
        if (halfProven.isPresent() || suspects.size() == 1) {
            return Optional.of(across(findings, halfProven.orElse(suspects.get(0))));
        }
        return split(findings, suspects);
    }

    private Optional<ProbePlan> split(Findings findings, List<Part> suspects) {
        Side side = findings.loop().sideOf(suspects.get(0).id());
        List<PointId> points =
                new ArrayList<>(List.of(findings.loop().side(side).get(0).from()));
        findings.loop().side(side).forEach(p -> points.add(p.to()));
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            for (int j = i + 1; j < points.size(); j++) {
                candidates.add(new Candidate(findings, suspects, points.get(i), points.get(j)));
            }
        }
        return candidates.stream()
                .filter(c -> c.gainBits() > 0)
                .max(Comparator.<Candidate>comparingDouble(Candidate::worth)
                        .thenComparing(Candidate::isolatesOnePart)
                        .thenComparing(Comparator.<Candidate>comparingInt(Candidate::placesCost)
                                .reversed()))
                .map(c -> splitPlan(findings, suspects, c));
    }

    private ProbePlan across(Findings findings, Part part) {
        Stretch stretch = findings.loop().between(part.from(), part.to());
        HealthyDrop healthy = healthy(findings, stretch);
        double fault = faultVolts(findings);
        boolean again = findings.across(part.id()).isPresent();
        PlanReason why = again ? PlanReason.READ_A_SECOND_TIME : PlanReason.ONLY_SUSPECT_LEFT;
        return new ProbePlan(
                part.from(),
                part.to(),
                Condition.CRANKING,
                PlanReason.ACROSS.with(Quantity.named(part.name())),
                List.of(why.with()),
                List.of(
                        Outcome.over(threshold(healthy, fault), PlanReason.IT_IS.with(listed(List.of(part)))),
                        Outcome.under(healthy.upperVolts(), PlanReason.GOOD_READ_LONGER.with())),
                healthy.nominalVolts(),
                threshold(healthy, fault));
    }

    private ProbePlan splitPlan(Findings findings, List<Part> suspects, Candidate candidate) {
        SeriesLoop loop = findings.loop();
        Stretch stretch = loop.between(candidate.red, candidate.black);
        HealthyDrop healthy = healthy(findings, stretch);
        double fault = faultVolts(findings);
        List<Part> inside =
                suspects.stream().filter(p -> stretch.covers(p.id())).toList();
        List<Part> outside =
                suspects.stream().filter(p -> !stretch.covers(p.id())).toList();
        String moved = candidate.moved() == 1 ? "one lead stays, one crank" : "one crank";
        return new ProbePlan(
                candidate.red,
                candidate.black,
                Condition.CRANKING,
                PlanReason.POINT_TO_POINT.with(
                        Quantity.named(capital(name(loop, candidate.red))),
                        Quantity.named(name(loop, candidate.black))),
                List.of(PlanReason.HALVES.with(Quantity.count(suspects.size()), Quantity.named(moved))),
                List.of(
                        Outcome.over(threshold(healthy, fault), PlanReason.IT_IS.with(listed(inside))),
                        Outcome.under(healthy.upperVolts(), PlanReason.IT_IS.with(listed(outside)))),
                healthy.nominalVolts(),
                threshold(healthy, fault));
    }

    private static double threshold(HealthyDrop healthy, double faultVolts) {
        return Math.max(healthy.upperVolts(), ASSUMED_HALF * faultVolts);
    }

    /** What the shortest failing stretch loses too much, in volts at the newest current. */
    private static double faultVolts(Findings findings) {
        Stretch failing = findings.failing().orElseThrow();
        DropVerdict verdict = findings.verdicts().stream()
                .filter(v -> v.condemns() && v.stretch().parts().equals(failing.parts()))
                .reduce(Newest::of)
                .orElseThrow();
        return verdict.volts() - verdict.healthy().nominalVolts();
    }

    private static HealthyDrop healthy(Findings findings, Stretch stretch) {
        Optional<Double> amps = findings.crankingAmps();
        return HealthyDrop.of(
                stretch,
                findings.loop().crankingAmps(),
                amps,
                findings.evidence().celsius());
    }

    private static String name(SeriesLoop loop, PointId point) {
        return loop.point(point).orElseThrow().name();
    }

    static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static Quantity listed(List<Part> parts) {
        if (parts.size() > MOST_NAMES) {
            return Quantity.named("one of %d parts, %s to %s"
                    .formatted(
                            parts.size(),
                            parts.get(0).name(),
                            parts.get(parts.size() - 1).name()));
        }
        return Quantity.named(parts.stream().map(p -> "the " + p.name()).collect(Collectors.joining(" or ")));
    }

    /** A pair of points with its gain in bits and its cost. */
    private record Candidate(Findings findings, List<Part> suspects, PointId red, PointId black) {

        double gainBits() {
            Stretch stretch = findings.loop().between(red, black);
            double inside =
                    weight(suspects.stream().filter(p -> stretch.covers(p.id())).toList());
            double p = inside / weight(suspects);
            return p <= 0 || p >= 1 ? 0 : -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
        }

        /** Bits per unit of cost, rounded so that a split and its mirror image tie. */
        double worth() {
            return Math.rint(1e9 * bitsPerCost()) / 1e9;
        }

        /** True if it reads across just one part: should that be the bad one, the reading counts for the verdict too. */
        boolean isolatesOnePart() {
            return findings.loop().between(red, black).parts().size() == 1;
        }

        /** Cost of both places, moved or not: of two equal splits the one with the easier places wins. */
        int placesCost() {
            return access(red) + access(black);
        }

        private double bitsPerCost() {
            return gainBits()
                    / (READING_COST
                            + CRANK_COST
                            + movedPoints().stream().mapToInt(this::access).sum());
        }

        int moved() {
            return movedPoints().size();
        }

        private List<PointId> movedPoints() {
            Set<PointId> placed = lastPlaced();
            return List.of(red, black).stream().filter(p -> !placed.contains(p)).toList();
        }

        private Set<PointId> lastPlaced() {
            return findings.counted()
                    .newest()
                    .map(last -> Set.of(last.red(), last.black()))
                    .orElse(Set.of());
        }

        private int access(PointId id) {
            return findings.loop()
                    .point(id)
                    .map(ProbePoint::access)
                    .orElseThrow()
                    .cost();
        }

        private static double weight(List<Part> parts) {
            return parts.stream()
                    .mapToDouble(p -> p.kind().assumedFaultWeight())
                    .sum();
        }
    }
}
