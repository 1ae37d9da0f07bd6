package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.planning.PlanReason;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.BatteryRules;
import java.util.ArrayList;
import java.util.List;

/** The base voltage: where it is read, from where on work goes on, and what each result means. */
final class BaseVoltage {
    private BaseVoltage() {}

    /** Its reading at the posts, all off. */
    static ProbePlan read(Work work, Reason why) {
        double charged = chargedVolts(work);
        double surface = BatteryRules.surfaceVolts(work.said()) * work.blocks();
        return new ProbePlan(
                work.findings().loop().battery().positivePost(),
                work.findings().loop().battery().negativePost(),
                Condition.REST,
                PlanReason.BASE_AT_POSTS.with(),
                List.of(why),
                outcomes(goesOnVolts(work), charged, surface),
                Math.max(StateOfCharge.RESTS_AT_VOLTS * work.blocks(), charged),
                charged);
    }

    private static List<Outcome> outcomes(double goesOn, double charged, double surface) {
        boolean low = goesOn < charged;
        List<Outcome> all = new ArrayList<>(List.of(new Outcome(
                ProcedureReason.OR_MORE.with(Quantity.volts(goesOn)),
                low ? ProcedureReason.LOW_GO_ON.with(Quantity.volts(charged)) : ProcedureReason.CHARGED_GO_ON.with())));
        all.add(Outcome.under(goesOn, ProcedureReason.CHARGE_FIRST.with()));
        if (Double.isFinite(surface)) {
            all.add(new Outcome(
                    PlanReason.OVER.with(Quantity.volts(surface, 0.01)), ProcedureReason.SURFACE_READ_AGAIN.with()));
        }
        return all;
    }

    static double chargedVolts(Work work) {
        return BatteryRules.chargedVolts(work.said()) * work.blocks();
    }

    /**
     * From here on the way is measured, and the battery charged afterwards: what is lower stops every starting test
     * (docs/everyday.md, base voltage).
     */
    static double goesOnVolts(Work work) {
        boolean lithium = work.said().says(Topic.CHEMISTRY, Answer.LITHIUM);
        return lithium ? chargedVolts(work) : Marks.FLAT_VOLTS * work.blocks();
    }
}
