package app.dantro.acceptance.bench.vehicles;

import java.util.List;

/**
 * What the vehicles of a population have in common.
 *
 * @param spread multiple of the healthy spreads of docs/physics.md
 * @param slips share of readings that are slips
 * @param healthy share of vehicles without a fault
 * @param component share with one faulty device
 * @param pair share with two faults; the rest has one bad wiring part
 * @param flatDrag whether the engine's drag rises less with speed than the program assumes
 * @param otherLaws whether starter and battery follow laws that are not the program's own
 */
public record World(
        String name,
        double spread,
        double slips,
        double healthy,
        double component,
        double pair,
        boolean flatDrag,
        boolean otherLaws) {
    public static final World BASE = new World("base", 1.0, 0.02, 0.05, 0.30, 0.10, false, false);
    public static final World WILD = new World("wild spreads", 1.6, 0.02, 0.05, 0.30, 0.10, false, false);
    public static final World SLIPS = new World("flat drag, 6 % slips", 1.0, 0.06, 0.05, 0.30, 0.10, true, false);
    public static final World PRIORS = new World("other priors", 1.0, 0.02, 0.30, 0.60, 0.05, false, false);
    public static final World LAWS = new World("other laws", 1.0, 0.02, 0.05, 0.30, 0.10, false, true);

    /** All of them, the base first. */
    public static List<World> all() {
        return List.of(BASE, WILD, SLIPS, PRIORS, LAWS);
    }
}
