package app.dantro.core.inference;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;

/**
 * How likely each complaint is under each hypothesis: a starter that turns slower than four fifths of its usual speed is
 * complained of, and so are posts that stand a third of a volt off while the engine runs under load. Soft, since
 * customers describe what they notice.
 */
final class Symptoms {
    private final double[] slow;
    private final double[] dead;
    private final double[] off;
    private final double[] pulls;

    Symptoms(PreparedCircuit prepared) {
        int count = prepared.hypotheses().size();
        slow = new double[count];
        dead = new double[count];
        off = new double[count];
        pulls = new double[count];
        Circuit circuit = prepared.circuit();
        Observable speed = new Observable.Speed(Condition.CRANKING);
        Observable loaded = posts(circuit, Condition.RAISED_LOADED);
        Observable unloaded = posts(circuit, Condition.RAISED);
        double usual = Math.max(1e-9, prepared.healthy(speed));
        for (int h = 0; h < count; h++) {
            double share = prepared.mean(h, speed) / usual;
            slow[h] = soft((Marks.ASSUMED_SLOW - share) / Marks.ASSUMED_SPEED_WIDTH);
            dead[h] = soft((Marks.ASSUMED_DEAD - share) / Marks.ASSUMED_SPEED_WIDTH);
            double volts = Math.max(moved(prepared, h, loaded), moved(prepared, h, unloaded)) / circuit.blocks();
            pulls[h] = pullsIn(prepared, h);
            off[h] = soft((volts - Marks.ASSUMED_OFF_VOLTS) / Marks.ASSUMED_OFF_WIDTH);
        }
    }

    /** Natural logarithm of the probability of all that was said and heard beside readings, for a pair of hypotheses or one. */
    double log(Evidence evidence, int first, int second) {
        double sum = logLikelihood(evidence.complaint(), first, second);
        if (evidence.starts().isPresent()) {
            sum += logStarts(evidence.starts().get(), first, second);
        }
        if (evidence.entered().slow().isPresent()) {
            sum += logHeard(evidence.entered().slow().get(), first, second);
        }
        if (evidence.entered().pulls().isPresent() && !evidence.repaired()) {
            sum += logPulls(evidence.entered().pulls().get(), first, second);
        }
        return sum;
    }

    /** Natural logarithm of the probability of a complaint, for a pair of hypotheses or one. */
    private double logLikelihood(Complaint complaint, int first, int second) {
        double isSlow = either(slow, first, second);
        double isOff = either(off, first, second);
        double both = isSlow * isOff;
        double p = switch (complaint) {
            case UNKNOWN -> 1;
            case STARTING -> isSlow - both / 2;
            case CHARGING -> isOff - both / 2;
            case NONE -> (1 - isSlow) * (1 - isOff);
        };
        if (complaint == Complaint.NONE) {
            return Math.log(Marks.ASSUMED_UNNOTICED + (1 - Marks.ASSUMED_UNNOTICED) * p);
        }
        return Math.log(Marks.ASSUMED_SYMPTOM_FLOOR + (1 - 3 * Marks.ASSUMED_SYMPTOM_FLOOR) * p);
    }

    /** Natural logarithm of the probability that the engine can be started by its own starter, or cannot. */
    private double logStarts(boolean starts, int first, int second) {
        double not = either(dead, first, second);
        return Math.log(Marks.ASSUMED_SYMPTOM_FLOOR + (1 - 2 * Marks.ASSUMED_SYMPTOM_FLOOR) * (starts ? 1 - not : not));
    }

    /** Natural logarithm of the probability that the starter is heard to turn slowly, or as it should. */
    private double logHeard(boolean slowly, int first, int second) {
        double isSlow = either(slow, first, second);
        return Math.log(Marks.ASSUMED_MISHEARD + (1 - 2 * Marks.ASSUMED_MISHEARD) * (slowly ? isSlow : 1 - isSlow));
    }

    /** Natural logarithm of the probability that the solenoid is heard, or is not. */
    private double logPulls(boolean heard, int first, int second) {
        double both = second < 0 ? pulls[first] : Math.min(pulls[first], pulls[second]);
        return Math.log(Marks.ASSUMED_MISHEARD + (1 - 2 * Marks.ASSUMED_MISHEARD) * (heard ? both : 1 - both));
    }

    private static double pullsIn(PreparedCircuit prepared, int h) {
        return prepared.circuit()
                .solenoid()
                .map(s -> soft((prepared.mean(h, new Observable.Volts(Condition.CRANKING, s.trigger(), s.ground()))
                                - s.coils().pullInVolts())
                        / Marks.ASSUMED_PULL_WIDTH))
                .orElse(1.0);
    }

    private static double moved(PreparedCircuit prepared, int h, Observable what) {
        double volts = Math.abs(prepared.mean(h, what) - prepared.healthy(what));
        return Double.isNaN(volts) ? 0 : volts;
    }

    private static double either(double[] of, int first, int second) {
        return second < 0 ? of[first] : 1 - (1 - of[first]) * (1 - of[second]);
    }

    private static double soft(double x) {
        return Double.isNaN(x) ? 1 : 1 / (1 + Math.exp(-x));
    }

    private static Observable posts(Circuit circuit, Condition condition) {
        return new Observable.Volts(condition, circuit.plusPost(), circuit.minusPost());
    }
}
