package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.core.circuit.Loop;
import app.dantro.core.ending.Ending;
import app.dantro.core.ending.SafeToDrive;
import app.dantro.core.finding.Standing;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** No case closes while something is undone, and none is stuck. */
class ClosingTest extends SaidCases {
    @Test
    void ofTwoStatementsOnOneTopicTheLaterRecordedOneCounts() {
        Assessment changed = assess(dragging, said(Topic.ENGINE_TURNS, "FREELY"), said(Topic.ENGINE_TURNS, "HARD"));
        assertThat(changed.findings().standing(STARTER)).isEqualTo(Standing.NOT_PROVEN);
    }

    @Test
    void noCaseClosesWhileTheEngineIsStillDisabled() {
        CaseRecord closing = new CaseRecord(
                CAR,
                CaseRecord.of(CAR, 20, List.of(), List.of(), List.of()).loop(),
                20,
                Stream.of(
                                base("12.59"),
                                cranking("post-plus", "post-minus", "11.41", 160),
                                cranking("starter-case", "post-minus", "0.15", 160),
                                cranking("post-plus", "motor-stud", "0.30", 160))
                        .map(RecordedReading::of)
                        .toList(),
                List.of(),
                List.of(new ComplaintTest(new UUID(4, 4), true, "", Long.MAX_VALUE)),
                Statements.none());
        assertThat(order.assess(Loop.STARTING, closing).stage()).isEqualTo(Stage.VERIFIED);

        CaseRecord disabled = closing.with(Statements.of(List.of(said(Topic.ENGINE_DISABLED, "OPEN"))));
        Assessment held = order.assess(Loop.STARTING, disabled);
        assertThat(held.stage()).isEqualTo(Stage.RETEST);
        assertThat(held.next().kind()).isEqualTo(Step.Kind.RESTORE);
        assertThat(held.next().toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.ENGINE_DISABLED);

        CaseRecord restored = closing.with(
                Statements.of(List.of(said(Topic.ENGINE_DISABLED, "OPEN"), said(Topic.ENGINE_DISABLED, "CLOSED"))));
        Assessment verified = order.assess(Loop.STARTING, restored);
        assertThat(verified.stage()).isEqualTo(Stage.VERIFIED);
        assertThat(verified.next().ending().orElseThrow().safe()).isEqualTo(SafeToDrive.YES);
    }

    @Test
    void aCaseMayBeClosedUnverifiedWithItsReasonUntilSomethingNewIsRead() {
        Statement closed =
                new Statement(UUID.randomUUID(), Topic.CLOSED_UNVERIFIED, "owner took it", "", Long.MAX_VALUE);
        Assessment ended = rules(dragging, closed);
        assertThat(ended.stage()).isEqualTo(Stage.CLOSED);
        assertThat(ended.next().kind()).isEqualTo(Step.Kind.DONE);
        assertThat(ended.next().why()).contains("owner took it").contains("not passed");
        Ending said = ended.next().ending().orElseThrow();
        assertThat(said.customer().words()).contains("cannot say that it is put right");
        assertThat(said.safe()).isEqualTo(SafeToDrive.NOT_JUDGED);

        assertThat(rules(dragging, closed, said(Topic.BATTERY_LIFTED, "OPEN"))
                        .next()
                        .kind())
                .isEqualTo(Step.Kind.RESTORE);
        Statement before = new Statement(UUID.randomUUID(), Topic.CLOSED_UNVERIFIED, "owner took it", "", -1);
        assertThat(rules(dragging, before).stage()).isNotEqualTo(Stage.CLOSED);
    }

    @Test
    void aValueThatIsNoneOfTheChoicesIsRefusedWithThem() {
        assertThatThrownBy(() -> said(Topic.SYMPTOM, "BROKEN"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("NOTHING, CLICK")
                .hasMessageContaining("(BROKEN)");
    }
}
