package app.dantro.core.figure;

import app.dantro.core.circuit.Regulator;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Figures that are measured beside drops: charge, recovery, draw, drain, output against its rating, ripple, diodes, field
 * and phases (docs/job.md, test 1, test 2, test 5, test 14, test 19, test 20, test 21, test 22, test 24 and test 25). None of them condemns a device by itself.
 */
public final class Figures {
    /** One figure, if what it needs was read or stated. */
    private interface Rule extends Function<Stated, Optional<FigureVerdict>> {}

    private static final List<Rule> BATTERY_AND_STARTER = List.of(
            BatteryFigures::charge,
            BatteryFigures::underLightLoad,
            BatteryFigures::recovery,
            StarterDraw::judged,
            TwoCranks::judged,
            StandingCurrent::judged);
    private static final List<Rule> CURRENTS = List.of(AlternatorOutput::current, AlternatorOutput::consumption);
    private static final List<Rule> RIPPLE_AND_DIODES = List.of(
            Ripple.of(Topic.RIPPLE_IDLE)::judged,
            Ripple.of(Topic.RIPPLE_LOADED)::judged,
            Ripple.of(Topic.RIPPLE_POST)::judged,
            DiodeTest::judged);
    private static final List<Rule> COMMAND = List.of(FieldCommand::judged, FieldCommand::unsteady, Phases::judged);
    private static final List<Rule> RISES = List.of(VoltageSteps::rise, VoltageSteps::loadedRise);
    private static final List<Rule> STEPS = List.of(
            VoltageSteps::rise,
            VoltageSteps::loadedRise,
            VoltageSteps::climb,
            VoltageSteps::afterwards,
            AlternatorOutput::loads);
    private static final List<Rule> UNITS = List.of(Units::replaced, Units::bench, Units::life, Units::outside);

    private Figures() {}

    /** A verdict on every figure that is known. */
    public static List<FigureVerdict> of(CaseRecord record) {
        return all(
                record,
                BATTERY_AND_STARTER,
                CURRENTS,
                RIPPLE_AND_DIODES,
                COMMAND,
                STEPS,
                List.of(StandingCurrent::lifted),
                UNITS,
                branches(record));
    }

    /** What an alternator puts out: currents, volts against loads and speed, ripple and diodes, new unit against old. */
    public static List<FigureVerdict> ofOutput(CaseRecord record) {
        return all(
                record, CURRENTS, List.of(FieldCommand::unsteady), STEPS, branches(record), RIPPLE_AND_DIODES, UNITS);
    }

    /** What regulates it: the field's command or the generator's phases, and how the voltage rises and holds. */
    public static List<FigureVerdict> ofRegulation(CaseRecord record) {
        return all(record, List.of(FieldCommand::judged, Phases::judged, FieldCommand::unsteady), RISES);
    }

    /** What empties the battery overnight: the standing current, and diodes that leak. */
    public static List<FigureVerdict> ofDrain(CaseRecord record) {
        return all(record, List.of(StandingCurrent::judged, StandingCurrent::lifted), RIPPLE_AND_DIODES);
    }

    /** True if ripple and diode test both speak against the alternator's diodes. */
    public static boolean diodesFail(CaseRecord record) {
        Stated stated = Stated.of(record);
        boolean ripple = Stream.of(Topic.RIPPLE_IDLE, Topic.RIPPLE_LOADED)
                .anyMatch(topic -> fails(Ripple.of(topic).judged(stated)));
        return ripple && fails(DiodeTest.judged(stated));
    }

    /** What is drawn asleep, if it is more than any vehicle may. */
    public static Optional<FigureVerdict> drain(CaseRecord record) {
        return StandingCurrent.judged(Stated.of(record)).filter(v -> v.sign() == FigureVerdict.Sign.FAILS);
    }

    /** The ripple under load as it was typed, if it is more than any healthy machine gives; a switched one is not judged. */
    public static Optional<String> muchRipple(CaseRecord record) {
        Stated stated = Stated.of(record);
        return stated.figure(Topic.RIPPLE_LOADED)
                .filter(volts -> volts > Marks.BEYOND_RIPPLE_VOLTS)
                .filter(volts -> record.circuit()
                        .regulator()
                        .filter(Regulator.SEPARATE::equals)
                        .isEmpty())
                .map(volts -> stated.shown(Topic.RIPPLE_LOADED));
    }

    private static boolean fails(Optional<FigureVerdict> verdict) {
        return verdict.filter(v -> v.sign() == FigureVerdict.Sign.FAILS).isPresent();
    }

    private static List<Rule> branches(CaseRecord record) {
        return new BranchCurrents(record)
                .verdicts().stream().<Rule>map(v -> stated -> Optional.of(v)).toList();
    }

    @SafeVarargs
    private static List<FigureVerdict> all(CaseRecord record, List<Rule>... rules) {
        Stated stated = Stated.of(record);
        return Stream.of(rules)
                .flatMap(List::stream)
                .flatMap(rule -> rule.apply(stated).stream())
                .toList();
    }
}
