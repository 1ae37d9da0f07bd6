package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Over random cases nothing is proposed that a caution of its own card forbids. What is forbidden is written down here once
 * more, from what was drawn and not by the program's own law.
 */
class SafetyLawTest {
    private static final int CASES = 1500;
    private static final List<Topic> TWO_ENDED = Topic.of(Topic.Group.TWO_ENDED);
    private static final List<Condition> TAKEN = List.of(
            Condition.REST,
            Condition.REST,
            Condition.CRANKING,
            Condition.START_ATTEMPT,
            Condition.IDLE,
            Condition.RAISED,
            Condition.RAISED_LOADED);

    private final OrderOfWork order = new OrderOfWork();

    /** A drawn case, with what the checks go by. */
    private record Drawn(
            Circuit circuit,
            int celsius,
            List<Reading> readings,
            List<Statement> said,
            List<Topic> open,
            boolean frozen) {
        boolean lifted() {
            return open.stream()
                    .anyMatch(t -> t == Topic.BATTERY_LIFTED || t == Topic.OUTPUT_LIFTED || t == Topic.FUSE_PULLED);
        }

        double newest(boolean running) {
            return readings.stream()
                    .filter(r -> running ? r.condition().running() : r.condition() == Condition.REST)
                    .mapToDouble(r -> r.volts() / circuit.blocks())
                    .reduce(running ? 0 : 12.6, (a, b) -> b);
        }

        boolean chargedBefore() {
            return readings.stream()
                            .filter(r -> r.condition() == Condition.REST)
                            .count()
                    > 1;
        }
    }

    @Test
    void noProposalContradictsACaution() {
        int running = 0;
        int cranking = 0;
        for (int seed = 0; seed < CASES; seed++) {
            Drawn drawn = draw(new Random(seed));
            for (Loop loop : Loop.values()) {
                Assessment assessment = order.assess(loop, record(drawn));
                List<Condition> proposed = Stream.concat(
                                assessment.next().probe().stream(), assessment.standby().stream())
                        .map(ProbePlan::condition)
                        .toList();
                for (Condition condition : proposed) {
                    assertThat(forbidden(drawn, condition))
                            .as("%s for %s, %s", condition, loop, drawn)
                            .isEmpty();
                    running += condition.running() ? 1 : 0;
                    cranking += condition.starterCalled() ? 1 : 0;
                }
                if (assessment.next().kind() == Step.Kind.CHARGE) {
                    assertThat(drawn.frozen())
                            .as("charged though frozen, %s", drawn)
                            .isFalse();
                }
            }
        }
        assertThat(running).as("proposals with a running engine").isGreaterThan(CASES / 10);
        assertThat(cranking).as("proposals that crank").isGreaterThan(CASES / 20);
    }

    private static List<String> forbidden(Drawn drawn, Condition condition) {
        List<String> why = new ArrayList<>();
        boolean turns = condition.running() || condition.starterCalled();
        if (drawn.lifted() && turns) {
            why.add("lifted");
        }
        if (drawn.open().contains(Topic.PILE_ON) && condition.starterCalled()) {
            why.add("under a pile");
        }
        if (drawn.open().contains(Topic.ENGINE_DISABLED) && condition.running()) {
            why.add("disabled");
        }
        if (condition.running() && drawn.newest(true) >= 16) {
            why.add("above 16 V");
        }
        if (drawn.frozen() && (turns || condition.pile())) {
            why.add("frozen, perhaps");
        }
        if (condition.starterCalled() && drawn.newest(false) < 12.25 && !drawn.chargedBefore()) {
            why.add("flat");
        }
        return why;
    }

    private static Drawn draw(Random random) {
        List<String> names = ReadyMadeCircuits.references();
        Circuit circuit =
                ReadyMadeCircuits.named(names.get(random.nextInt(names.size()))).orElseThrow();
        int celsius = random.nextInt(-25, 35);
        List<Reading> readings = new ArrayList<>();
        for (int i = random.nextInt(4); i >= 0; i--) {
            readings.add(posts(circuit, TAKEN.get(random.nextInt(TAKEN.size())), random));
        }
        List<Topic> topics = new ArrayList<>(TWO_ENDED);
        Collections.shuffle(topics, random);
        List<Statement> said = new ArrayList<>();
        List<Topic> open = new ArrayList<>();
        for (Topic topic : topics.subList(0, random.nextInt(3))) {
            said.add(statement(topic, "OPEN", said.size()));
            if (random.nextBoolean()) {
                said.add(statement(topic, "CLOSED", said.size()));
            } else {
                open.add(topic);
            }
        }
        if (random.nextBoolean()) {
            said.add(statement(Topic.CHARGING_SYMPTOM, "UNDERCHARGES", said.size()));
        }
        Drawn without = new Drawn(circuit, celsius, readings, said, open, false);
        boolean cold = celsius <= -7 && without.newest(false) < 11.9;
        int looked = random.nextInt(3);
        if (looked > 0) {
            said.add(statement(Topic.BATTERY_FROZEN, looked == 1 ? "YES" : "NO", said.size()));
        }
        return new Drawn(circuit, celsius, readings, said, open, looked == 1 || looked == 0 && cold);
    }

    private static Reading posts(Circuit circuit, Condition condition, Random random) {
        double from = condition.running() ? 12.5 : condition.starterCalled() ? 8 : 11;
        double to = condition.running() ? 17 : condition.starterCalled() ? 12 : 13;
        double volts = circuit.blocks() * random.nextDouble(from, to);
        return of(
                circuit.plusPost().value(),
                circuit.minusPost().value(),
                condition,
                "%.2f".formatted(volts),
                Current.unknown());
    }

    private static Statement statement(Topic topic, String value, int order) {
        return new Statement(UUID.randomUUID(), topic, value, "", order);
    }

    private static CaseRecord record(Drawn drawn) {
        return CaseRecord.of(
                        drawn.circuit(),
                        drawn.celsius(),
                        drawn.readings().stream().map(RecordedReading::of).toList(),
                        List.of(),
                        List.of())
                .with(Statements.of(drawn.said()));
    }
}
