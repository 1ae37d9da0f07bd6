package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.reading.Current;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** No step contradicts a caution of its own card. */
class SafetyFirstTest extends SaidCases {
    @ParameterizedTest
    @EnumSource(
            value = Topic.class,
            names = {"BATTERY_LIFTED", "OUTPUT_LIFTED", "FUSE_PULLED", "ENGINE_DISABLED"})
    void nothingRunsWhileSomethingIsUndone(Topic undone) {
        Assessment lifted = charging("12.6", said(undone, "OPEN"));
        assertThat(lifted.next().kind()).isEqualTo(Step.Kind.RESTORE);
        assertThat(lifted.next().toSee()).extracting(Step.ToSee::topic).containsExactly(undone);
        assertThat(lifted.standby()).noneMatch(p -> p.condition().running());

        Assessment back = charging("12.6", said(undone, "OPEN"), said(undone, "CLOSED"));
        assertThat(back.next().probe().orElseThrow().condition().running()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(
            value = Topic.class,
            names = {"BATTERY_LIFTED", "OUTPUT_LIFTED", "FUSE_PULLED", "PILE_ON"})
    void nothingCranksWhileSomethingIsLiftedOrUnderAPile(Topic undone) {
        assertThat(assess(List.of(base("12.6")), said(undone, "OPEN")).next().kind())
                .isEqualTo(Step.Kind.RESTORE);
    }

    @Test
    void anEngineThatOverchargesIsStoppedNotRevved() {
        for (String typed : List.of("16.3", "17.2")) {
            Assessment high = order.assess(
                    Loop.CHARGING,
                    evidence(List.of(
                            base("12.6"), of("post-plus", "post-minus", Condition.IDLE, typed, Current.unknown()))),
                    PREPARED);
            boolean runs =
                    high.next().probe().filter(p -> p.condition().running()).isPresent();
            assertThat(runs).as(typed).isFalse();
            assertThat(high.standby()).noneMatch(p -> p.condition().running());
        }
    }

    private Assessment charging(String base, Statement... said) {
        return order.assess(Loop.CHARGING, evidence(List.of(base(base)), said), PREPARED);
    }
}
