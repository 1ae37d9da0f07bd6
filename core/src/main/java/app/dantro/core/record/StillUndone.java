package app.dantro.core.record;

import app.dantro.core.slip.SlipRules.Undone;

/** What is lifted, connected or disabled by the record, unless a reading since then was said to have been taken all the same. */
final class StillUndone {
    private StillUndone() {}

    static Undone of(CaseRecord record) {
        return new Undone(
                open(record, Topic.BATTERY_LIFTED) || open(record, Topic.OUTPUT_LIFTED),
                open(record, Topic.PILE_ON),
                open(record, Topic.ENGINE_DISABLED));
    }

    private static boolean open(CaseRecord record, Topic topic) {
        return record.statements().open().contains(topic)
                && record.statements()
                        .about(topic)
                        .filter(said -> record.observed().stream()
                                .noneMatch(r -> r.takenAtMillis() > said.saidAtMillis()
                                        && record.confirmed(r.id())
                                        && (r.condition().running()
                                                || r.condition().starterCalled())))
                        .isPresent();
    }
}
