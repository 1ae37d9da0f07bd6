package app.dantro.core.limits;

import java.util.Optional;

/** The two lists in use of what a starter draws settled, by cylinders, where its maker gives no figure (docs/job.md, test 5). */
public enum DrawList {
    LOWER(new double[][] {{125, 125}, {150, 150}, {200, 200}}),
    HIGHER(new double[][] {{150, 185}, {160, 200}, {185, 250}});

    private final double[][] bands;

    DrawList(double[][] bands) {
        this.bands = bands;
    }

    /**
     * What a starter draws.
     *
     * @param lowAmps least, in A
     * @param highAmps most, in A
     */
    public record Band(double lowAmps, double highAmps) {
        public boolean holds(double amps) {
            return amps >= lowAmps && amps <= highAmps;
        }
    }

    /**
     * The band for an engine; a list with one figure gives it with a maker's margin.
     *
     * @return empty for another number of cylinders than the list knows
     */
    public Optional<Band> of(int cylinders) {
        boolean known = cylinders == 4 || cylinders == 6 || cylinders == 8;
        return known ? Optional.of(band(bands[(cylinders - 4) / 2])) : Optional.empty();
    }

    private static Band band(double[] ends) {
        boolean figure = ends[0] == ends[1];
        double share = figure ? Margin.MAKERS_SHARE : 0;
        return new Band(ends[0] * (1 - share), ends[1] * (1 + share));
    }
}
