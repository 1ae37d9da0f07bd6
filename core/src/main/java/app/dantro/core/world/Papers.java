package app.dantro.core.world;

import app.dantro.core.circuit.Access;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What somebody in front of a vehicle can know of it and reach on it. */
final class Papers {
    private static final double PLATE_READ = 0.5;
    private static final double STRATEGY_KNOWN = 0.5;
    private static final double CHEMISTRY_READ = 0.55;
    private static final double HOURS_READ = 0.5;
    private static final double CYLINDERS_KNOWN = 0.9;
    private static final double TIGHT = 0.85;
    private static final double FROM_BELOW = 0.5;

    private final Build build;
    private final long seed;

    Papers(Build build, long seed) {
        this.build = build;
        this.seed = seed;
    }

    Map<String, String> known() {
        Dice dice = new Dice(seed + 2);
        Map<String, String> known = new LinkedHashMap<>();
        if (dice.in(PLATE_READ)) {
            known.put("plate_amps", Long.toString(Math.round(build.machine().plateAmps())));
        }
        if (dice.in(STRATEGY_KNOWN)) {
            known.put("strategy", build.machine().charger().name().toLowerCase(Locale.ROOT));
        }
        if (dice.in(CHEMISTRY_READ) || build.cell().lithium()) {
            known.put("chemistry", build.cell().chemistry());
        }
        if (dice.in(HOURS_READ)) {
            known.put("battery_amp_hours", Long.toString(Math.round(build.cell().ampHours())));
        }
        if (dice.in(CYLINDERS_KNOWN)) {
            known.put("cylinders", Integer.toString(build.engine().cylinders()));
        }
        return known;
    }

    /** Every device's own studs and cases, and of the rest what is not too deep down. */
    Set<PointId> reachable() {
        Dice dice = new Dice(seed + 3);
        Set<PointId> all = new LinkedHashSet<>();
        for (ProbePoint point : build.circuit().points()) {
            Access access = point.access();
            boolean reached =
                    access == Access.TIGHT ? dice.in(TIGHT) : access != Access.FROM_BELOW || dice.in(FROM_BELOW);
            boolean device = build.circuit().devices().stream()
                    .anyMatch(d -> d.terminals().contains(point.id()));
            if (reached || device) {
                all.add(point.id());
            }
        }
        return all;
    }
}
