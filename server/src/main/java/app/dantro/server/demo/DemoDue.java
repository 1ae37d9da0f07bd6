package app.dantro.server.demo;

import app.dantro.server.store.DueItem;
import app.dantro.server.store.DueItem.Kind;
import app.dantro.server.store.DueStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What the demo's workshop has planned. */
@Component
@ConditionalOnProperty("dantro.demo")
final class DemoDue {
    private final DueStore due;
    private final Clock clock;

    DemoDue(DueStore due, Clock clock) {
        this.due = due;
        this.clock = clock;
    }

    /** @param days from today; negative for what was forgotten @param odometer in km; 0 if only the day counts */
    void plan(Optional<UUID> vehicle, String words, int days, int odometer) {
        due.say(new DueItem(
                DemoHands.id(words),
                vehicle,
                vehicle.isPresent() ? Kind.RECHECK : Kind.RUN_SHEET,
                words,
                LocalDate.now(clock).plusDays(days),
                odometer > 0 ? OptionalInt.of(odometer) : OptionalInt.empty(),
                DemoHands.BY,
                clock.millis()));
    }
}
