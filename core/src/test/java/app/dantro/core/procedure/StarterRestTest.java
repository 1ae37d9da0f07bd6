package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Fifteen seconds in all, then two minutes of rest (docs/job.md, cautions). */
class StarterRestTest {
    private final List<Statement> said = new ArrayList<>();

    private void crank(long fromSeconds, long toSeconds) {
        state("START", fromSeconds);
        state("STOP", toSeconds);
    }

    private void state(String value, long seconds) {
        said.add(new Statement(UUID.randomUUID(), Topic.CRANK, value, "", seconds * 1000));
    }

    private long untilSeconds() {
        return StarterRest.untilMillis(Statements.of(said)).orElse(0) / 1000;
    }

    @Test
    void threeCranksOfFiveSecondsInAllMakeItRest() {
        crank(0, 5);
        crank(20, 25);
        assertThat(untilSeconds()).isZero();
        crank(40, 45);
        assertThat(untilSeconds()).isEqualTo(45 + 120);
    }

    @Test
    void whatCooledInBetweenStartsAnew() {
        crank(0, 10);
        crank(130, 140);
        assertThat(untilSeconds()).isZero();
    }

    @Test
    void oneLongCrankMakesItRestAndAStartNobodyEndedDoesNot() {
        crank(0, 15);
        assertThat(untilSeconds()).isEqualTo(135);
        said.clear();
        state("START", 0);
        assertThat(untilSeconds()).isZero();
    }
}
