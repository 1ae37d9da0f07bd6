package app.dantro.core.procedure;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.fact.ChargingFacts;
import app.dantro.core.fact.DeadCharging;
import app.dantro.core.planning.PlanReason;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * The readings of a charging survey, and which are still open.
 *
 * @param based whether the base voltage was read
 * @param loadsOff whether what it holds with the loads off is needed too
 */
record ChargingLooks(List<ChargingLook> all, List<ChargingLook> open, boolean based, boolean loadsOff) {
    ChargingLooks {
        all = List.copyOf(all);
        open = List.copyOf(open);
    }

    static ChargingLooks of(CaseRecord record, Optional<LoopProfile> charging) {
        List<ChargingLook> survey = survey(record, charging);
        Optional<Repair> repair = record.lastRepair();
        return of(record, repair.map(r -> ChargingRetests.of(record, r, survey)).orElse(survey), repair.isPresent());
    }

    /** The whole survey, whatever was repaired. */
    static ChargingLooks afresh(CaseRecord record) {
        return of(record, survey(record, Optional.empty()), false);
    }

    private static ChargingLooks of(CaseRecord record, List<ChargingLook> all, boolean repaired) {
        List<ChargingLook> open = all.stream().filter(l -> !l.taken(record)).toList();
        boolean based = repaired || Arrived.baseLater(record) || !open.contains(all.get(0));
        return new ChargingLooks(all, open, based, ChargingFacts.needsLoadsOff(record));
    }

    private static List<ChargingLook> survey(CaseRecord record, Optional<LoopProfile> charging) {
        List<ChargingLook> survey = new ArrayList<>(posts(record.circuit()));
        if (!alike(record, charging) && !DeadCharging.shown(record)) {
            survey.addAll(sides(record.circuit()));
        }
        Collections.rotate(survey, Arrived.baseLater(record) ? -1 : 0);
        return survey;
    }

    /** The next of those that show a good side: the posts at idle and loaded, and both sides. */
    Optional<ChargingLook> needed() {
        return open.stream()
                .filter(l -> l.needed() || loadsOff && l.heading().is(ProcedureReason.REGULATED_VOLTAGE))
                .findFirst();
    }

    /**
     * A smart system may rest just while one reads: the loads off and on once more, in another moment, before anything is
     * made of it (docs/everyday.md, regulated voltage).
     */
    Optional<ChargingLook> onceMore(CaseRecord record) {
        Optional<ChargingLook> off = open.stream()
                .filter(l -> l.heading().is(ProcedureReason.REGULATED_VOLTAGE))
                .findFirst();
        boolean rests = ChargingFacts.rests(record);
        if (!rests || off.isPresent()) {
            return rests ? off : Optional.empty();
        }
        return loaded().filter(l -> record.counted().stream().filter(l::is).count() < Marks.MOST_TIMES)
                .map(ChargingLook::again);
    }

    /** The one reading that says whether it charges at all. */
    Optional<ChargingLook> loaded() {
        return headed(ProcedureReason.LOADED_VOLTAGE);
    }

    /** What the machine makes, beside what comes to the posts. */
    Optional<ChargingLook> own() {
        return headed(ProcedureReason.OWN_VOLTAGE);
    }

    private Optional<ChargingLook> headed(ProcedureReason heading) {
        return all.stream().filter(l -> l.heading().is(heading)).findFirst();
    }

    int taken() {
        return all.size() - open.size();
    }

    private static List<ChargingLook> posts(Circuit circuit) {
        Alternator alternator = circuit.alternator().orElseThrow();
        return List.of(
                look(PlanReason.BASE_AT_POSTS.with(), ProcedureReason.BASE_FOR_CHARGING, circuit, Condition.REST),
                look(ProcedureReason.IDLE_VOLTAGE.with(), ProcedureReason.BUILT_UP, circuit, Condition.IDLE),
                look(ProcedureReason.REGULATED_VOLTAGE.with(), ProcedureReason.MUST_RISE, circuit, Condition.RAISED),
                look(
                        ProcedureReason.LOADED_VOLTAGE.with(),
                        ProcedureReason.MUST_HOLD,
                        circuit,
                        Condition.RAISED_LOADED),
                new ChargingLook(
                        ProcedureReason.OWN_VOLTAGE.with(),
                        ProcedureReason.WHAT_IT_MAKES.with(),
                        alternator.output(),
                        alternator.ground(),
                        Condition.RAISED_LOADED));
    }

    private static ChargingLook look(Reason heading, ProcedureReason why, Circuit circuit, Condition condition) {
        return new ChargingLook(heading, why.with(), circuit.plusPost(), circuit.minusPost(), condition);
    }

    /** The drops over both sides, which the fast way leaves out where both together pass. */
    private static List<ChargingLook> sides(Circuit circuit) {
        Alternator alternator = circuit.alternator().orElseThrow();
        return List.of(
                new ChargingLook(
                        ProcedureReason.SUPPLY_LOADED.with(),
                        ProcedureReason.OUTPUT_TO_POST.with(),
                        alternator.output(),
                        circuit.plusPost(),
                        Condition.RAISED_LOADED),
                new ChargingLook(
                        ProcedureReason.RETURN_LOADED.with(),
                        ProcedureReason.POST_TO_CASE.with(),
                        circuit.minusPost(),
                        alternator.ground(),
                        Condition.RAISED_LOADED));
    }

    /**
     * The fast way: B+ to case and the posts stand no further apart than the school allows both sides together, so neither
     * side has to be read.
     */
    private static boolean alike(CaseRecord record, Optional<LoopProfile> charging) {
        return record.statements().says(Topic.SIDES_READ, Answer.COMPARE)
                && charging.flatMap(LoopProfile::parted)
                        .filter(LoopProfile.Parted::allowed)
                        .isPresent();
    }
}
