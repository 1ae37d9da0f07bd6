package app.dantro.core.fact;

import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.LoopClosure;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Finds sums around a loop that do not close, and stretches that fail though every part in them is certified. */
final class Contradictions {
    private final SeriesLoop loop;
    private final List<Contradiction> found = new ArrayList<>();

    private Contradictions(SeriesLoop loop) {
        this.loop = loop;
    }

    static List<Contradiction> of(SeriesLoop loop, Readings counted, List<DropVerdict> verdicts) {
        Contradictions all = new Contradictions(loop);
        for (int i = counted.size() - 1; i >= 0; i--) {
            all.unclosed(counted.all().get(i), counted.all().subList(0, i));
        }
        verdicts.stream()
                .filter(DropVerdict::condemns)
                .filter(v -> v.stretch().parts().stream().allMatch(p -> Facts.certified(verdicts, p.id())))
                .forEach(all::failsThoughGood);
        return all.found;
    }

    private void unclosed(Reading reading, List<Reading> before) {
        Optional<LoopClosure.Sum> sum =
                reading.condition().starterCalled() ? LoopClosure.around(reading, before) : Optional.empty();
        sum.filter(s -> s.contradicts(reading.volts())).ifPresent(s -> {
            Set<UUID> ids = new HashSet<>(Set.of(reading.id()));
            s.others().forEach(r -> ids.add(r.id()));
            found.add(new Contradiction(
                    FactReason.LOOP_NOT_CLOSED.with(
                            name(reading.red()),
                            name(reading.black()),
                            Quantity.volts(reading.volts(), reading.resolutionVolts()),
                            Quantity.volts(s.volts())),
                    ids));
        });
    }

    private void failsThoughGood(DropVerdict verdict) {
        found.add(new Contradiction(
                FactReason.FAILS_THOUGH_GOOD.with(
                        name(verdict.reading().red()), name(verdict.reading().black())),
                Set.of()));
    }

    private Quantity name(PointId point) {
        return Quantity.named(loop.point(point).orElseThrow().name());
    }
}
