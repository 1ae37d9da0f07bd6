package app.dantro.core.circuit;

import java.util.List;
import java.util.Objects;

/**
 * The starter's solenoid: two coils at the trigger, and the contacts they close.
 *
 * @param trigger its control terminal
 * @param ground where the hold-in coil ends
 * @param motorStud where the pull-in coil ends
 * @param contacts the part that stays open until the solenoid has pulled in
 */
public record Solenoid(
        PartId id, String name, PointId trigger, PointId ground, PointId motorStud, PartId contacts, Coils coils)
        implements Device {
    public Solenoid {
        Objects.requireNonNull(id, "id");
        name = Identifiers.words(name, "name of " + id);
        Objects.requireNonNull(contacts, "contacts");
        Objects.requireNonNull(coils, "coils");
        Checked.apart(id, trigger, ground);
        Checked.apart(id, trigger, motorStud);
    }

    @Override
    public List<PointId> terminals() {
        return List.of(trigger, ground, motorStud);
    }

    /**
     * Coil resistances in Ω and thresholds in V, trigger to ground.
     *
     * @param pullInVolts with open contacts, below it nothing engages
     * @param holdVolts with closed contacts, below it the plunger falls back and the solenoid chatters
     */
    public record Coils(double holdOhms, double pullInOhms, double pullInVolts, double holdVolts) {
        public Coils {
            Checked.within(holdOhms, 0.01, 1e6, "hold-in coil in ohm");
            Checked.within(pullInOhms, 0.01, 1e6, "pull-in coil in ohm");
            Checked.within(pullInVolts, 0, 40, "pull-in voltage in V");
            Checked.within(holdVolts, 0, pullInVolts, "hold voltage in V");
        }
    }
}
