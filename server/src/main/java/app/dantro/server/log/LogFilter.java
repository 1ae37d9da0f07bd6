package app.dantro.server.log;

import app.dantro.core.procedure.Stage;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Which cases the log shows, by how far they came. */
enum LogFilter {
    ALL,
    IN_WORK,
    RETEST(Stage.RETEST),
    VERIFIED(Stage.VERIFIED),
    GOOD(Stage.GOOD),
    NOT_VERIFIED(Stage.CLOSED),
    OTHERWISE(Stage.NOT_REPRODUCED, Stage.CHARGED, Stage.HANDED_ON, Stage.DECLINED),
    ASIDE;

    private final List<String> stages;

    LogFilter(Stage... stages) {
        this.stages = Stream.of(stages).map(Stage::name).toList();
    }

    List<String> stages() {
        return stages;
    }

    Optional<Boolean> inWork() {
        return this == IN_WORK || this == RETEST ? Optional.of(true) : Optional.empty();
    }

    Optional<Boolean> setAside() {
        return this == ALL ? Optional.empty() : Optional.of(this == ASIDE);
    }
}
