package app.dantro.server.seat;

import app.dantro.core.procedure.SeatOrder;
import java.util.Optional;
import java.util.UUID;

/**
 * What seat and wing both show; said once a second.
 *
 * @param nowMs a clock of the server that only passes, on which every other time here runs
 * @param joined whether a seat is heard
 * @param running whether the seat answered the order
 * @param untilMs when the order lapses, or ends by itself once it runs
 * @param why in words, while nothing is asked
 * @param reading the newest reading of the case, as it is shown
 */
record SeatView(
        long nowMs,
        boolean joined,
        SeatOrder order,
        String headline,
        String words,
        Optional<UUID> orderId,
        boolean running,
        Optional<Long> untilMs,
        String why,
        String vehicle,
        String reading) {

    static SeatView of(SeatLine line, long nowMs, String vehicle, String reading) {
        SeatOrder kind = line.order().map(SeatLine.Order::kind).orElse(SeatOrder.STOP);
        boolean running = line.order().filter(o -> o.startedAtMs().isPresent()).isPresent();
        return new SeatView(
                nowMs,
                line.joined(),
                kind,
                kind.headline(),
                kind.words(),
                line.order().map(SeatLine.Order::id),
                running,
                line.order().flatMap(o -> running ? o.endsAtMs() : Optional.of(o.expiresAtMs())),
                line.order().isPresent() ? "" : line.why().words(),
                vehicle,
                reading);
    }
}
