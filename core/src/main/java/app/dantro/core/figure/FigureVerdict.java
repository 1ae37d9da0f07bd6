package app.dantro.core.figure;

import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Topic;
import java.util.List;

/**
 * What figures beside the volts say.
 *
 * @param topics the figures it rests on
 * @param what it is called
 * @param shown with its units
 * @param because the arithmetic, and what follows
 */
public record FigureVerdict(List<Topic> topics, Reason what, String shown, Sign sign, List<Reason> because) {
    public FigureVerdict {
        topics = List.copyOf(topics);
        because = List.copyOf(because);
    }

    FigureVerdict(List<Topic> topics, Reason what, String shown, Sign sign, Reason... because) {
        this(topics, what, shown, sign, List.of(because));
    }

    /** The reasons as one text. */
    public String says() {
        return Reason.words(because);
    }

    /** One word on a figure. */
    public enum Sign {
        GOOD("good"),
        SUSPECT("suspect"),
        FAILS("fails"),
        SAYS_LITTLE("says little alone");

        private final String words;

        Sign(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
