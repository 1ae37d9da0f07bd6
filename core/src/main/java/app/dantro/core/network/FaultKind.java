package app.dantro.core.network;

import app.dantro.core.circuit.PartId;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;

/** Every kind of {@link Fault} with the name of its one number, for files and stores. */
public enum FaultKind {
    ADDED_RESISTANCE(Fault.AddedResistance.class, "ohms", Fault.AddedResistance::new, Fault.AddedResistance::addedOhms),
    OPEN(Fault.Open.class, Fault.Open::new),
    WEAK_BATTERY(Fault.WeakBattery.class, "factor", Fault.WeakBattery::new, Fault.WeakBattery::factor),
    FLAT_BATTERY(Fault.FlatBattery.class, "state_of_charge", Fault.FlatBattery::new, Fault.FlatBattery::stateOfCharge),
    DEAD_CELL(Fault.DeadCell.class, Fault.DeadCell::new),
    DRAG(Fault.Drag.class, "factor", Fault.Drag::new, Fault.Drag::factor),
    WORN_BRUSHES(Fault.WornBrushes.class, "added_share", Fault.WornBrushes::new, Fault.WornBrushes::addedShare),
    OPEN_ARMATURE(Fault.OpenArmature.class, Fault.OpenArmature::new),
    SHORTED_WINDING(Fault.ShortedWinding.class, "factor", Fault.ShortedWinding::new, Fault.ShortedWinding::factor),
    NO_OUTPUT(Fault.NoOutput.class, Fault.NoOutput::new),
    LOW_OUTPUT(Fault.LowOutput.class, "share", Fault.LowOutput::new, Fault.LowOutput::share),
    LOST_PHASE(Fault.LostPhase.class, "share", Fault.LostPhase::new, Fault.LostPhase::share),
    BELT_SLIP(Fault.BeltSlip.class, "share", Fault.BeltSlip::new, Fault.BeltSlip::share),
    REGULATOR_OFFSET(Fault.RegulatorOffset.class, "volts", Fault.RegulatorOffset::new, Fault.RegulatorOffset::volts),
    FULL_FIELD(Fault.FullField.class, Fault.FullField::new),
    DRAIN(Fault.Drain.class, "amps", Fault.Drain::new, Fault.Drain::amps);

    private final Class<? extends Fault> type;
    private final String severityName;
    private final BiFunction<PartId, Double, Fault> make;
    private final ToDoubleFunction<Fault> severity;

    <F extends Fault> FaultKind(
            Class<F> type, String severityName, BiFunction<PartId, Double, Fault> make, ToDoubleFunction<F> severity) {
        this.type = type;
        this.severityName = severityName;
        this.make = make;
        this.severity = fault -> severity.applyAsDouble(type.cast(fault));
    }

    <F extends Fault> FaultKind(Class<F> type, java.util.function.Function<PartId, Fault> make) {
        this.type = type;
        this.severityName = "";
        this.make = (part, severity) -> make.apply(part);
        this.severity = fault -> 0;
    }

    /** The name in files. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Name of the kind's number, unit or meaning; empty if the kind has none. */
    public Optional<String> severityName() {
        return severityName.isEmpty() ? Optional.empty() : Optional.of(severityName);
    }

    /**
     * The fault of this kind.
     *
     * @param severity its number; not used by a kind without one
     * @throws IllegalArgumentException if the severity is out of range
     */
    public Fault of(PartId part, double severity) {
        return make.apply(part, severity);
    }

    /** The number of a fault of this kind; 0 for a kind without one. */
    public double severity(Fault fault) {
        return severity.applyAsDouble(fault);
    }

    public static FaultKind of(Fault fault) {
        return Arrays.stream(values())
                .filter(kind -> kind.type.isInstance(fault))
                .findFirst()
                .orElseThrow();
    }

    public static Optional<FaultKind> keyed(String key) {
        return Arrays.stream(values()).filter(kind -> kind.key().equals(key)).findFirst();
    }
}
