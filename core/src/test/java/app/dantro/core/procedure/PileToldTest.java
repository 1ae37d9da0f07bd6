package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.finding.Findings;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.StartingRules;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A pile is a tool as long as somebody reads what it draws (docs/job.md, conditions). */
class PileToldTest extends SaidCases {
    @Test
    void aPileWhoseAmpsNobodyReadsIsNotAskedForAgain() {
        assertThat(workplace()).contains(Condition.PILE_STARTER);
        assertThat(workplace(pile("0.31", Current.of(250, Current.How.CLAMP)))).contains(Condition.PILE_STARTER);
        assertThat(workplace(pile("12.3", Current.unknown()))).doesNotContain(Condition.PILE_STARTER);
    }

    private static Set<Condition> workplace(Reading... read) {
        List<Reading> readings =
                Stream.concat(Stream.of(base("12.6")), Stream.of(read)).toList();
        Findings rules = StartingRules.of(evidence(readings, said(Topic.PILE, "YES")));
        return Gates.workplace(rules, Loop.STARTING).conditions();
    }

    private static Reading pile(String volts, Current current) {
        return of("post-plus", "battery-stud", Condition.PILE_STARTER, volts, current);
    }
}
