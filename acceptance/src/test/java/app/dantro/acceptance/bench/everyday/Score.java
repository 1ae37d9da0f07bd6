package app.dantro.acceptance.bench.everyday;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** How a session is scored; five shares that add up to all. */
enum Score {
    RIGHT("right"),
    HONEST("honest set"),
    WRONG("wrong"),
    HEALTHY("called healthy"),
    GAVE_UP("gave up");

    private static final double LIKELY = 0.5;
    private static final int MOST_IN_A_SET = 3;
    final String words;

    Score(String words) {
        this.words = words;
    }

    /** What a session says of a vehicle that has something wrong with it. */
    static Score of(Session.Result result) {
        Set<String> right = result.vehicle().rightNames();
        if (result.part().isPresent()) {
            return right.contains(result.part().get()) ? afterwards(result) : WRONG;
        }
        List<String> named = result.atEnd().entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .toList();
        double within = named.stream()
                .filter(right::contains)
                .mapToDouble(result.atEnd()::get)
                .sum();
        if (!named.isEmpty() && right.containsAll(named) && within >= LIKELY) {
            return RIGHT;
        }
        if (!named.isEmpty()) {
            boolean first = right.contains(named.get(0));
            boolean likely = result.atEnd().get(named.get(0)) >= LIKELY;
            if (first && (likely || named.size() == 1)) {
                return RIGHT;
            }
            boolean inSet = named.size() <= MOST_IN_A_SET && named.stream().anyMatch(right::contains);
            return likely ? WRONG : inSet ? HONEST : GAVE_UP;
        }
        if (flatOnly(result) || turnsHard(result) || beltSeen(result)) {
            return RIGHT;
        }
        return result.end() == End.GOOD ? HEALTHY : GAVE_UP;
    }

    /** Of two faults the other has to be named too, once the first is put right, if it still costs anything. */
    private static Score afterwards(Session.Result result) {
        FleetVehicle left = result.left();
        boolean costs =
                left.costsItsComplaint() && left.truth().faults().stream().anyMatch(f -> !f.follows());
        boolean named =
                result.repairs() == 0 || result.atEnd().keySet().stream().anyMatch(left.rightNames()::contains);
        boolean charged = result.charged()
                && left.truth().faults().stream().allMatch(f -> f.kind().equals("flat_battery"));
        boolean slips = result.headline().contains("it slips")
                && left.truth().faults().stream().anyMatch(f -> f.kind().equals("belt_slip"));
        boolean seen = slips
                || "HARD".equals(left.looks().get("engine_turns"))
                        && result.alarmed().contains("starter");
        if (!costs || named || charged || seen) {
            return RIGHT;
        }
        return result.end() == End.VERIFIED ? HEALTHY : GAVE_UP;
    }

    /** Charged because it was flat, which is what was wrong, or what followed. */
    private static boolean flatOnly(Session.Result result) {
        boolean flat = result.vehicle().truth().faults().stream()
                .anyMatch(f -> f.kind().equals("flat_battery"));
        return flat && result.charged();
    }

    /** A belt that slips was looked for in the alternator, and found by looking. */
    private static boolean beltSeen(Session.Result result) {
        boolean slips = result.vehicle().truth().faults().stream()
                .anyMatch(f -> f.kind().equals("belt_slip"));
        return slips
                && result.alarmed().contains("alternator")
                && result.headline().contains("it slips");
    }

    /** An engine that turns hard was looked for in the starter, and found by turning it. */
    private static boolean turnsHard(Session.Result result) {
        boolean hard = "HARD".equals(result.vehicle().looks().get("engine_turns"));
        return hard
                && result.vehicle().rightNames().contains("starter")
                && result.alarmed().contains("starter");
    }
}
