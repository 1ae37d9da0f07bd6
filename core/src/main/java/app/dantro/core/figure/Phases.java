package app.dantro.core.figure;

import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;

/** A separate generator's AC, phase to phase and to its frame (docs/job.md, test 25). */
final class Phases {
    private static final List<Topic> PAIRS = List.of(Topic.PHASE_ONE, Topic.PHASE_TWO, Topic.PHASE_THREE);
    private static final List<Topic> TOPICS =
            List.of(Topic.PHASE_ONE, Topic.PHASE_TWO, Topic.PHASE_THREE, Topic.PHASE_FRAME);

    private Phases() {}

    static Optional<FigureVerdict> judged(Stated stated) {
        List<Double> volts =
                PAIRS.stream().flatMap(t -> stated.figure(t).stream()).toList();
        Optional<Double> frame = stated.figure(Topic.PHASE_FRAME);
        boolean all = volts.size() == PAIRS.size();
        if (!all && frame.isEmpty()) {
            return Optional.empty();
        }
        if (frame.filter(v -> v > Marks.ASSUMED_FRAME_VOLTS).isPresent()) {
            return Optional.of(verdict(stated, Sign.FAILS, FigureReason.PHASE_TO_FRAME));
        }
        if (!all) {
            return Optional.of(verdict(stated, Sign.SAYS_LITTLE, FigureReason.MEASURE_ALL_PAIRS));
        }
        double least = volts.stream().mapToDouble(v -> v).min().orElseThrow();
        double most = volts.stream().mapToDouble(v -> v).max().orElseThrow();
        boolean equal = most - least <= Marks.EQUAL_SHARE * most && most > 0;
        return Optional.of(
                equal
                        ? verdict(stated, Sign.GOOD, FigureReason.PHASES_EQUAL)
                        : verdict(stated, Sign.FAILS, FigureReason.PHASES_DIFFER));
    }

    private static FigureVerdict verdict(Stated stated, Sign sign, FigureReason because) {
        return new FigureVerdict(TOPICS, FigureName.GENERATOR.with(), stated.shown(TOPICS, ", "), sign, because.with());
    }
}
