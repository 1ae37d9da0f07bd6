package app.dantro.core.circuit;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What lies between two probe points of a series loop.
 *
 * @param parts wiring parts between the points, in the order of flow
 * @param withConsumer whether the starter lies between them too
 * @param withFlow true if red lies upstream of black, so that a drop reads positive
 */
public record Stretch(List<Part> parts, boolean withConsumer, boolean withFlow) {
    public Stretch {
        parts = List.copyOf(parts);
    }

    public boolean covers(PartId part) {
        return parts.stream().anyMatch(p -> p.id().equals(part));
    }

    public boolean covers(Stretch other) {
        return other.parts.stream().allMatch(p -> covers(p.id()));
    }

    public boolean isJust(PartId part) {
        return !withConsumer && parts.size() == 1 && parts.get(0).id().equals(part);
    }

    /** True for a pure wiring stretch, whose reading is a drop. */
    public boolean isDrop() {
        return !withConsumer;
    }

    /** Sum of the nominal resistances in ohms. */
    public double nominalOhms(double celsius) {
        return sum(p -> p.resistance().healthyAt(celsius).nominalOhms());
    }

    /**
     * Most that a healthy stretch may have, in ohms: nominal plus the root of the summed squares of each part's own
     * margin, since independent parts are not all at their worst together (decisions/0004). For one part it is that
     * part's own upper bound. Where only the class's lengths are known, all may be longer together, and the margins add
     * (decisions/0018).
     */
    public double upperOhms(double celsius) {
        boolean longer = parts.stream().anyMatch(Stretch::ofItsClass);
        return nominalOhms(celsius)
                + (longer ? sum(p -> margin(p, celsius)) : Math.sqrt(sum(p -> square(margin(p, celsius)))));
    }

    private static boolean ofItsClass(Part part) {
        return part.resistance() instanceof Resistance.Conductor c && !c.entered();
    }

    /** Least that a healthy stretch may have, in ohms, by the same rule downwards. */
    public double lowerOhms(double celsius) {
        return Math.max(0, nominalOhms(celsius) - Math.sqrt(sum(p -> square(depth(p, celsius)))));
    }

    private double sum(ToDoubleFunction<Part> ohms) {
        return parts.stream().mapToDouble(ohms).sum();
    }

    private static double margin(Part part, double celsius) {
        ResistanceRange range = part.resistance().healthyAt(celsius);
        return range.upperOhms() - range.nominalOhms();
    }

    private static double depth(Part part, double celsius) {
        ResistanceRange range = part.resistance().healthyAt(celsius);
        return range.nominalOhms() - range.lowerOhms();
    }

    private static double square(double x) {
        return x * x;
    }
}
