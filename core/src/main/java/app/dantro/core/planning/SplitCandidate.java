package app.dantro.core.planning;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.finding.Findings;
import java.util.List;
import java.util.Set;

/** A pair of points with its gain in bits and its cost. */
record SplitCandidate(Findings findings, List<Part> suspects, PointId red, PointId black) {
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
                / (Marks.READING_COST
                        + Marks.CRANK_COST
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
        return findings.loop().point(id).map(ProbePoint::access).orElseThrow().cost();
    }

    private static double weight(List<Part> parts) {
        return parts.stream().mapToDouble(p -> p.kind().assumedFaultWeight()).sum();
    }
}
