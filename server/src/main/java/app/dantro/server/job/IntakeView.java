package app.dantro.server.job;

import app.dantro.core.circuit.Loop;
import app.dantro.core.record.CustomerWords;
import app.dantro.core.record.Topic;
import app.dantro.server.view.StatementView.ChoiceView;
import java.util.List;

/** What is offered to say when a vehicle comes in: the customer's words, and what is quickly asked. */
record IntakeView(List<ComplaintView> complaints, List<AskedView> asked) {
    /** Words of a customer, and what goes on record with them. */
    record ComplaintView(String words, Loop concern, Topic topic, String value) {
        static ComplaintView of(CustomerWords said) {
            return new ComplaintView(
                    said.words(), said.concern(), said.topic(), said.symptom().name());
        }
    }

    /** A topic with its answers. */
    record AskedView(Topic topic, String title, List<ChoiceView> choices) {
        static AskedView of(Topic topic) {
            return new AskedView(
                    topic,
                    topic.title(),
                    topic.answers().stream()
                            .map(a -> new ChoiceView(a.name(), topic.words(a)))
                            .toList());
        }
    }

    static IntakeView usual() {
        return new IntakeView(
                CustomerWords.USUAL.stream().map(ComplaintView::of).toList(),
                CustomerWords.AT_THE_DOOR.stream().map(AskedView::of).toList());
    }
}
