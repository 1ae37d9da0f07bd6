package app.dantro.core.circuit;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A 12 V battery.
 *
 * @param internalOhms healthy discharge resistance at 20 °C in the state of charge a vehicle comes with (0.85)
 * @param ampHours rated capacity in Ah
 * @param stated its electrical values if they are known, in place of the ones that charge and temperature would give
 */
public record Battery(
        PartId id,
        String name,
        PointId positivePost,
        PointId negativePost,
        ResistanceRange internalOhms,
        double ampHours,
        Optional<Source> stated)
        implements Device {

    public Battery {
        Objects.requireNonNull(id, "id");
        name = Identifiers.words(name, "name of " + id);
        Objects.requireNonNull(internalOhms, "internalOhms");
        Objects.requireNonNull(stated, "stated");
        Checked.within(ampHours, 0.5, 1000, "capacity in Ah of " + id);
        Checked.apart(id, positivePost, negativePost);
    }

    @Override
    public List<PointId> terminals() {
        return List.of(positivePost, negativePost);
    }

    /**
     * Open-circuit voltage with the two slopes of a battery.
     *
     * @param volts open-circuit voltage E in V
     * @param dischargeOhms slope Rd while it delivers, in Ω
     * @param chargeOhms slope Rc while it is charged, in Ω
     */
    public record Source(double volts, double dischargeOhms, double chargeOhms) {
        public Source {
            Checked.within(volts, 0, 60, "open-circuit voltage in V");
            Checked.within(dischargeOhms, 1e-5, 1e6, "discharge resistance in ohm");
            Checked.within(chargeOhms, 1e-5, 1e6, "charge resistance in ohm");
        }
    }
}
