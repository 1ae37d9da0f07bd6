package app.dantro.core.inference;

import app.dantro.core.circuit.Condition;
import java.util.List;

/** What a hypothesis expects of a case's observations, and how these move with every number. Confined to one thread. */
final class Expectations {
    private final PreparedCircuit prepared;
    private final Channel[] channels;
    /** Which of the conditions each observation was read in. */
    private final int[] in;

    private final Condition[] conditions;
    /** What a pair shows in each condition. */
    private final float[][] shown;

    Expectations(PreparedCircuit prepared, List<Observation> observations) {
        this.prepared = prepared;
        channels = observations.stream().map(o -> prepared.channel(o.what())).toArray(Channel[]::new);
        List<Condition> all =
                observations.stream().map(o -> o.what().condition()).distinct().toList();
        in = observations.stream()
                .mapToInt(o -> all.indexOf(o.what().condition()))
                .toArray();
        conditions = all.toArray(Condition[]::new);
        shown = new float[conditions.length][];
    }

    /**
     * Writes means and slopes, row after row.
     *
     * @return false if there is no operating point in one of the conditions
     */
    boolean write(int first, int second, double[] means, double[] slopes) {
        for (int c = 0; second >= 0 && c < conditions.length; c++) {
            shown[c] = prepared.means(first, second, conditions[c]).orElse(null);
            if (shown[c] == null) {
                return false;
            }
        }
        Sensitivities sensitivities = prepared.sensitivities();
        int columns = prepared.columns();
        for (int i = 0; i < channels.length; i++) {
            means[i] = second < 0 ? channels[i].mean(first) : channels[i].span().in(shown[in[i]]);
            if (Double.isNaN(means[i])) {
                return false;
            }
            sensitivities.write(first, second, channels[i], means[i], slopes, i * columns);
        }
        return true;
    }
}
