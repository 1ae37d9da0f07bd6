package app.dantro.core.planning;

import app.dantro.core.inference.Observable;

/** What an order of readings costs on average until no reading parts what is left. */
record Toll(double readings, double cranks) {
    private static final double ROUNDING = 1e-9;

    static Toll none() {
        return new Toll(0, 0);
    }

    Toll plus(Observable what, double weight) {
        return new Toll(readings + weight, cranks + (what.condition().starterCalled() ? weight : 0));
    }

    Toll over(double weights) {
        return weights > 0 ? new Toll(readings / weights, cranks / weights) : this;
    }

    /** True if it saves enough to be worth leaving another order for. */
    boolean wellUnder(Toll other) {
        return other.readings - readings >= Marks.READINGS_TO_LEAVE - ROUNDING
                || other.cranks - cranks >= Marks.CRANKS_TO_LEAVE - ROUNDING;
    }
}
