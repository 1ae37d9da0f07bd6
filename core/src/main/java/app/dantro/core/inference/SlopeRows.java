package app.dantro.core.inference;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Rows of slopes in steps while a table is made: of those that are the same in steps one is kept. Confined to one thread.
 */
final class SlopeRows {
    private final int numbers;
    /** What one step comes to. */
    final float[] steps;
    /** Where a row's slopes begin among those kept. */
    final int[] begins;

    private final Map<Row, Integer> all = new LinkedHashMap<>();

    SlopeRows(int count, int numbers) {
        this.numbers = numbers;
        steps = new float[count];
        begins = new int[count];
        // Where there is no operating point nothing moves.
        all.put(new Row(new short[numbers]), 0);
    }

    /** One row, by its own steepest slope. */
    void take(int row, double[] slope, int from) {
        double steepest = 0;
        for (int k = 0; k < numbers; k++) {
            steepest = Math.max(steepest, Math.abs(slope[from + k]));
        }
        short[] inSteps = new short[numbers];
        for (int k = 0; k < numbers && steepest > 0; k++) {
            inSteps[k] = (short) Math.round(slope[from + k] / steepest * Short.MAX_VALUE);
        }
        steps[row] = (float) (steepest / Short.MAX_VALUE);
        Integer known = all.putIfAbsent(new Row(inSteps), all.size() * numbers);
        begins[row] = known != null ? known : (all.size() - 1) * numbers;
    }

    short[] kept() {
        short[] kept = new short[all.size() * numbers];
        all.forEach((row, at) -> System.arraycopy(row.slopes, 0, kept, at, numbers));
        return kept;
    }

    private record Row(short[] slopes) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Row row && Arrays.equals(slopes, row.slopes);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(slopes);
        }
    }
}
