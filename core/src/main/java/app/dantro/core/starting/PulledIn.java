package app.dantro.core.starting;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.fact.Facts;
import java.util.List;

/** Whether contacts that read open were told to close: nobody pulls them in without volts at the trigger (docs/job.md, test 11). */
public final class PulledIn {
    /** Contacts that lose so much while the key is held are open, in V a block. */
    public static final double OPEN_VOLTS = 4;

    /** With so much at its trigger terminal any solenoid pulls in, in V a block. */
    public static final double TRIGGER_VOLTS = 10;

    /** Where the case stands this high over the − post, the trigger's volts are those over its own case, in V a block. */
    public static final double CASE_LIFTED_VOLTS = 1;

    private PulledIn() {}

    /**
     * Where the black lead may be when the trigger is read.
     *
     * @param lifted whether the way back was read to lose much: then only the solenoid's own ground will do
     */
    public static List<PointId> grounds(Circuit circuit, Solenoid solenoid, boolean lifted) {
        return lifted ? List.of(solenoid.ground()) : List.of(solenoid.ground(), circuit.minusPost());
    }

    /** True if the contacts lost too little to be open, or the trigger had what pulls any solenoid in. */
    static boolean orClosed(Facts facts, DropVerdict across) {
        Circuit circuit = facts.record().circuit();
        if (Math.abs(across.volts()) < OPEN_VOLTS * circuit.blocks()) {
            return true;
        }
        return circuit.solenoid().stream()
                .flatMap(s -> grounds(circuit, s, lifted(facts, s)).stream()
                        .flatMap(g -> facts.record().counted().across(s.trigger(), g).stream()))
                .filter(r -> r.condition().starterCalled())
                .anyMatch(r -> Math.abs(r.volts()) >= TRIGGER_VOLTS * circuit.blocks());
    }

    private static boolean lifted(Facts facts, Solenoid solenoid) {
        Circuit circuit = facts.record().circuit();
        return facts.record().counted().across(solenoid.ground(), circuit.minusPost()).stream()
                .filter(r -> r.condition().loadsStarterCables())
                .anyMatch(r -> Math.abs(r.volts()) >= CASE_LIFTED_VOLTS * circuit.blocks());
    }
}
