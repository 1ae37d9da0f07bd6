package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How far a shop's own verified repairs move what is written of each fault, given the complaint: the written shares count
 * like so many cases, the shop's are added to them (a Dirichlet distribution with its conjugate counts). How likely a healthy
 * vehicle is stays as it was. Confined to one posterior.
 */
final class LearnedPriors {
    private final double[] shifts;

    private LearnedPriors(double[] shifts) {
        this.shifts = shifts;
    }

    static LearnedPriors of(PreparedCircuit prepared, Evidence evidence) {
        Complaint about = evidence.complaint();
        boolean told = about == Complaint.STARTING || about == Complaint.CHARGING;
        if (evidence.experience().noRepairs() || evidence.repaired() || !told) {
            return new LearnedPriors(new double[0]);
        }
        List<Hypothesis> all = prepared.hypotheses();
        Evidence only = new Evidence(List.of(), about, Optional.empty(), false);
        Map<PartId, Double> written = new HashMap<>();
        for (int h = 1; h < all.size(); h++) {
            double weight = Math.exp(all.get(h).logPrior() + prepared.symptoms().log(only, h, Explanation.NONE));
            written.merge(part(all.get(h)), weight, Double::sum);
        }
        double sum = written.values().stream().mapToDouble(Double::doubleValue).sum();
        written.replaceAll((part, weight) -> weight / sum);
        Map<PartId, Double> learned = learned(written, evidence.experience());
        double[] shifts = new double[all.size()];
        for (int h = 1; h < shifts.length; h++) {
            PartId part = part(all.get(h));
            shifts[h] = Math.log(learned.get(part) / written.get(part));
        }
        return new LearnedPriors(shifts);
    }

    /** Repairs of what the circuit does not have count for nothing; of very many all count less. */
    private static Map<PartId, Double> learned(Map<PartId, Double> written, Experience experience) {
        double counted =
                written.keySet().stream().mapToDouble(experience::weight).sum();
        double each = counted > Marks.ASSUMED_MOST_REPAIRS ? Marks.ASSUMED_MOST_REPAIRS / counted : 1;
        Map<PartId, Double> learned = new HashMap<>();
        written.forEach((part, share) -> learned.put(
                part,
                (Marks.ASSUMED_WRITTEN_CASES * share + each * experience.weight(part))
                        / (Marks.ASSUMED_WRITTEN_CASES + each * counted)));
        return learned;
    }

    private static PartId part(Hypothesis single) {
        return single.parts().get(0);
    }

    /** What is added to the logarithm of what is written of one hypothesis, or two. */
    double shift(int first, int second) {
        return shift(first) + (second < 0 ? 0 : shift(second));
    }

    private double shift(int hypothesis) {
        return hypothesis < shifts.length ? shifts[hypothesis] : 0;
    }

    boolean none() {
        return shifts.length == 0;
    }
}
