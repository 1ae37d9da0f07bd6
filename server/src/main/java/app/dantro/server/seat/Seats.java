package app.dantro.server.seat;

import app.dantro.core.procedure.CrankTime;
import app.dantro.core.procedure.SeatOrder;
import app.dantro.core.procedure.StarterRest;
import app.dantro.core.quantity.Amount;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.server.event.Events;
import app.dantro.server.job.Cases;
import app.dantro.server.live.CaseEvents;
import app.dantro.server.live.DeviceBarred;
import app.dantro.server.live.OpenStreams;
import app.dantro.server.live.Screen;
import app.dantro.server.live.Tellers;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredStatement;
import app.dantro.server.time.SteadyClock;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The seats of all cases: their lines, their streams, and the cranks they make, on the server's clock. */
@Service
class Seats {
    private static final String BY = "Seat";

    private final Cases files;
    private final Events events;
    private final CaseEvents screens;
    private final Tellers tellers;
    private final Clock wall;
    private final SteadyClock clock;
    private final OpenStreams open = new OpenStreams();
    private final Map<UUID, Seat> seats = new ConcurrentHashMap<>();

    Seats(Cases files, Events events, CaseEvents screens, Tellers tellers, Clock wall, SteadyClock clock) {
        this.files = files;
        this.events = events;
        this.screens = screens;
        this.tellers = tellers;
        this.wall = wall;
        this.clock = clock;
    }

    /** The seat of one case; its monitor guards the line. */
    private static final class Seat {
        final SeatLine line;
        final Map<UUID, Screen> streams = new ConcurrentHashMap<>();
        final String vehicle;
        volatile String reading;

        Seat(SeatLine line, StoredCase file) {
            this.line = line;
            this.vehicle = file.record().vehicle();
            this.reading = newest(file);
        }

        static String newest(StoredCase file) {
            List<String> shown = file.readings().stream()
                    .filter(r -> !file.isStruck(r.reading().id()))
                    .map(r -> Amount.volts(r.reading().volts(), r.reading().resolutionVolts()))
                    .toList();
            return shown.isEmpty() ? "" : shown.get(shown.size() - 1);
        }
    }

    SseEmitter open(UUID caseId, UUID id, String device) {
        SseEmitter stream = new SseEmitter(0L);
        add(caseId, id, device, stream);
        return stream;
    }

    void add(UUID caseId, UUID id, String device, SseEmitter stream) {
        Seat seat = seat(caseId);
        AtomicReference<Screen> self = new AtomicReference<>();
        Runnable gone = () -> {
            seat.streams.remove(id, self.get());
            open.closed(device, self.get());
        };
        Screen screen = new Screen(stream, tellers, gone);
        self.set(screen);
        stream.onCompletion(gone);
        stream.onError(e -> gone.run());
        synchronized (seat) {
            seat.line.join(id, clock.millis());
        }
        Optional.ofNullable(seat.streams.put(id, screen)).ifPresent(Screen::end);
        open.opened(device, screen);
        tell(caseId, seat);
    }

    SeatView here(UUID caseId, UUID screen) {
        Seat seat = seat(caseId);
        synchronized (seat) {
            seat.line.here(screen, clock.millis());
            return view(seat);
        }
    }

    /** @throws ProblemException 409 if nobody is in the seat, or the starter has to cool before it turns again */
    SeatView issue(UUID caseId, UUID orderId, SeatOrder kind, int seconds) {
        Seat seat = seat(caseId);
        if (kind == SeatOrder.CRANK) {
            cooled(caseId);
        }
        synchronized (seat) {
            if (!seat.line.issue(orderId, kind, seconds, clock.millis())) {
                throw ProblemException.conflict(
                        "Nobody is in the seat: let a phone join by its code, or call out and time the crank here.");
            }
        }
        return tell(caseId, seat);
    }

    private void cooled(UUID caseId) {
        OptionalLong until =
                StarterRest.untilMillis(files.load(caseId).evidence().statements());
        long left = until.orElse(0) - wall.millis();
        if (left > 0) {
            throw ProblemException.conflict("The starter was turned %d s and cools: no crank for %d s more."
                    .formatted(CrankTime.MOST_SECONDS, (left + 999) / 1000));
        }
    }

    /** @throws ProblemException 409 if the order counts no more */
    SeatView acknowledge(UUID caseId, UUID orderId) {
        Seat seat = seat(caseId);
        boolean counts;
        synchronized (seat) {
            counts = seat.line.acknowledge(orderId, clock.millis());
        }
        SeatView view = tell(caseId, seat);
        if (!counts) {
            throw ProblemException.conflict("This order counts no more. Wait for a new one.");
        }
        return view;
    }

    SeatView letGo(UUID caseId) {
        Seat seat = seat(caseId);
        synchronized (seat) {
            seat.line.letGo(clock.millis());
        }
        return tell(caseId, seat);
    }

    SeatView view(UUID caseId) {
        Seat seat = seat(caseId);
        synchronized (seat) {
            return view(seat);
        }
    }

    /** Ends what has outlived its time and tells everyone; called each second. */
    void beat() {
        seats.forEach((caseId, seat) -> {
            if (!seat.streams.isEmpty() || screens.watched(caseId)) {
                tell(caseId, seat);
            } else {
                synchronized (seat) {
                    seat.line.settle(clock.millis());
                }
            }
        });
    }

    @EventListener
    void changed(CaseEvents.CaseChanged change) {
        Seat seat = seats.get(change.caseId());
        if (seat != null) {
            seat.reading = Seat.newest(files.load(change.caseId()));
        }
    }

    /** Ends every stream; seats that may still join open them anew. */
    @EventListener({ContextClosedEvent.class, DeviceBarred.class})
    void endAll() {
        seats.values().forEach(seat -> seat.streams.values().forEach(Screen::end));
    }

    private Seat seat(UUID caseId) {
        Seat known = seats.get(caseId);
        return known != null
                ? known
                : seats.computeIfAbsent(caseId, id -> new Seat(new SeatLine(logOf(id)), files.load(id)));
    }

    private SeatView view(Seat seat) {
        long now = clock.millis();
        seat.line.settle(now);
        return SeatView.of(seat.line, now, seat.vehicle, seat.reading);
    }

    private SeatView tell(UUID caseId, Seat seat) {
        SeatView view = view(caseId);
        seat.streams.values().forEach(screen -> screen.tell("beat", view));
        screens.tell(caseId, "seat", view);
        return view;
    }

    /** Cranks go on record, so that the crank timer counts on every screen of the case. */
    private SeatLine.CrankLog logOf(UUID caseId) {
        return new SeatLine.CrankLog() {
            @Override
            public void began(long atMs) {
                record("START");
            }

            @Override
            public void ended(long atMs) {
                record("STOP");
            }

            private void record(String value) {
                Statement said = new Statement(UUID.randomUUID(), Topic.CRANK, value, "", wall.millis());
                events.record(new StoredStatement(caseId, said, BY));
            }
        };
    }
}
