package app.dantro.server.due;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Method;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What is due as a calendar (RFC 5545): a whole day each, with nothing that a calendar would send on. */
final class DueCalendar {
    private DueCalendar() {}

    static String of(List<DueView> all) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Dantro//Due//EN");
        calendar.setMethod(Method.publish());
        all.forEach(due -> calendar.addEvent(event(due)));
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(DueView due) {
        VEvent event = new VEvent();
        event.setUid(due.id().orElseGet(() -> foretold(due)) + "@dantro");
        event.setDateStart(
                Date.from(due.day().atStartOfDay(ZoneId.systemDefault()).toInstant()), false);
        event.setSummary(Stream.of(
                        due.vehicle()
                                .map(v -> (v.name() + " " + v.plate()).strip())
                                .orElse(due.kindWords()),
                        due.words())
                .collect(Collectors.joining(": ")));
        if (!due.odometer().isEmpty()) {
            event.setDescription(due.odometer());
        }
        return event;
    }

    /** The same for the same thing, so that a calendar that reads the list again moves it. */
    private static UUID foretold(DueView due) {
        String what = due.kind() + due.vehicle().map(v -> v.id().toString()).orElse("") + due.words();
        return UUID.nameUUIDFromBytes(what.getBytes(StandardCharsets.UTF_8));
    }
}
