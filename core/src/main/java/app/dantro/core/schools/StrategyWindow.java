package app.dantro.core.schools;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.limits.VoltageWindow;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.Optional;

/**
 * What a healthy system holds at the posts with the loads off, by its strategy and temperature, volts of a 12 V block
 * (docs/everyday.md, regulated voltage). Where nobody entered the strategy only a pass is one: a smart system may be
 * commanded anywhere.
 */
final class StrategyWindow {
    private static final double HOT_CELSIUS = 35;
    private static final double COLD_CELSIUS = 0;
    private static final double FROST_CELSIUS = -15;

    private StrategyWindow() {}

    static Ruling ruling(CaseRecord record, Condition condition, double volts, double errorVolts) {
        Optional<Answer> strategy = record.statements().answer(Topic.STRATEGY);
        boolean motorcycle = VehicleSort.of(record.circuit()) == VehicleSort.MOTORCYCLE;
        VoltageWindow window =
                motorcycle ? motorcycle(condition) : window(strategy.orElse(Answer.CLASSIC), record.celsius());
        int blocks = record.circuit().blocks();
        SchoolVerdict verdict = window.judge(volts, blocks, errorVolts);
        boolean open = strategy.isEmpty() && !motorcycle;
        return new Ruling(
                open ? "Strategy not entered" : window.school(),
                SchoolReason.BETWEEN.with(
                        Quantity.volts(window.lowVolts() * blocks), Quantity.volts(window.highVolts() * blocks)),
                open && verdict == SchoolVerdict.FAILS ? SchoolVerdict.SILENT : verdict);
    }

    private static VoltageWindow motorcycle(Condition condition) {
        return condition == Condition.IDLE
                ? new VoltageWindow("Motorcycle at idle", 12.2, 14.4)
                : new VoltageWindow("Motorcycle at speed", 13.5, 15.0);
    }

    private static VoltageWindow window(Answer strategy, double celsius) {
        if (strategy == Answer.SMART) {
            return new VoltageWindow("Smart charging", 12.0, 15.6);
        }
        if (strategy == Answer.CALCIUM) {
            return new VoltageWindow("For calcium batteries", 14.0, celsius < COLD_CELSIUS ? 16.0 : 15.4);
        }
        if (celsius > HOT_CELSIUS) {
            return new VoltageWindow("Classic, hot", 13.4, 14.9);
        }
        return celsius <= FROST_CELSIUS
                ? new VoltageWindow("Classic, in frost", 13.8, 15.3)
                : new VoltageWindow("Classic", 13.6, 15.0);
    }
}
