package app.dantro.core.inference;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.VehicleSort;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A shop's own verified repairs, counted by the sort of vehicle, the side that was complained of, and the part; and what the
 * joints and cables read that it certified.
 */
public record ShopRepairs(List<Counted> counted, List<Certified> certified) {
    public ShopRepairs {
        counted = List.copyOf(counted);
        certified = List.copyOf(certified);
    }

    /** Repairs alone. */
    public ShopRepairs(List<Counted> counted) {
        this(counted, List.of());
    }

    /** @param repairs how many, 1 or more */
    public record Counted(VehicleSort sort, Loop concern, PartId part, int repairs) {}

    /** Parts of one kind on one sort of vehicle. */
    public record Certified(VehicleSort sort, PartKind kind, CertifiedParts parts) {}

    /** What they say of a case. */
    public Experience of(VehicleSort sort, Loop concern) {
        Map<PartId, Integer> alike = new HashMap<>();
        Map<PartId, Integer> others = new HashMap<>();
        for (Counted one : counted) {
            if (one.concern() == concern) {
                (one.sort() == sort ? alike : others).merge(one.part(), one.repairs(), Integer::sum);
            }
        }
        Map<PartKind, CertifiedParts> healthy = new EnumMap<>(PartKind.class);
        for (Certified one : certified) {
            double weight = one.sort() == sort ? 1 : Marks.ASSUMED_OTHER_SORT;
            healthy.merge(one.kind(), one.parts().times(weight), CertifiedParts::plus);
        }
        return new Experience(alike, others, healthy);
    }
}
