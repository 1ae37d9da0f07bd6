package app.dantro.core.planning;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import java.util.List;
import java.util.stream.Stream;

/**
 * A proposed measurement.
 *
 * @param heading what it is called
 * @param because why this one
 * @param outcomes what the possible results would mean
 * @param goodVolts what it reads if everything between the leads is good, in volts
 * @param faultyVolts what it reads at least if the fault lies between them, in volts
 */
public record ProbePlan(
        PointId red,
        PointId black,
        Condition condition,
        Reason heading,
        List<Reason> because,
        List<Outcome> outcomes,
        double goodVolts,
        double faultyVolts) {
    public ProbePlan {
        because = List.copyOf(because);
        outcomes = List.copyOf(outcomes);
    }

    /** The same leads under another heading, for another reason. */
    public ProbePlan titled(Reason other, Reason... why) {
        return new ProbePlan(red, black, condition, other, List.of(why), outcomes, goodVolts, faultyVolts);
    }

    /** The same with one more reason. */
    public ProbePlan also(Reason why) {
        List<Reason> all = Stream.concat(because.stream(), Stream.of(why)).toList();
        return new ProbePlan(red, black, condition, heading, all, outcomes, goodVolts, faultyVolts);
    }

    public String title() {
        return heading.words();
    }

    public String why() {
        return Reason.words(because);
    }

    /** One possible result, "over 0.30 V", and what it means. */
    public record Outcome(Reason result, Reason meaning) {
        public static Outcome over(double volts, Reason meaning) {
            return new Outcome(PlanReason.OVER.with(Quantity.volts(volts)), meaning);
        }

        public static Outcome under(double volts, Reason meaning) {
            return new Outcome(PlanReason.UNDER.with(Quantity.volts(volts)), meaning);
        }

        public String when() {
            return result.words();
        }

        public String means() {
            return meaning.words();
        }
    }
}
