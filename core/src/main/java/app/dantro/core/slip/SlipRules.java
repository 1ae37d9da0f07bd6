package app.dantro.core.slip;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Looks at a reading as it is entered, against the circuit and the readings that count already. */
public final class SlipRules {
    /** The first doubt is asked: range, source, sign, decimal, current (docs/job.md, slips to catch). */
    private static final List<SlipRule> ON_THE_STARTERS_WAY = List.of(
            UndoneSlip::asked,
            RangeSlip::asked,
            SourceSlip::asked,
            SourceSlip::tenth,
            SignSlip::ofSource,
            StillPosts::asked,
            SignSlip::asked,
            FactorSlip::asked,
            DecimalSlip::asked,
            DisplaySlip::wholeVolts,
            DisplaySlip::asked,
            CurrentSlip::asked);

    /** Where the starter's current does not flow, only what no vehicle shows is odd. */
    private static final List<SlipRule> ELSEWHERE = List.of(
            UndoneSlip::asked,
            RangeSlip::asked,
            DisplaySlip::wholeVolts,
            SourceSlip::beyondSystem,
            AboveStanding::asked,
            SourceSlip::ofOneBattery,
            SourceSlip::tenth,
            SignSlip::ofSource,
            SignSlip::whileCharging,
            DisplaySlip::asked,
            FactorSlip::asked);

    private SlipRules() {}

    /**
     * What a reading is entered on.
     *
     * @param celsius temperature of the conductors in °C
     * @param starterKnown whether the customer said what happens when the starter is called for
     * @param turns false if the customer said that nothing turns
     * @param cranksWell whether it came for something else than how it cranks
     * @param lithium whether its battery is one, which rests high
     * @param plateAmps the alternator's rating, if its plate was entered
     * @param undone what is lifted, connected or disabled by the record
     */
    public record Vehicle(
            Circuit circuit,
            SeriesLoop loop,
            double celsius,
            boolean starterKnown,
            boolean turns,
            boolean cranksWell,
            OptionalDouble plateAmps,
            boolean lithium,
            Undone undone) {
        /** One that may crank badly and whose battery is none of lithium, as most are. */
        public Vehicle(
                Circuit circuit, SeriesLoop loop, double celsius, boolean starterKnown, OptionalDouble plateAmps) {
            this(circuit, loop, celsius, starterKnown, true, false, plateAmps, false, Undone.NOTHING);
        }

        /** True if somebody said that the starter turns it. */
        boolean knownToTurn() {
            return starterKnown && turns;
        }

        /** From here on a block's volts are a running engine's. */
        double runningFromVolts() {
            return lithium ? Marks.LITHIUM_RUNNING_FROM_VOLTS : Marks.RUNNING_FROM_VOLTS;
        }
    }

    /**
     * What was begun for measuring and is not undone yet.
     *
     * @param lifted battery − or B+ is off
     * @param underPile a carbon pile is connected
     * @param disabled the engine cannot start
     */
    public record Undone(boolean lifted, boolean underPile, boolean disabled) {
        public static final Undone NOTHING = new Undone(false, false, false);
    }

    /** One kind of slip. */
    interface SlipRule {
        Optional<Slip> asked(Entry entry);
    }

    /**
     * What is asked about a reading before it counts; the charging side's doubts come after the others.
     *
     * @param counted the case's readings that count so far
     */
    public static Optional<Slip> atEntry(Vehicle vehicle, Readings counted, Reading reading) {
        return shown(counted, reading)
                ? Optional.empty()
                : onLoop(vehicle, counted, reading).or(() -> ChargingSlips.check(vehicle, counted, reading));
    }

    /** What was read twice alike is what the meter shows: it was asked about the first time, or need not be. */
    private static boolean shown(Readings counted, Reading reading) {
        return counted.in(reading.condition()).across(reading.red(), reading.black()).stream()
                .anyMatch(r -> Math.signum(r.volts()) == Math.signum(reading.volts())
                        && Math.abs(r.volts() - reading.volts()) <= Marks.ASSUMED_SAME * Math.abs(r.volts()));
    }

    static Optional<Slip> onLoop(Vehicle vehicle, Readings counted, Reading reading) {
        Entry entry = Entry.of(vehicle, counted, reading);
        List<SlipRule> rules = entry.onTheStartersWay() ? ON_THE_STARTERS_WAY : ELSEWHERE;
        return rules.stream().flatMap(rule -> rule.asked(entry).stream()).findFirst();
    }
}
