package app.dantro.core.fact;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Side;
import app.dantro.core.reading.Reading;
import java.util.Optional;

/**
 * What posts and both sides leave for the motor while the starter is called for.
 *
 * @param volts what is left, in V
 * @param posts the reading at the posts
 * @param atTheStud whether the supply side was read to the motor's own stud, behind the contacts
 */
public record MotorVolts(double volts, Reading posts, boolean atTheStud) {
    /** As soon as posts and both sides are read. */
    public static Optional<MotorVolts> left(Facts facts) {
        Circuit circuit = facts.record().circuit();
        PointId stud = facts.loop().starter().motorStud();
        Optional<Reading> posts = facts.posts(Condition.CRANKING).newest();
        Optional<Reading> behind = facts.record().newest(circuit.plusPost(), stud, Condition.CRANKING);
        Optional<Reading> supply = behind.or(() -> whole(facts, Side.SUPPLY));
        Optional<Reading> back = whole(facts, Side.RETURN)
                .or(() -> facts.record()
                        .newest(facts.loop().starter().starterCase(), circuit.minusPost(), Condition.CRANKING));
        if (posts.isEmpty() || supply.isEmpty() || back.isEmpty()) {
            return Optional.empty();
        }
        double left = Math.abs(posts.get().volts())
                - Math.abs(supply.get().volts())
                - Math.abs(back.get().volts());
        return Optional.of(new MotorVolts(left, posts.get(), behind.isPresent()));
    }

    private static Optional<Reading> whole(Facts facts, Side side) {
        return facts.whole(side).map(DropVerdict::reading).filter(r -> r.condition() == Condition.CRANKING);
    }
}
