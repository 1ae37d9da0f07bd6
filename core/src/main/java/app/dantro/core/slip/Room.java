package app.dantro.core.slip;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PointId;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import java.util.OptionalDouble;

/**
 * What a running engine leaves for one way to lose: B+ above the posts, less what the other side was seen to lose of it
 * (Kirchhoff's voltage law, sources.md [KIRCHHOFF]).
 *
 * @param ofBothSides what B+ stands above the posts, or can at the most, in V
 * @param otherSide what the other side was read to lose, in V; 0 where it was not
 */
record Room(double ofBothSides, double otherSide) {
    /** @param together the readings of the same condition */
    static Room of(Circuit circuit, Alternator alternator, Readings together, Reading reading) {
        OptionalDouble output = together.stream()
                .filter(r -> r.isAcross(alternator.output(), alternator.ground()))
                .mapToDouble(r -> Math.abs(r.volts()))
                .max();
        OptionalDouble posts = together.stream()
                .filter(r -> r.pair().equals(circuit.posts()))
                .mapToDouble(r -> Math.abs(r.volts()))
                .min();
        if (posts.isEmpty()) {
            return new Room(Marks.HIGHEST_POST_VOLTS * circuit.blocks(), 0);
        }
        boolean holdsItsOwn = alternator.sense().plus().equals(alternator.output());
        double highest =
                output.orElse((holdsItsOwn ? Marks.HIGHEST_OUTPUT_VOLTS : Marks.MOST_DRIVEN_VOLTS) * circuit.blocks());
        double both = Math.max(0, highest - posts.getAsDouble());
        return new Room(
                both, output.isPresent() ? Math.min(both, otherSide(circuit, alternator, together, reading)) : 0);
    }

    /** Only for a whole side: a piece of it loses anything up to what is left. */
    private static double otherSide(Circuit circuit, Alternator alternator, Readings together, Reading reading) {
        boolean supply = reading.isAcross(alternator.output(), circuit.plusPost());
        if (!supply && !reading.isAcross(circuit.minusPost(), alternator.ground())) {
            return 0;
        }
        PointId from = supply ? circuit.minusPost() : alternator.output();
        PointId to = supply ? alternator.ground() : circuit.plusPost();
        return together.stream()
                .filter(r -> r.isAcross(from, to))
                .mapToDouble(r -> Math.abs(r.volts()))
                .min()
                .orElse(0);
    }

    /** Room for what two meters' moments differ by. */
    double slack() {
        return Math.max(Marks.ASSUMED_SLACK_VOLTS, Marks.ASSUMED_SAME * ofBothSides);
    }

    /** True for a drop that no way leaves room for; beside the other side's, only if a tenth of it closes the loop. */
    boolean exceededBy(double drop) {
        boolean closes = Math.abs(drop * Marks.TENTH - volts()) <= slack();
        return drop > ofBothSides + slack() || otherSide > 0 && closes && drop > volts() + slack();
    }

    double volts() {
        return ofBothSides - otherSide;
    }

    /** Why a reading is odd that lies above it. */
    Reason exceeded(Quantity shown) {
        return otherSide > 0
                ? SlipReason.MORE_THAN_IS_LEFT.with(shown, Quantity.volts(ofBothSides), Quantity.volts(otherSide))
                : SlipReason.MORE_THAN_BETWEEN.with(shown, Quantity.volts(ofBothSides));
    }
}
