package app.dantro.core.starting;

import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.fact.Facts;
import app.dantro.core.reading.Reading;
import java.util.List;
import java.util.stream.Stream;

/** Whether contacts that read open were told to close: nobody pulls them in without volts at the trigger (docs/job.md, test 11). */
final class PulledIn {
    private PulledIn() {}

    /** True if the contacts lost too little to be open, or the trigger had what pulls any solenoid in. */
    static boolean orClosed(Facts facts, DropVerdict across) {
        int blocks = facts.loop().blocks();
        if (Math.abs(across.volts()) < Marks.OPEN_CONTACTS_VOLTS * blocks) {
            return true;
        }
        return solenoids(facts)
                .flatMap(s -> held(
                        facts,
                        s.trigger(),
                        List.of(s.ground(), facts.record().circuit().minusPost())))
                .anyMatch(r -> Math.abs(r.volts()) >= Marks.PULLS_IN_VOLTS * blocks);
    }

    private static Stream<Solenoid> solenoids(Facts facts) {
        return facts.record().circuit().devices().stream()
                .filter(Solenoid.class::isInstance)
                .map(Solenoid.class::cast);
    }

    private static Stream<Reading> held(Facts facts, PointId trigger, List<PointId> grounds) {
        return grounds.stream()
                .flatMap(g -> facts.record().counted().across(trigger, g).stream())
                .filter(r -> r.condition().starterCalled());
    }
}
