package app.dantro.server.seat;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.procedure.SeatOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** The life of an order, on a clock that only these tests move. */
class SeatLineTest {
    private static final UUID PHONE = new UUID(1, 1);
    private static final UUID ORDER = new UUID(2, 2);

    private final List<String> cranks = new ArrayList<>();
    private final SeatLine line = new SeatLine(new SeatLine.CrankLog() {
        @Override
        public void began(long atMs) {
            cranks.add("began " + atMs);
        }

        @Override
        public void ended(long atMs) {
            cranks.add("ended " + atMs);
        }
    });

    private void heardUntil(long nowMs) {
        for (long at = 0; at <= nowMs; at += 1000) {
            line.here(PHONE, at);
        }
    }

    private SeatOrder shownAt(long nowMs) {
        line.settle(nowMs);
        return line.order().map(SeatLine.Order::kind).orElse(SeatOrder.STOP);
    }

    @Test
    void nobodyThereNoOrder() {
        assertThat(line.issue(ORDER, SeatOrder.CRANK, 5, 0)).isFalse();
        assertThat(line.issue(ORDER, SeatOrder.STOP, 0, 0)).isTrue();
    }

    @Test
    void aCrankLapsesAfterTenSecondsWithoutAnAnswer() {
        line.join(PHONE, 0);
        line.issue(ORDER, SeatOrder.CRANK, 5, 0);
        heardUntil(9_000);
        assertThat(shownAt(9_999)).isEqualTo(SeatOrder.CRANK);
        assertThat(shownAt(10_000)).isEqualTo(SeatOrder.STOP);
        assertThat(line.why()).isEqualTo(SeatLine.Why.LAPSED);
        assertThat(line.acknowledge(ORDER, 10_001)).isFalse();
        assertThat(cranks).isEmpty();
    }

    @Test
    void anAnsweredCrankEndsByItselfAndGoesOnRecord() {
        line.join(PHONE, 0);
        line.issue(ORDER, SeatOrder.CRANK, 5, 0);
        line.here(PHONE, 1_000);
        assertThat(line.acknowledge(ORDER, 2_000)).isTrue();
        assertThat(line.acknowledge(ORDER, 2_500)).as("answered twice").isTrue();
        for (long at = 3_000; at <= 6_000; at += 1000) {
            line.here(PHONE, at);
        }
        assertThat(shownAt(6_999)).isEqualTo(SeatOrder.CRANK);
        assertThat(shownAt(7_000)).isEqualTo(SeatOrder.STOP);
        assertThat(line.why()).isEqualTo(SeatLine.Why.TIME_UP);
        assertThat(cranks).containsExactly("began 2000", "ended 7000");
    }

    @Test
    void aSeatThatIsNotHeardForTwoAndAHalfSecondsStopsTheCrank() {
        line.join(PHONE, 0);
        line.issue(ORDER, SeatOrder.CRANK, 15, 0);
        line.acknowledge(ORDER, 100);
        assertThat(shownAt(2_500)).isEqualTo(SeatOrder.CRANK);
        assertThat(shownAt(2_501)).isEqualTo(SeatOrder.STOP);
        assertThat(line.joined()).isFalse();
        assertThat(line.why()).isEqualTo(SeatLine.Why.LOST);
        assertThat(cranks).containsExactly("began 100", "ended 2501");
    }

    @Test
    void whoJoinsOrComesBackBeginsAtStop() {
        line.join(PHONE, 0);
        line.issue(ORDER, SeatOrder.HOLD, 0, 100);
        line.join(new UUID(1, 2), 200);
        assertThat(shownAt(300)).isEqualTo(SeatOrder.STOP);

        line.issue(ORDER, SeatOrder.HOLD, 0, 400);
        line.here(PHONE, 4_000);
        assertThat(shownAt(4_000)).isEqualTo(SeatOrder.STOP);
        assertThat(line.joined()).isTrue();
    }

    @Test
    void theNewestOrderReplacesTheOneBefore() {
        line.join(PHONE, 0);
        line.issue(ORDER, SeatOrder.CRANK, 5, 0);
        line.acknowledge(ORDER, 10);
        line.issue(new UUID(2, 3), SeatOrder.STOP, 0, 500);
        assertThat(shownAt(500)).isEqualTo(SeatOrder.STOP);
        assertThat(cranks).containsExactly("began 10", "ended 500");

        line.issue(new UUID(2, 4), SeatOrder.LIGHTS, 0, 600);
        assertThat(line.acknowledge(ORDER, 700)).as("an answer to an old order").isFalse();
        line.letGo(800);
        assertThat(shownAt(800)).isEqualTo(SeatOrder.STOP);
    }

    @Test
    void theSameSendTwiceIsOneOrder() {
        line.join(PHONE, 0);
        line.issue(ORDER, SeatOrder.CRANK, 5, 0);
        line.acknowledge(ORDER, 10);
        line.issue(ORDER, SeatOrder.CRANK, 5, 20);
        assertThat(line.order().orElseThrow().startedAtMs()).contains(10L);
    }
}
