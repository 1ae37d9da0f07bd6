package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import java.util.List;

/**
 * One reading of whoever works alone, the meter clipped to the posts: what to do, and which value of the display is typed.
 *
 * @param condition in which it is read; an engine that is cranked needs somebody in the seat, so that MIN is kept
 */
public record AloneLeg(Condition condition, Statistic statistic, String title, String words, String asks) {
    private static final String SHOWS = "What does it show?";

    /** All of them, in their order (docs/job.md, conditions). */
    public static final List<AloneLeg> RUN = List.of(
            settled(Condition.REST, "At rest", "Clip red to the + post, black to the − post. Everything off."),
            settled(Condition.KEY_ON, "Key on", "Ignition on, engine off."),
            new AloneLeg(
                    Condition.CRANKING,
                    Statistic.MINIMUM,
                    "Cranking",
                    "Engine disabled, neutral, brake on. Meter on MIN/MAX. Take this phone to the seat.",
                    "What does MIN show?"),
            settled(
                    Condition.IDLE,
                    "Idle",
                    "Restore and start the engine. All loads off. Wait until the volts stand still."),
            settled(
                    Condition.RAISED,
                    "2000 revs",
                    "Hold 2000 revs a minute, loads off; read it with MAX or through the screen."));

    private static AloneLeg settled(Condition condition, String title, String words) {
        return new AloneLeg(condition, Statistic.SETTLED, title, words, SHOWS);
    }

    /** True once it is on record, asked about or not. */
    public boolean taken(CaseRecord record) {
        return record.readings().stream()
                .filter(r -> !r.struck())
                .map(RecordedReading::reading)
                .anyMatch(this::is);
    }

    private boolean is(Reading reading) {
        return reading.condition() == condition && reading.statistic() == statistic;
    }
}
