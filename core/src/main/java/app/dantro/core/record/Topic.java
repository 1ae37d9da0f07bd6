package app.dantro.core.record;

import app.dantro.core.circuit.Loop;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What is asked, looked at or ticked off beside readings (docs/job.md, before measuring; two-ended items): the one table
 * that the API and the interface are made from. A topic without answers takes words.
 */
public enum Topic {
    SYMPTOM(Group.INTAKE, Answer.of(Loop.STARTING)),
    CHARGING_SYMPTOM(Group.INTAKE, Answer.of(Loop.CHARGING)),
    ENGINE(Group.INTAKE, Answer.COLD, Answer.WARM),
    LAMP(Group.INTAKE, Answer.OUT, Answer.ON, Answer.DIM, Answer.NEVER),
    ARRIVED(Group.INTAKE, Answer.DRIVEN, Answer.JUMPED, Answer.RUNNING),
    CHARGER(Group.INTAKE, Answer.NO, Answer.YES),
    CLEANED(Group.INTAKE, Answer.NO, Answer.YES),
    CLAMP(Group.INTAKE, Answer.YES, Answer.NO),
    PILE(Group.INTAKE, Answer.NO, Answer.YES),
    CLAMP_CHECKED(Group.INTAKE),
    LAST_TIME(Group.INTAKE),
    REPLACED(Group.INTAKE),
    OUTSIDE(Group.INTAKE),
    OUTSIDE_FIRST(Group.INTAKE, Answer.PASSES, Answer.FAILS),
    OUTSIDE_SECOND(Group.INTAKE, Answer.PASSES, Answer.FAILS),
    BATTERY_AGE(Group.INTAKE),
    CODES(Group.INTAKE),
    ACCESSORIES(Group.INTAKE),

    LOOK_POSTS(Group.LOOK, Choices.LOOK),
    LOOK_CABLES(Group.LOOK, Choices.LOOK),
    LOOK_GROUNDS(Group.LOOK, Choices.LOOK),
    LOOK_FUSES(Group.LOOK, Choices.LOOK),
    LOOK_BELT(Group.LOOK, Choices.LOOK),
    LOOK_TENSIONER(Group.LOOK, Choices.LOOK),
    LOOK_PULLEY(Group.LOOK, Choices.LOOK),
    LOOK_PLUG(Group.LOOK, Choices.LOOK),
    LOOK_PINS(Group.LOOK, Choices.LOOK),
    LOOK_MOUNT(Group.LOOK, Choices.LOOK),
    LOOK_BATTERY(Group.LOOK, Choices.LOOK),

    OUT_OF_REACH(Group.REACH),

    ENGINE_DISABLED(Group.TWO_ENDED, Choices.TWO_ENDED),
    BATTERY_LIFTED(Group.TWO_ENDED, Choices.TWO_ENDED),
    OUTPUT_LIFTED(Group.TWO_ENDED, Choices.TWO_ENDED),
    FUSE_PULLED(Group.TWO_ENDED, Choices.TWO_ENDED),
    PILE_ON(Group.TWO_ENDED, Choices.TWO_ENDED),
    MEMORY_KEEPER(Group.TWO_ENDED, Choices.TWO_ENDED),
    MEMORY_LOST(Group.TWO_ENDED, Choices.TWO_ENDED),

    CRANKS(Group.PROOF, Answer.NORMALLY, Answer.SLOWLY, Answer.NOT_AT_ALL),
    ENGINE_TURNS(Group.PROOF, Answer.FREELY, Answer.HARD),
    STARTER_BENCH(Group.PROOF, Answer.PASSES, Answer.FAILS),
    BELT_DRIVES(Group.PROOF, Answer.YES, Answer.NO),
    PLUG_FED(Group.PROOF, Answer.YES, Answer.NO),
    FIELD_ANSWERS(Group.PROOF, Answer.YES, Answer.NO),
    GENERATOR_GOOD(Group.PROOF, Answer.YES, Answer.NO),
    BATTERY_FROZEN(Group.PROOF, Answer.YES, Answer.NO),
    CELL_STAYS_LOW(Group.PROOF, Answer.YES, Answer.NO),
    CHARGED_APART(Group.PROOF, Answer.YES, Answer.NO),
    LOWER_APART(Group.PROOF, Answer.FIRST, Answer.SECOND, Answer.ALIKE),
    DRAIN_FOUND(Group.PROOF, Answer.YES, Answer.NO),
    GLOW_DONE(Group.PROOF, Answer.YES),
    UNPLUGGED(Group.PROOF, Answer.REGULATES, Answer.NOTHING),
    OPENED(Group.PROOF),
    MOVED(Group.PROOF),

    CHEMISTRY(Group.FIGURE, Answer.FLOODED, Answer.EFB, Answer.CALCIUM, Answer.AGM, Answer.GEL, Answer.LITHIUM),
    BATTERY_AMP_HOURS(Group.FIGURE, new Figure("Ah", 2, 400, false)),
    CYLINDERS(Group.FIGURE, new Figure("cylinders", 1, 16, false)),
    CRANK_SPEED(Group.FIGURE, new Figure("1/min", 10, 600, false)),
    DRAW_LIST(Group.FIGURE, Answer.LOWER, Answer.HIGHER),
    MAKER_DRAW(Group.FIGURE, new Figure("A", 10, 1500, false)),
    RECOVERY_VOLTS(Group.FIGURE, new Figure("V", 0, 40, false)),
    STANDING_CURRENT(Group.FIGURE, new Figure("mA", 0, 20_000, false)),
    STRATEGY(Group.FIGURE, Answer.CLASSIC, Answer.SMART, Answer.CALCIUM),
    LOADS_ON(Group.FIGURE),
    LAMP_KEY_ON(Group.FIGURE, Answer.LIGHTS, Answer.DARK),
    PIN_FEED(Group.FIGURE, new Figure("V", 0, 40, false)),
    MAKER_FEED(Group.FIGURE, new Figure("V", 0, 40, false)),
    PIN_FEED_LOADED(Group.FIGURE, new Figure("V", 0, 40, false)),
    PIN_SENSE(Group.FIGURE, new Figure("V", 0, 40, false)),
    DRAIN_LIFTED(Group.FIGURE, Answer.STOPS, Answer.STAYS),
    DRAIN_BRANCH(Group.FIGURE),
    OLD_AMPS(Group.FIGURE, new Figure("A", 5, 600, false)),
    OLD_PULLEY(Group.FIGURE, new Figure("mm", 20, 200, false)),
    OLD_BENCH(Group.FIGURE, Answer.PASSES, Answer.FAILS, Answer.NOT_DONE),
    NEW_AMPS(Group.FIGURE, new Figure("A", 5, 600, false)),
    NEW_PULLEY(Group.FIGURE, new Figure("mm", 20, 200, false)),
    NEW_BENCH(Group.FIGURE, Answer.PASSES, Answer.FAILS, Answer.NOT_DONE),
    OLD_ODOMETER(Group.FIGURE, new Figure("km", 0, 9_999_999, false)),
    ODOMETER(Group.FIGURE, new Figure("km", 0, 9_999_999, false)),
    SIDES_READ(Group.FIGURE, Answer.COMPARE, Answer.ALWAYS),
    RATED_AMPS(Group.FIGURE, new Figure("A", 5, 600, false)),
    SET_POINT(Group.FIGURE, new Figure("V", 12, 33, false)),
    IDLE_SHARE(Group.FIGURE, new Figure("%", 5, 100, false)),
    BATTERY_AMPS(Group.FIGURE, new Figure("A", -400, 400, false)),
    RIPPLE_IDLE(Group.FIGURE, new Figure("V AC", 0, 30, false)),
    RIPPLE_LOADED(Group.FIGURE, new Figure("V AC", 0, 30, false)),
    RIPPLE_POST(Group.FIGURE, new Figure("V AC", 0, 30, false)),
    DIODES_FORWARD(Group.FIGURE, new Figure("mV", 0, 3000, true)),
    DIODES_REVERSE(Group.FIGURE, new Figure("mV", 0, 3000, true)),
    FIELD_SIDE(Group.FIGURE, Answer.FED, Answer.GROUNDED, Answer.INSIDE),
    FIELD_VOLTS(Group.FIGURE, new Figure("V", 0, 32, false)),
    MAKER_FIELD(Group.FIGURE, new Figure("V", 0, 32, false)),
    UNSTEADY_LOW(Group.FIGURE, new Figure("V", 0, 40, false)),
    UNSTEADY_HIGH(Group.FIGURE, new Figure("V", 0, 60, false)),
    PHASE_ONE(Group.FIGURE, new Figure("V AC", 0, 200, false)),
    PHASE_TWO(Group.FIGURE, new Figure("V AC", 0, 200, false)),
    PHASE_THREE(Group.FIGURE, new Figure("V AC", 0, 200, false)),
    PHASE_FRAME(Group.FIGURE, new Figure("V AC", 0, 200, false)),

    CRANK(Group.TIMER, Answer.START, Answer.STOP),
    PILE_RUN(Group.TIMER, Answer.START, Answer.STOP),
    BUILD_UP(Group.TIMER, Answer.START),
    SLEEP(Group.TIMER, Answer.START),
    SURFACE_CHARGE(Group.TIMER, Answer.START),

    ENDED(Group.ENDING, Answer.GOOD, Answer.NOT_REPRODUCED, Answer.CHARGED, Answer.HANDED_ON),

    LEFT(Group.CLOSING, Answer.HANDED_ON, Answer.DECLINED),
    NEXT_VISIT(Group.CLOSING),
    CLOSED_UNVERIFIED(Group.CLOSING),
    HANDED_TO(Group.WORKSHOP),
    ODOMETER_REPLACED(Group.WORKSHOP, Answer.YES, Answer.NO);

    /** Where a topic belongs. */
    public enum Group {
        /** Asked when the vehicle comes in. */
        INTAKE,
        /** Seen before measuring. */
        LOOK,
        /** Points of the circuit that no probe gets to on this vehicle, separated by commas. */
        REACH,
        /** Undone again before the case closes. */
        TWO_ENDED,
        /** Seen or tried before a device is called faulty. */
        PROOF,
        /** Begun or ended at a moment that every screen counts from. */
        TIMER,
        /** Measured beside the volts: a number with its unit, or what it depends on. */
        FIGURE,
        /** What the readings let the case end as; recorded from the step that says so. */
        ENDING,
        /** Why the case ends without proof. */
        CLOSING,
        /** Who has the case in hand, and what else the shop keeps of it; nothing is judged by it. */
        WORKSHOP
    }

    /** Answers that several topics share. */
    private static final class Choices {
        private static final Answer[] LOOK = {Answer.GOOD, Answer.FOUND, Answer.NOT_SEEN};
        private static final Answer[] TWO_ENDED = {Answer.OPEN, Answer.CLOSED};
    }

    private final Group group;
    private final List<Answer> answers;
    private final Optional<Figure> figure;

    Topic(Group group, Answer... answers) {
        this.group = group;
        this.answers = List.of(answers);
        this.figure = Optional.empty();
    }

    Topic(Group group, Figure figure) {
        this.group = group;
        this.answers = List.of();
        this.figure = Optional.of(figure);
    }

    /** True for what holds of the vehicle itself, in every case of it: what its plates, its maker and its owner say. */
    public boolean ofVehicle() {
        return switch (this) {
            case CHEMISTRY,
                    BATTERY_AMP_HOURS,
                    CYLINDERS,
                    DRAW_LIST,
                    MAKER_DRAW,
                    MAKER_FEED,
                    MAKER_FIELD,
                    STRATEGY,
                    RATED_AMPS,
                    SET_POINT,
                    IDLE_SHARE -> true;
            default -> false;
        };
    }

    /** True for what can change what follows from a case; who has it in hand cannot. */
    public boolean judged() {
        return group != Group.WORKSHOP;
    }

    /** The number that is stated, if it is one. */
    public Optional<Figure> figure() {
        return figure;
    }

    public Group group() {
        return group;
    }

    public String title() {
        return TopicWords.title(this);
    }

    /** Answers that may be given, in the order they are offered; empty if words or a number are. */
    public List<Answer> answers() {
        return answers;
    }

    /** How an answer is spoken. */
    public String words(Answer answer) {
        return TopicWords.answer(this, answer);
    }

    /** How a stated value is spoken; the value itself where words are stated. */
    public String words(String value) {
        return figure.map(f -> f.words(value))
                .orElseGet(() -> answer(value).map(this::words).orElse(value));
    }

    /** A stated value as one of this topic's answers. */
    Optional<Answer> answer(String value) {
        return answers.stream().filter(a -> a.name().equals(value)).findFirst();
    }

    /** What is wrong with a value, if it may not be stated. */
    public Optional<String> refusal(String value) {
        if (figure.isPresent()) {
            return figure.get().refusal(title(), value);
        }
        if (answers.isEmpty() || answer(value).isPresent()) {
            return Optional.empty();
        }
        String offered = answers.stream().map(Answer::name).collect(Collectors.joining(", "));
        return Optional.of("\"%s\" takes one of %s, not (%s).".formatted(title(), offered, value));
    }

    /** The topics of a group, in order. */
    public static List<Topic> of(Group group) {
        return Arrays.stream(values()).filter(t -> t.group == group).toList();
    }
}
