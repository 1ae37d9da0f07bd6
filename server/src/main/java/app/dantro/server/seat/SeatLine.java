package app.dantro.server.seat;

import app.dantro.core.procedure.SeatOrder;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * The line between the wing and the seat of one case. Whatever is unsure is STOP: a screen that joins or comes back, an
 * order that nobody answered in time, a seat that was not heard for 2.5 s. All times in milliseconds of a clock that only passes.
 */
final class SeatLine {
    /** A seat that was not heard for longer is lost. */
    static final long LOST_MILLIS = 2_500;

    /**
     * An order.
     *
     * @param seconds length of a crank; 0 where only a new order ends it
     * @param startedAtMs when the seat answered; empty while it waits
     */
    record Order(UUID id, SeatOrder kind, int seconds, long issuedAtMs, Optional<Long> startedAtMs) {
        long expiresAtMs() {
            return issuedAtMs + kind.lapseMillis();
        }

        /** When a started order ends by itself. */
        Optional<Long> endsAtMs() {
            return startedAtMs.filter(at -> seconds > 0).map(at -> at + seconds * 1000L);
        }

        boolean cranking() {
            return kind == SeatOrder.CRANK && startedAtMs.isPresent();
        }
    }

    /** Why nothing is asked of the seat. */
    enum Why {
        NOTHING_ASKED("Nothing is asked."),
        STOPPED("The wing says stop."),
        TIME_UP("The time is up."),
        LAPSED("The order was not answered in time."),
        JOINED("A seat joined. Orders begin anew."),
        LOST("The seat was not heard.");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** Told when the starter begins and ends to turn. */
    interface CrankLog {
        void began(long atMs);

        void ended(long atMs);
    }

    private final CrankLog log;
    private final Map<UUID, Long> heardAtMs = new HashMap<>();
    private Optional<Order> order = Optional.empty();
    private Why why = Why.NOTHING_ASKED;

    SeatLine(CrankLog log) {
        this.log = log;
    }

    /** A seat's screen opened its stream. */
    void join(UUID screen, long nowMs) {
        settle(nowMs);
        heardAtMs.put(screen, nowMs);
        stop(Why.JOINED, nowMs);
    }

    /** A seat's screen said that it is there; one that was lost meanwhile begins anew. */
    void here(UUID screen, long nowMs) {
        settle(nowMs);
        if (heardAtMs.put(screen, nowMs) == null) {
            stop(Why.JOINED, nowMs);
        }
    }

    boolean joined() {
        return !heardAtMs.isEmpty();
    }

    /** The newest order, if it still counts. */
    Optional<Order> order() {
        return order;
    }

    Why why() {
        return why;
    }

    /**
     * A new order in place of the one before.
     *
     * @return false if nobody sits there to follow it
     */
    boolean issue(UUID id, SeatOrder kind, int seconds, long nowMs) {
        settle(nowMs);
        if (kind == SeatOrder.STOP) {
            stop(Why.STOPPED, nowMs);
            return true;
        }
        if (!joined()) {
            return false;
        }
        if (order.filter(o -> o.id().equals(id)).isEmpty()) {
            stop(Why.STOPPED, nowMs);
            order = Optional.of(new Order(id, kind, seconds, nowMs, Optional.empty()));
        }
        return true;
    }

    /**
     * The seat does what it was told.
     *
     * @return false if that order counts no more
     */
    boolean acknowledge(UUID id, long nowMs) {
        settle(nowMs);
        Optional<Order> meant = order.filter(o -> o.id().equals(id));
        if (meant.isPresent() && meant.get().startedAtMs().isEmpty()) {
            Order o = meant.get();
            order = Optional.of(new Order(o.id(), o.kind(), o.seconds(), o.issuedAtMs(), Optional.of(nowMs)));
            if (o.kind() == SeatOrder.CRANK) {
                log.began(nowMs);
            }
        }
        return meant.isPresent();
    }

    /** The seat itself lets go. */
    void letGo(long nowMs) {
        settle(nowMs);
        stop(Why.STOPPED, nowMs);
    }

    /** Ends what has outlived its time. */
    void settle(long nowMs) {
        boolean wasJoined = joined();
        heardAtMs.values().removeIf(at -> nowMs - at > LOST_MILLIS);
        if (wasJoined && !joined()) {
            stop(Why.LOST, nowMs);
        }
        Optional<Order> current = order;
        if (current.isEmpty()) {
            return;
        }
        Order o = current.get();
        if (o.startedAtMs().isEmpty() && nowMs >= o.expiresAtMs()) {
            stop(Why.LAPSED, nowMs);
        } else if (o.endsAtMs().filter(end -> nowMs >= end).isPresent()) {
            stop(Why.TIME_UP, nowMs);
        }
    }

    private void stop(Why reason, long nowMs) {
        boolean turning = order.filter(Order::cranking).isPresent();
        order = Optional.empty();
        why = reason;
        if (turning) {
            log.ended(nowMs);
        }
    }
}
