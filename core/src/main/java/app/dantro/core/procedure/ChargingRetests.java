package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.planning.PlanReason;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.OutOfReach;
import app.dantro.core.record.Repair;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is read again after a repair, by need: the repaired part and its side under the same load, and what it was to bring
 * (docs/job.md, endings). Everything else may be read, and is not asked for.
 */
final class ChargingRetests {
    private final CaseRecord record;
    private final Circuit circuit;
    private final List<ChargingLook> survey;

    private ChargingRetests(CaseRecord record, List<ChargingLook> survey) {
        this.record = record;
        this.circuit = record.circuit();
        this.survey = survey;
    }

    static List<ChargingLook> of(CaseRecord record, Repair repair, List<ChargingLook> survey) {
        return new ChargingRetests(record, survey).after(repair.part());
    }

    private List<ChargingLook> after(PartId repaired) {
        Optional<Part> wiring = circuit.part(repaired);
        if (wiring.isPresent()) {
            return after(wiring.get());
        }
        boolean alternator =
                circuit.alternator().filter(a -> a.id().equals(repaired)).isPresent();
        return alternator
                ? those(
                        ProcedureReason.IDLE_VOLTAGE,
                        ProcedureReason.REGULATED_VOLTAGE,
                        ProcedureReason.LOADED_VOLTAGE,
                        ProcedureReason.OWN_VOLTAGE,
                        ProcedureReason.SUPPLY_LOADED,
                        ProcedureReason.RETURN_LOADED)
                : those(PlanReason.BASE_AT_POSTS, ProcedureReason.IDLE_VOLTAGE, ProcedureReason.LOADED_VOLTAGE);
    }

    private List<ChargingLook> after(Part part) {
        List<ChargingLook> again = new ArrayList<>(List.of(across(part)));
        if (circuit.chargingSupply().contains(part)) {
            again.addAll(those(ProcedureReason.SUPPLY_LOADED));
        } else if (circuit.chargingReturn().contains(part)) {
            again.addAll(those(ProcedureReason.RETURN_LOADED));
        } else {
            again.addAll(those(ProcedureReason.REGULATED_VOLTAGE));
        }
        again.addAll(those(ProcedureReason.LOADED_VOLTAGE));
        return again;
    }

    private List<ChargingLook> those(Reason.Kind... headings) {
        return survey.stream().filter(l -> l.heading().is(headings)).toList();
    }

    /** The part itself, with the leads and in the condition it was read in before. */
    private ChargingLook across(Part part) {
        Optional<Reading> before = record.acrossBefore(part.id());
        OutOfReach.Around ends = OutOfReach.around(record, part);
        return new ChargingLook(
                ProcedureReason.RETEST_ACROSS.with(Quantity.named(part.name())),
                before.map(r -> ProcedureReason.SHOWS_REPAIR_HOLDS.with(Quantity.volts(r.volts(), r.resolutionVolts())))
                        .orElseGet(ProcedureReason.NOT_READ_BEFORE::with),
                before.map(Reading::red).orElse(ends.from()),
                before.map(Reading::black).orElse(ends.to()),
                before.map(Reading::condition).orElse(Condition.RAISED_LOADED));
    }
}
