package app.dantro.core.inference;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.inference.Channels.Span;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;

/** A quick figure for the bits a reading would bring: what each explanation expects, sorted into bins. One thread only. */
final class QuickInformation {
    private static final int BINS = 49;

    private final Likeliest likeliest;
    private final Map<Condition, double[][]> outputs = new EnumMap<>(Condition.class);
    private final Map<Condition, double[][]> spreads = new EnumMap<>(Condition.class);
    private final double[] binWeights = new double[BINS];
    private final double[] cells;
    private final int[] touched;
    private int touchedCount;

    QuickInformation(Likeliest likeliest) {
        this.likeliest = likeliest;
        this.cells = new double[BINS * likeliest.groupCount];
        this.touched = new int[likeliest.weights.length];
    }

    double bits(Observable what) {
        return bits(what, likeliest.prepared.channels().of(what));
    }

    Outlook.Quick in(Condition condition) {
        Circuit circuit = likeliest.prepared.circuit();
        int[] potentials = circuit.points().stream()
                .mapToInt(p -> likeliest.prepared.channels().potential(p.id()))
                .toArray();
        Observable volts = Observable.volts(condition, circuit.plusPost(), circuit.minusPost());
        return (red, black) -> bits(volts, new Span(potentials[red], potentials[black]));
    }

    private double bits(Observable what, Span span) {
        double[][] of = outputs.computeIfAbsent(what.condition(), this::outputsIn);
        double center = at(of[0], span.plus()) - at(of[0], span.minus());
        double width = Marks.ASSUMED_BIN_SIGMAS * sigma(what, span, center);
        for (int e = 0; e < likeliest.weights.length; e++) {
            double off = (at(of[e], span.plus()) - at(of[e], span.minus()) - center) / width;
            int step = Double.isNaN(off) ? 0 : Math.min(BINS / 2, Math.getExponent(1 + Math.abs(off)));
            int bin = BINS / 2 + (off < 0 ? -step : step);
            binWeights[bin] += likeliest.weights[e];
            int cell = bin * likeliest.groupCount + likeliest.groups[e];
            if (cells[cell] == 0) {
                touched[touchedCount++] = cell;
            }
            cells[cell] += likeliest.weights[e];
        }
        return information();
    }

    /** Mutual information of bin and name; the bins are empty again afterwards. */
    private double information() {
        double nats = 0;
        for (int i = 0; i < touchedCount; i++) {
            double part = cells[touched[i]];
            nats += part * Math.log(part / binWeights[touched[i] / likeliest.groupCount]);
            cells[touched[i]] = 0;
        }
        touchedCount = 0;
        Arrays.fill(binWeights, 0);
        return Math.max(0, likeliest.nameBits() + nats / ExpectedInformation.LOG_2);
    }

    private double[][] outputsIn(Condition condition) {
        return likeliest.forecasts.stream().map(f -> f.outputs(condition)).toArray(double[][]::new);
    }

    /** Spread of a reading under the likeliest explanation, meter included. */
    private double sigma(Observable what, Span span, double mean) {
        Forecast first = likeliest.forecasts.get(0);
        double[][] of = spreads.computeIfAbsent(what.condition(), first::spreads);
        double resolution = Display.resolution(what, mean);
        double variance = ReadingNoise.variance(what, mean, resolution) + Likeliest.unloaded(what);
        for (int k = 0; k < of[0].length; k++) {
            double d = at(of, span.plus(), k) - at(of, span.minus(), k);
            variance += k < first.numbers() ? d * d : -d * d;
        }
        return Math.sqrt(Math.max(variance, ReadingNoise.variance(what, 0, resolution)));
    }

    private static double at(double[] outputs, int output) {
        return output < 0 ? 0 : outputs[output];
    }

    private static double at(double[][] of, int output, int k) {
        return output < 0 ? 0 : of[output][k];
    }
}
