package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Which parts a shop's own verified repairs found faulty, after complaints like a case's, and what its certified joints and
 * cables read. It counts before anything is read, beside what is written; no number of repairs outweighs what is read.
 *
 * @param alike repairs on vehicles of the case's sort, by part
 * @param others repairs on vehicles of other sorts, which say less
 * @param certified what healthy parts of each kind read
 */
public record Experience(
        Map<PartId, Integer> alike, Map<PartId, Integer> others, Map<PartKind, CertifiedParts> certified) {
    private static final Experience NONE = new Experience(Map.of(), Map.of());

    public Experience {
        alike = Map.copyOf(alike);
        others = Map.copyOf(others);
        certified = Map.copyOf(certified);
    }

    /** Repairs alone: healthy parts are as written. */
    public Experience(Map<PartId, Integer> alike, Map<PartId, Integer> others) {
        this(alike, others, Map.of());
    }

    /** Of a shop that has none yet, or wants it left aside. */
    public static Experience none() {
        return NONE;
    }

    public boolean isNone() {
        return noRepairs() && certified.isEmpty();
    }

    boolean noRepairs() {
        return alike.isEmpty() && others.isEmpty();
    }

    /** What healthy parts of a kind read; none where none was certified. */
    CertifiedParts certified(PartKind kind) {
        return certified.getOrDefault(kind, CertifiedParts.none());
    }

    /** How many parts read by themselves those of certified ones come to, rounded up. */
    public int certifiedParts() {
        return (int) Math.ceil(
                certified.values().stream().mapToDouble(CertifiedParts::told).sum());
    }

    /** Repairs of a part, on vehicles of any sort. */
    public int repairs(PartId part) {
        return alike.getOrDefault(part, 0) + others.getOrDefault(part, 0);
    }

    /** Repairs of all parts, on vehicles of any sort. */
    public int repairs() {
        return Stream.of(alike, others)
                .flatMap(repairs -> repairs.values().stream())
                .mapToInt(Integer::intValue)
                .sum();
    }

    /** The weight of a part's repairs. */
    double weight(PartId part) {
        return alike.getOrDefault(part, 0) + Marks.ASSUMED_OTHER_SORT * others.getOrDefault(part, 0);
    }
}
