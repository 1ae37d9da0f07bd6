package app.dantro.core.standing;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Regulator;
import app.dantro.core.inference.Explanation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.network.Fault;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.Optional;

/** What a verdict about an alternator's voltage names, by what regulates it (docs/decisions/0014). */
record AlternatorName(String name, Optional<Reason> adds) {
    private static final String MACHINE = "alternator";

    static AlternatorName of(Regulator regulator, Posterior posterior, PartId alternator, Statements said) {
        boolean volts = voltageWrong(posterior, alternator);
        return switch (regulator) {
            case INSIDE ->
                volts
                        ? named(regulator.words(), StandingReason.SITS_INSIDE)
                        : new AlternatorName(MACHINE, Optional.empty());
            case BOX, COMPUTER -> byField(regulator, volts, said.answer(Topic.FIELD_ANSWERS));
            case SEPARATE -> byGenerator(regulator, said.answer(Topic.GENERATOR_GOOD));
        };
    }

    private static AlternatorName named(String name, StandingReason adds) {
        return new AlternatorName(name, Optional.of(adds.with()));
    }

    private static AlternatorName byField(Regulator regulator, boolean volts, Optional<Answer> answers) {
        if (answers.isEmpty()) {
            String other = regulator == Regulator.BOX ? "regulator box" : "field command";
            return named(MACHINE + " or its " + other, StandingReason.COMMAND_IT);
        }
        if (answers.get() == Answer.YES) {
            return named(regulator.words(), StandingReason.ANSWERS_COMMAND);
        }
        return named(MACHINE, volts ? StandingReason.DOES_NOT_FOLLOW : StandingReason.DOES_NOT_ANSWER);
    }

    private static AlternatorName byGenerator(Regulator regulator, Optional<Answer> good) {
        if (good.isEmpty()) {
            return named("rectifier-regulator or generator", StandingReason.PHASES_TELL);
        }
        return good.get() == Answer.YES
                ? named(regulator.words(), StandingReason.GENERATOR_DELIVERS)
                : named("generator", StandingReason.PHASES_DIFFER);
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
        return volts > Marks.MOSTLY * all;
    }
}
