package app.dantro.server.view;

import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.record.Topic;
import java.util.List;

/**
 * What figures beside the volts say.
 *
 * @param topics the figures it rests on
 * @param shown with their units
 */
public record FigureView(List<Topic> topics, String what, String shown, FigureVerdict.Sign sign, String says) {
    public static List<FigureView> all(List<FigureVerdict> verdicts) {
        return verdicts.stream()
                .map(v -> new FigureView(v.topics(), v.what().words(), v.shown(), v.sign(), v.says()))
                .toList();
    }
}
