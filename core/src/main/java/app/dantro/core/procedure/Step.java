package app.dantro.core.procedure;

import app.dantro.core.circuit.PartId;
import app.dantro.core.ending.Ending;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.RepairForecast;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The one thing to do next.
 *
 * @param heading what it is called
 * @param because why it comes now
 * @param toSee what the technician has to have seen or tried before the part is worked on
 * @param ending what the job may be ended as here
 */
public record Step(
        Kind kind,
        Reason heading,
        List<Reason> because,
        Optional<ProbePlan> probe,
        Optional<PartId> part,
        Optional<RepairForecast> forecast,
        List<String> cautions,
        List<ToSee> toSee,
        Optional<Ending> ending) {
    public Step {
        because = List.copyOf(because);
        toSee = List.copyOf(toSee);
        cautions = List.copyOf(cautions);
    }

    /** What the step asks for. */
    public enum Kind {
        /** Put two leads somewhere and read. */
        MEASURE,
        /** Charge the battery, then read its base voltage. */
        CHARGE,
        /** See or try what readings cannot show before a device is called faulty. */
        PROVE,
        /** Put back what was undone for measuring. */
        RESTORE,
        /** Repair a part and record it. */
        REPAIR,
        /** Try what the customer complained of. */
        COMPLAINT_TEST,
        /** The job has come to an end that one tap records. */
        CLOSE,
        /** The wiring is proven good and the complaint stays. */
        LOOK_ELSEWHERE,
        /** Nothing: the case is verified. */
        DONE
    }

    /**
     * Something to see, try or put back.
     *
     * @param stated what was said about it already
     * @param options what may be stated; empty where the topic itself offers it
     */
    public record ToSee(Topic topic, Optional<String> stated, String words, List<Option> options) {
        public ToSee {
            options = List.copyOf(options);
        }

        public ToSee(Topic topic, Optional<String> stated, String words) {
            this(topic, stated, words, List.of());
        }

        static ToSee open(Topic topic) {
            return new ToSee(topic, Optional.empty(), topic.title());
        }
    }

    /** Something that may be stated, and how it is spoken. */
    public record Option(String value, String words) {}

    static Step of(Kind kind, Reason heading, List<Reason> because, List<String> cautions) {
        return new Step(
                kind,
                heading,
                because,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                cautions,
                List.of(),
                Optional.empty());
    }

    /** What readings let a job end as. */
    static Step close(Ending ending) {
        return of(Kind.CLOSE, ending.heading(), ending.shown(), List.of()).ending(Optional.of(ending));
    }

    static Step measure(ProbePlan plan) {
        return of(Kind.MEASURE, plan.heading(), plan.because(), Cautions.reading(plan.condition()))
                .at(plan);
    }

    /** With one more reason before its own. */
    Step because(Reason first) {
        List<Reason> all = Stream.concat(Stream.of(first), because.stream()).toList();
        return new Step(kind, heading, all, probe, part, forecast, cautions, toSee, ending);
    }

    /** With more cautions before its own. */
    Step cautioned(List<String> first) {
        List<String> all =
                Stream.concat(first.stream(), cautions.stream()).distinct().toList();
        return new Step(kind, heading, because, probe, part, forecast, all, toSee, ending);
    }

    Step at(ProbePlan plan) {
        return new Step(kind, heading, because, Optional.of(plan), part, forecast, cautions, toSee, ending);
    }

    Step on(PartId which) {
        return new Step(kind, heading, because, probe, Optional.of(which), forecast, cautions, toSee, ending);
    }

    Step foretelling(Optional<RepairForecast> foretold) {
        return new Step(kind, heading, because, probe, part, foretold, cautions, toSee, ending);
    }

    Step seeing(List<ToSee> items) {
        return new Step(kind, heading, because, probe, part, forecast, cautions, items, ending);
    }

    Step ending(Optional<Ending> end) {
        return new Step(kind, heading, because, probe, part, forecast, cautions, toSee, end);
    }

    public String title() {
        return heading.words();
    }

    public String why() {
        return Reason.words(because);
    }
}
