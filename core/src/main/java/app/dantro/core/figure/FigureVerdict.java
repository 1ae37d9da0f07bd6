package app.dantro.core.figure;

import app.dantro.core.record.Topic;
import java.util.List;

/**
 * What figures beside the volts say.
 *
 * @param topics the figures it rests on
 * @param shown with their units
 * @param says the arithmetic, and what follows
 */
public record FigureVerdict(List<Topic> topics, String what, String shown, Sign sign, String says) {
    public FigureVerdict {
        topics = List.copyOf(topics);
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
