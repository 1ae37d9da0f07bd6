package app.dantro.core.inference;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.VehicleSort;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A shop's own verified repairs, counted by the sort of vehicle, the side that was complained of, and the part. */
public record ShopRepairs(List<Counted> counted) {
    public ShopRepairs {
        counted = List.copyOf(counted);
    }

    /** @param repairs how many, 1 or more */
    public record Counted(VehicleSort sort, Loop concern, PartId part, int repairs) {}

    /** What they say of a case. */
    public Experience of(VehicleSort sort, Loop concern) {
        Map<PartId, Integer> alike = new HashMap<>();
        Map<PartId, Integer> others = new HashMap<>();
        for (Counted one : counted) {
            if (one.concern() == concern) {
                (one.sort() == sort ? alike : others).merge(one.part(), one.repairs(), Integer::sum);
            }
        }
        return new Experience(alike, others);
    }
}
