package app.dantro.core.standing;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Regulator;
import app.dantro.core.inference.Explanation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.network.Fault;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;

/**
 * What a verdict about the alternator names, by what regulates it, what is wrong and what was tried: an assembly, a box,
 * the computer's command, or one half of a separate pair (docs/job.md, when may a component be called faulty).
 */
record AlternatorName(String name, String adds) {
    private static final double MOSTLY = 0.5;

    static AlternatorName of(Regulator regulator, Posterior posterior, PartId alternator, Statements said) {
        boolean volts = voltageWrong(posterior, alternator);
        return switch (regulator) {
            case INSIDE ->
                volts
                        ? new AlternatorName(
                                regulator.words(),
                                "The regulator sits inside: the maker sells the assembly, or the regulator apart.")
                        : new AlternatorName("alternator", "");
            case BOX, COMPUTER -> byField(regulator, volts, said);
            case SEPARATE -> byGenerator(regulator, said);
        };
    }

    private static AlternatorName byField(Regulator regulator, boolean volts, Statements said) {
        if (said.says(Topic.FIELD_ANSWERS, "YES")) {
            return new AlternatorName(
                    regulator.words(),
                    "The alternator answers when its field is commanded: what commands it is wrong, not the machine. "
                            + "Its own feed, ground and sense wires come first.");
        }
        if (said.says(Topic.FIELD_ANSWERS, "NO")) {
            return volts
                    ? new AlternatorName(
                            "alternator",
                            "It does not follow its field command: a field that is grounded or fed inside.")
                    : new AlternatorName("alternator", "It does not answer when its field is commanded.");
        }
        return new AlternatorName(
                "alternator or its " + (regulator == Regulator.BOX ? "regulator box" : "field command"),
                "Commanding the field as the maker allows tells which of the two.");
    }

    private static AlternatorName byGenerator(Regulator regulator, Statements said) {
        if (said.says(Topic.GENERATOR_GOOD, "YES")) {
            return new AlternatorName(regulator.words(), "The generator delivers, phase to phase.");
        }
        if (said.says(Topic.GENERATOR_GOOD, "NO")) {
            return new AlternatorName("generator", "Its phases differ, or one touches the frame.");
        }
        return new AlternatorName(
                "rectifier-regulator or generator", "The generator's AC volts phase to phase tell which of the two.");
    }

    /** True if it is the voltage that is off, not the current that is missing. */
    private static boolean voltageWrong(Posterior posterior, PartId alternator) {
        double all = 0;
        double volts = 0;
        for (Explanation e : posterior.explanations()) {
            for (Fault fault : e.faults(posterior.prepared())) {
                if (fault.part().equals(alternator)) {
                    all += e.probability();
                    volts += fault instanceof Fault.RegulatorOffset || fault instanceof Fault.FullField
                            ? e.probability()
                            : 0;
                }
            }
        }
        return volts > MOSTLY * all;
    }
}
