package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Experience;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.inference.ShopRepairs;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.standing.Foretold;
import app.dantro.core.standing.WhatIf;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Assesses the record of one vehicle as the product does: what a repair was foretold to change is worked out once. */
final class Assessor implements Function<CaseRecord, Assessment> {
    private final Loop loop;
    private final Experience experience;
    private final PreparedCircuit prepared;
    private final Foretold anew;
    private final OrderOfWork order = new OrderOfWork();
    private final Map<Repaired, Optional<WhatIf>> foretold = new HashMap<>();

    Assessor(Loop loop, PreparedCircuit prepared, ShopRepairs repairs) {
        this.loop = loop;
        this.experience = repairs.of(VehicleSort.of(prepared.circuit()), loop);
        this.prepared = prepared;
        this.anew = Foretold.by(prepared, Complaint.about(loop));
    }

    private record Repaired(CaseRecord before, PartId part) {}

    @Override
    public Assessment apply(CaseRecord record) {
        return order.assess(loop, record, OwnSets.none(), experience, prepared, this::foretold);
    }

    private Optional<WhatIf> foretold(CaseRecord before, PartId part) {
        return foretold.computeIfAbsent(new Repaired(before, part), k -> anew.before(before, part));
    }
}
