package app.dantro.core.circuit;

/** How hard a probe point is to reach; the cost is in the planner's units (source: decisions/0005). */
public enum Access {
    OPEN(1),
    REACHABLE(2),
    TIGHT(3),
    FROM_BELOW(4);

    private final int cost;

    Access(int cost) {
        this.cost = cost;
    }

    public int cost() {
        return cost;
    }
}
