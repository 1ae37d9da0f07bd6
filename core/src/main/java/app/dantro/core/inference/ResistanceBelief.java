package app.dantro.core.inference;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.network.Fault;
import java.util.List;

/**
 * What the readings say of a wiring part's resistance, over all explanations.
 *
 * @param lowOhms 2.5th percentile, in Ω
 * @param medianOhms in Ω
 * @param highOhms 97.5th percentile, in Ω; as large as an open part's if that is possible
 * @param meanOhms mean in Ω of what is not open
 */
public record ResistanceBelief(double lowOhms, double medianOhms, double highOhms, double meanOhms) {
    private static final double[] NODES = {-1.96, -1.0, 0, 1.0, 1.96};
    private static final double[] SHARES = {0.05, 0.25, 0.40, 0.25, 0.05};

    /** The belief about one wiring part, from what each of the likeliest explanations makes of it. */
    public static ResistanceBelief of(PreparedCircuit prepared, List<Forecast> forecasts, Part part) {
        ResistanceRange healthy = part.resistance().healthyAt(prepared.celsius());
        double step = healthy.stepOhms(Marks.ASSUMED_WIDENING);
        int column = prepared.columnOf(part.id());
        WeightedOhms points = new WeightedOhms(forecasts.size() * NODES.length);
        for (Forecast forecast : forecasts) {
            Explanation e = forecast.explanation();
            Forecast.Expected own = forecast.number(column);
            double spread = Math.sqrt(own.variance());
            double added = added(e.faults(prepared), part.id());
            Forecast.Expected severity = added > 0 ? forecast.severity(part.id()) : null;
            for (int q = 0; q < NODES.length; q++) {
                double z = own.mean() + NODES[q] * spread;
                double ohms = Math.max(0.05 * healthy.nominalOhms(), healthy.nominalOhms() + z * step);
                if (severity != null) {
                    double s = severity.mean() + NODES[q] * Math.sqrt(severity.variance());
                    ohms += severity(prepared, e, part, s);
                }
                points.add(ohms, e.probability() * SHARES[q]);
            }
        }
        points.sort();
        return new ResistanceBelief(
                points.quantile(0.025),
                points.quantile(0.5),
                points.quantile(0.975),
                points.mean(0.5 / Fault.OPEN_SIEMENS));
    }

    /**
     * The added resistance in Ω that shows the drop which the explanation expects once its severity has moved: read off the
     * drops of the grid's neighbours, where the part carries most.
     */
    private static double severity(PreparedCircuit prepared, Explanation e, Part part, double sigmas) {
        boolean second = prepared.hypotheses().get(e.first()).parts().stream().noneMatch(p -> p.equals(part.id()));
        int at = second ? e.second() : e.first();
        boolean starting =
                prepared.healthyAmps(part, Condition.CRANKING) >= prepared.healthyAmps(part, Condition.RAISED_LOADED);
        Observable across =
                new Observable.Volts(starting ? Condition.CRANKING : Condition.RAISED_LOADED, part.from(), part.to());
        double mean = prepared.mean(at, across);
        double[] slopes = new double[prepared.columns()];
        prepared.sensitivities().write(at, Explanation.NONE, across, mean, slopes, 0);
        return prepared.addedOhms(part.id(), at, across, mean + slopes[prepared.severityColumn()] * sigmas);
    }

    private static double added(List<Fault> faults, PartId part) {
        double sum = 0;
        for (Fault fault : faults) {
            if (fault.part().equals(part)) {
                sum += fault.ohms(0);
            }
        }
        return sum;
    }
}
