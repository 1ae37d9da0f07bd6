package app.dantro.core.planning;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Newest;
import app.dantro.core.record.OutOfReach;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Splits the suspects as evenly as their fault weights allow, per unit of cost: {@code H(p) / (1 + 3 + access of each
 * moved lead)}, where p is the weight between the leads and 3 is the crank (decisions/0005). One suspect left is
 * confirmed across just that part.
 */
final class HalfSplitPlanner implements Planner {
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
        points.removeAll(OutOfReach.of(findings.evidence()));
        List<SplitCandidate> candidates = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            for (int j = i + 1; j < points.size(); j++) {
                candidates.add(new SplitCandidate(findings, suspects, points.get(i), points.get(j)));
            }
        }
        return candidates.stream()
                .filter(c -> c.gainBits() > 0)
                .max(Comparator.<SplitCandidate>comparingDouble(SplitCandidate::worth)
                        .thenComparing(SplitCandidate::isolatesOnePart)
                        .thenComparing(Comparator.<SplitCandidate>comparingInt(SplitCandidate::placesCost)
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

    private ProbePlan splitPlan(Findings findings, List<Part> suspects, SplitCandidate candidate) {
        SeriesLoop loop = findings.loop();
        Stretch stretch = loop.between(candidate.red(), candidate.black());
        HealthyDrop healthy = healthy(findings, stretch);
        double fault = faultVolts(findings);
        List<Part> inside =
                suspects.stream().filter(p -> stretch.covers(p.id())).toList();
        List<Part> outside =
                suspects.stream().filter(p -> !stretch.covers(p.id())).toList();
        String moved = candidate.moved() == 1 ? "one lead stays, one crank" : "one crank";
        return new ProbePlan(
                candidate.red(),
                candidate.black(),
                Condition.CRANKING,
                PlanReason.POINT_TO_POINT.with(
                        Quantity.named(
                                Reason.capital(PointName.of(findings.evidence().circuit(), candidate.red()))),
                        Quantity.named(PointName.of(findings.evidence().circuit(), candidate.black()))),
                List.of(PlanReason.HALVES.with(Quantity.count(suspects.size()), Quantity.named(moved))),
                List.of(
                        Outcome.over(threshold(healthy, fault), PlanReason.IT_IS.with(listed(inside))),
                        Outcome.under(healthy.upperVolts(), PlanReason.IT_IS.with(listed(outside)))),
                healthy.nominalVolts(),
                threshold(healthy, fault));
    }

    private static double threshold(HealthyDrop healthy, double faultVolts) {
        return Math.max(healthy.upperVolts(), Marks.ASSUMED_HALF * faultVolts);
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

    private static Quantity listed(List<Part> parts) {
        if (parts.size() > Marks.MOST_NAMES) {
            return Quantity.named("one of %d parts, %s to %s"
                    .formatted(
                            parts.size(),
                            parts.get(0).name(),
                            parts.get(parts.size() - 1).name()));
        }
        return Quantity.named(parts.stream().map(p -> "the " + p.name()).collect(Collectors.joining(" or ")));
    }
}
