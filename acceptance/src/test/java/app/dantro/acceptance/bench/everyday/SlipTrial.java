package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Condition;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.slip.Slip;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;

/** A reading as somebody could have mistyped it, beside the one that was taken: is it asked about, and does it matter? */
final class SlipTrial {
    private static final double RIGHT_SHARE = 0.02;

    private SlipTrial() {}

    /** Ways to slip (docs/job.md, slips). */
    enum Way {
        TEN_TIMES,
        A_TENTH,
        A_THOUSANDTH,
        MILLIVOLTS_AS_VOLTS,
        SIGN
    }

    /**
     * What came of one.
     *
     * @param matters it would change a standing, the headline or the next step
     * @param asked at entry
     * @param named an answer offers the value that was meant
     * @param later what became of one that matters and was not asked about at entry
     */
    record Tried(
            Way way,
            Condition condition,
            boolean matters,
            boolean asked,
            boolean named,
            Optional<Aftermath.Came> later,
            String line) {
        /** Asked about at entry, or before a verdict carried it. */
        boolean inTime() {
            return asked || later.filter(Aftermath.Came.ASKED::equals).isPresent();
        }
    }

    /** Tries one slip on the newest reading; nothing of it stays in the case. */
    static Optional<Tried> on(Technician technician, Random dice, Function<CaseRecord, Assessment> assess) {
        CaseRecord now = technician.record();
        List<RecordedReading> all = new ArrayList<>(now.readings());
        RecordedReading newest = all.remove(all.size() - 1);
        Reading right = newest.reading();
        Way way = Way.values()[dice.nextInt(Way.values().length)];
        Optional<String> text = Mistyped.text(way, right, now.writesSigns());
        if (text.isEmpty() || newest.slip().isPresent()) {
            return Optional.empty();
        }
        CaseRecord before = with(now, all);
        Reading slipped = Mistyped.as(right, text.get());
        Optional<Slip> asked = before.asked(slipped);
        boolean named = asked.stream()
                .flatMap(s -> s.choices().stream())
                .flatMap(c -> c.volts().stream())
                .findFirst()
                .filter(v -> Math.abs(v - right.volts()) <= RIGHT_SHARE * Math.abs(right.volts()) + 1e-6)
                .isPresent();
        RecordedReading instead = new RecordedReading(slipped, Optional.empty(), Optional.empty(), false);
        all.add(instead);
        boolean matters = !said(assess.apply(with(now, all))).equals(said(assess.apply(now)));
        Optional<Aftermath.Came> later = matters && asked.isEmpty()
                ? Optional.of(new Aftermath(technician.mistyping(instead), slipped, assess).follow())
                : Optional.empty();
        String line = "SLIP %s %s>%s %s meant %s typed %s: %s %s %s"
                .formatted(
                        way,
                        right.red(),
                        right.black(),
                        right.condition(),
                        right.typed().text(),
                        text.get(),
                        matters ? "matters" : "harmless",
                        asked.map(s -> s.kind() + (named ? " named" : " other")).orElse("NOT ASKED"),
                        later.map(Enum::name).orElse(""));
        return Optional.of(new Tried(way, right.condition(), matters, asked.isPresent(), named, later, line));
    }

    /** What a slip could change: standings, headline (other figures in the same sentence are no change), next step. */
    static String said(Assessment a) {
        return a.findings().headline().replaceAll("[0-9.,]+", "#")
                + a.next().title()
                + a.next()
                        .probe()
                        .map(p -> "" + p.red() + p.black() + p.condition())
                        .orElse("")
                + a.findings().parts().stream()
                        .map(p -> "" + p.part() + p.standing())
                        .toList();
    }

    private static CaseRecord with(CaseRecord now, List<RecordedReading> readings) {
        return CaseRecord.of(now.circuit(), now.celsius(), readings, now.repairs(), now.tests())
                .with(now.statements());
    }
}
