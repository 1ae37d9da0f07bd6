package app.dantro.core.figure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.network.BatteryModel;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;

/** The battery beside the drops: charge by chemistry, a light load, recovery (docs/job.md, test 1 and test 2). */
final class BatteryFigures {
    private BatteryFigures() {}

    static Optional<FigureVerdict> charge(Stated stated) {
        Optional<Reading> base = stated.posts(Condition.REST);
        Optional<StateOfCharge> chemistry =
                stated.said().answer(Topic.CHEMISTRY).map(a -> StateOfCharge.valueOf(a.name()));
        if (base.isEmpty() || chemistry.isEmpty()) {
            return Optional.empty();
        }
        double volts = Math.abs(base.get().volts()) / stated.blocks();
        double share = chemistry.get().share(volts, stated.record().celsius());
        boolean surface = volts > chemistry.get().surfaceVolts();
        Sign sign = surface
                ? Sign.SAYS_LITTLE
                : share >= Marks.ENOUGH_CHARGE ? Sign.GOOD : share >= Marks.LEAST_CHARGE ? Sign.SUSPECT : Sign.FAILS;
        Reason because = surface
                ? FigureReason.SURFACE_CHARGE.with(
                        Quantity.volts(chemistry.get().surfaceVolts() * stated.blocks()),
                        Quantity.named(Topic.CHEMISTRY.words(chemistry.get().name())))
                : (sign == Sign.GOOD ? FigureReason.CHARGED_ENOUGH : FigureReason.CHARGE_IT)
                        .with(Quantity.percent(share));
        String shown = base.get().shown() + " at rest";
        return Optional.of(
                new FigureVerdict(List.of(Topic.CHEMISTRY), FigureName.STATE_OF_CHARGE.with(), shown, sign, because));
    }

    static Optional<FigureVerdict> underLightLoad(Stated stated) {
        Optional<Reading> base = stated.posts(Condition.REST);
        Optional<Reading> loaded = stated.posts(Condition.ENGINE_OFF_LOAD);
        Optional<Double> amps = loaded.flatMap(Reading::flowingAmps);
        if (base.isEmpty() || amps.isEmpty()) {
            return Optional.empty();
        }
        double ohms = (Math.abs(base.get().volts()) - Math.abs(loaded.get().volts())) / amps.get();
        double upper = Marks.ASSUMED_POLARIZED
                * (stated.record().loop().battery().internalOhms().upperOhms()
                        * BatteryModel.ohmsFactor(
                                StateOfCharge.CHARGED_SHARE, stated.record().celsius()));
        return Optional.of(new FigureVerdict(
                List.of(),
                FigureName.LIGHT_LOAD.with(),
                loaded.get().shown() + " at " + Amount.amps(amps.get()),
                ohms < upper ? Sign.GOOD : Sign.SUSPECT,
                FigureReason.INNER_OHMS_LIGHT.with(
                        Stated.volts(base.get()),
                        Stated.volts(loaded.get()),
                        Quantity.amps(amps.get()),
                        Quantity.ohms(ohms),
                        Quantity.ohms(upper))));
    }

    static Optional<FigureVerdict> recovery(Stated stated) {
        return stated.figure(Topic.RECOVERY_VOLTS).map(volts -> {
            double enough = Marks.RECOVERED_VOLTS * stated.blocks();
            boolean climbs = volts >= enough;
            return new FigureVerdict(
                    List.of(Topic.RECOVERY_VOLTS),
                    FigureName.RECOVERY.with(),
                    stated.shown(Topic.RECOVERY_VOLTS),
                    climbs ? Sign.GOOD : Sign.SUSPECT,
                    (climbs ? FigureReason.CLIMBED_BACK : FigureReason.SHOULD_CLIMB).with(Quantity.volts(enough)));
        });
    }
}
