package app.dantro.core.record;

import java.util.UUID;

/** Something said or seen beside readings; of each topic the newest on record counts. */
public record Statement(UUID id, Topic topic, String value, String note, long saidAtMillis) {
    public Statement {
        topic.refusal(value).ifPresent(wrong -> {
            throw new IllegalArgumentException(wrong);
        });
    }
}
