package app.dantro.core.standing;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.network.BatteryModel;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Reading;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What the model expects once a part is as good as new; an estimate, never evidence.
 *
 * @param dropVolts drop across the repaired part, in volts
 * @param motorVoltsNow what the model gives the motor today, in volts
 * @param motorVolts and after the repair
 * @param rpmNow crankshaft speed today
 * @param rpm and after the repair
 */
public record RepairForecast(
        PartId part,
        double dropVolts,
        double amps,
        double motorVoltsNow,
        double motorVolts,
        double rpmNow,
        double rpm) {

    /** The forecast for repairing a wiring part whose resistance has been read. */
    public static Optional<RepairForecast> of(Findings findings, PartId part) {
        SeriesLoop loop = findings.loop();
        if (loop.part(part).isEmpty()
                || findings.across(part).flatMap(DropVerdict::ohms).isEmpty()) {
            return Optional.empty();
        }
        Map<PartId, Double> added = new HashMap<>();
        for (Part p : loop.parts()) {
            findings.across(p.id())
                    .filter(DropVerdict::condemns)
                    .flatMap(DropVerdict::ohms)
                    .ifPresent(ohms -> added.put(p.id(), Math.max(0, ohms - nominal(p, findings))));
        }
        OperatingPoint now = cranked(findings, added);
        added.remove(part);
        OperatingPoint after = cranked(findings, added);
        Part repaired = loop.part(part).orElseThrow();
        return Optional.of(new RepairForecast(
                part,
                after.between(repaired.from(), repaired.to()),
                after.starterAmps(),
                motorVolts(loop, now),
                motorVolts(loop, after),
                now.rpm(),
                after.rpm()));
    }

    private static OperatingPoint cranked(Findings findings, Map<PartId, Double> added) {
        double celsius = findings.evidence().celsius();
        double charge = findings.posts(Condition.REST)
                .map(Reading::volts)
                .map(volts -> BatteryModel.stateOfCharge(volts / findings.loop().blocks(), celsius))
                .orElse(VehicleState.USUAL_CHARGE);
        VehicleState state = VehicleState.healthyAt(celsius).charged(charge);
        for (Map.Entry<PartId, Double> fault : added.entrySet()) {
            state = state.with(fault.getKey(), fault.getValue());
        }
        return new NetworkSolver(findings.evidence().circuit())
                .solve(Condition.CRANKING, state)
                .orThrow();
    }

    private static double nominal(Part part, Findings findings) {
        return part.resistance().healthyAt(findings.evidence().celsius()).nominalOhms();
    }

    private static double motorVolts(SeriesLoop loop, OperatingPoint point) {
        return point.between(loop.starter().motorStud(), loop.starter().starterCase());
    }
}
