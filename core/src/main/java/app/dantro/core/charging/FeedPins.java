package app.dantro.core.charging;

import app.dantro.core.charging.FeedCheck.Leads;
import app.dantro.core.charging.FeedCheck.Pin;
import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Regulator;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Works out what reaches the pins of one alternator. */
final class FeedPins {
    private static final double METER_STEP_VOLTS = 0.01;

    private final CaseRecord record;
    private final Statements said;
    private final Circuit circuit;
    private final Alternator alternator;
    private final Optional<Double> battery;
    /** The posts were not read with the key on. */
    private final boolean atRest;

    FeedPins(CaseRecord record, Alternator alternator) {
        this.record = record;
        this.said = record.statedSinceRepair();
        this.circuit = record.circuit();
        this.alternator = alternator;
        Optional<Double> keyOn = volts(circuit.plusPost(), circuit.minusPost(), Condition.KEY_ON);
        this.atRest = keyOn.isEmpty();
        this.battery = keyOn.or(() -> volts(circuit.plusPost(), circuit.minusPost(), Condition.REST));
    }

    List<Pin> pins() {
        PointId plus = alternator.sense().plus();
        PointId minus = alternator.sense().minus();
        List<Pin> pins = new ArrayList<>();
        pins.add(pair(ChargingReason.OUTPUT_TO_MINUS.with(), alternator.output(), circuit.minusPost()));
        pins.add(pair(ChargingReason.OUTPUT_TO_CASE.with(), alternator.output(), alternator.ground()));
        if (ownWire(plus)) {
            pins.add(pair(ChargingReason.SENSE.with(name(plus)), plus, circuit.minusPost()));
        }
        if (ownWire(minus)) {
            pins.add(ground(minus));
        }
        pins.add(judged(
                ChargingReason.FEED_PIN.with(),
                Optional.empty(),
                Optional.of(Topic.PIN_FEED),
                figure(Topic.PIN_FEED),
                figure(Topic.MAKER_FEED).or(() -> battery)));
        pins.add(underLoad());
        pins.add(judged(
                ChargingReason.SENSE_PIN.with(),
                Optional.empty(),
                Optional.of(Topic.PIN_SENSE),
                figure(Topic.PIN_SENSE),
                battery));
        pins.add(lamp());
        if (circuit.regulator().filter(Regulator.COMPUTER::equals).isPresent()) {
            pins.add(unplugged());
        }
        return pins;
    }

    /** A sensed point that is neither the alternator's own nor the battery's, nor plain engine metal. */
    private boolean ownWire(PointId point) {
        PointId metal = record.loop().returns().get(0).to();
        return !Set.of(alternator.output(), alternator.ground()).contains(point)
                && !Set.of(circuit.plusPost(), circuit.minusPost()).contains(point)
                && !metal.equals(point);
    }

    private Pin pair(Reason name, PointId red, PointId black) {
        return judged(
                name,
                Optional.of(new Leads(red, black)),
                Optional.empty(),
                volts(red, black, Condition.KEY_ON),
                battery);
    }

    /** What stands at a pin beside what must: the maker's figure, else the battery's volts. */
    private Pin judged(
            Reason name, Optional<Leads> leads, Optional<Topic> topic, Optional<Double> read, Optional<Double> must) {
        Optional<Double> lost = must.flatMap(b -> read.map(v -> b - v));
        Sign sign = sign(lost);
        return new Pin(
                name,
                leads,
                topic,
                read.map(FeedPins::shown),
                must.map(FeedPins::shown),
                sign,
                because(read, lost, sign));
    }

    private Sign sign(Optional<Double> lost) {
        return lost.map(volts -> volts <= Marks.ASSUMED_PIN_ERROR_VOLTS
                        ? Sign.GOOD
                        : volts > Marks.PIN_ALLOWED_VOLTS ? Sign.FAILS : atRest ? Sign.SAYS_LITTLE : Sign.SUSPECT)
                .orElse(Sign.SAYS_LITTLE);
    }

    private static Reason because(Optional<Double> read, Optional<Double> lost, Sign sign) {
        if (lost.isEmpty()) {
            return (read.isEmpty() ? ChargingReason.NOT_READ : ChargingReason.READ_POSTS_BESIDE).with();
        }
        Quantity below = Quantity.volts(lost.get(), METER_STEP_VOLTS);
        return switch (sign) {
            case GOOD -> ChargingReason.ARRIVES.with();
            case SAYS_LITTLE -> ChargingReason.BELOW_AT_REST.with(below);
            case SUSPECT -> ChargingReason.BELOW_ALLOWED.with(below);
            case FAILS -> ChargingReason.DOES_NOT_ARRIVE.with(below);
        };
    }

    /** A wire to ground shows its drop, not the battery's volts. */
    private Pin ground(PointId point) {
        Optional<Double> read = volts(point, circuit.minusPost(), Condition.KEY_ON);
        Sign sign = read.map(v -> v <= Marks.ASSUMED_PIN_ERROR_VOLTS
                        ? Sign.GOOD
                        : v <= Marks.GROUND_LIFT_VOLTS ? Sign.SUSPECT : Sign.FAILS)
                .orElse(Sign.SAYS_LITTLE);
        ChargingReason because = switch (sign) {
            case GOOD -> ChargingReason.NO_LIFT;
            case SAYS_LITTLE -> ChargingReason.NOT_READ;
            default -> ChargingReason.LIFTED;
        };
        return new Pin(
                ChargingReason.GROUND_OF_SENSE.with(name(point)),
                Optional.of(new Leads(point, circuit.minusPost())),
                Optional.empty(),
                read.map(v -> Amount.volts(v, 0.001)),
                Optional.of(Amount.volts(0, METER_STEP_VOLTS)),
                sign,
                because.with());
    }

    /** The same pin with and without a test lamp on it: the drop under its own load. */
    private Pin underLoad() {
        Optional<Double> loaded = figure(Topic.PIN_FEED_LOADED);
        Optional<Double> lost =
                loaded.map(v -> figure(Topic.PIN_FEED).or(() -> battery).orElse(v) - v);
        Sign sign = lost.map(v -> v <= Marks.LAMP_FALL_VOLTS
                        ? Sign.GOOD
                        : v <= Marks.LAMP_FAILS_VOLTS ? Sign.SUSPECT : Sign.FAILS)
                .orElse(Sign.SAYS_LITTLE);
        Reason because = lost.map(
                        v -> (sign == Sign.GOOD ? ChargingReason.CARRIES_A_LOAD : ChargingReason.RESISTANCE_IN_FEED)
                                .with(Quantity.volts(Math.max(0, v), METER_STEP_VOLTS)))
                .orElseGet(ChargingReason.LAMP_UNLOADED::with);
        return new Pin(
                ChargingReason.FEED_PIN_LOADED.with(),
                Optional.empty(),
                Optional.of(Topic.PIN_FEED_LOADED),
                loaded.map(FeedPins::shown),
                figure(Topic.PIN_FEED)
                        .or(() -> battery)
                        .map(v -> shown(Math.max(0, v - Marks.LAMP_FALL_VOLTS)) + " or more"),
                sign,
                because);
    }

    private Pin lamp() {
        Optional<Answer> stated = said.answer(Topic.LAMP_KEY_ON);
        Sign sign =
                stated.map(a -> a == Answer.LIGHTS ? Sign.GOOD : Sign.SUSPECT).orElse(Sign.SAYS_LITTLE);
        ChargingReason because = switch (sign) {
            case GOOD -> ChargingReason.LAMP_LIGHTS;
            case SAYS_LITTLE -> ChargingReason.LAMP_MUST_LIGHT;
            default -> ChargingReason.LAMP_DARK;
        };
        return new Pin(
                ChargingReason.CHARGE_LAMP.with(),
                Optional.empty(),
                Optional.of(Topic.LAMP_KEY_ON),
                stated.map(Topic.LAMP_KEY_ON::words),
                Optional.of(Topic.LAMP_KEY_ON.words(Answer.LIGHTS)),
                sign,
                because.with());
    }

    /** An alternator on a bus that holds a voltage of its own makes current: its command is in question. Some give nothing. */
    private Pin unplugged() {
        Optional<Answer> stated = said.answer(Topic.UNPLUGGED);
        boolean holds = stated.filter(Answer.REGULATES::equals).isPresent();
        ChargingReason because = stated.isEmpty()
                ? ChargingReason.UNPLUGGED_HOW
                : holds ? ChargingReason.UNPLUGGED_HOLDS : ChargingReason.UNPLUGGED_SILENT;
        return new Pin(
                ChargingReason.PLUG_OFF.with(),
                Optional.empty(),
                Optional.of(Topic.UNPLUGGED),
                stated.map(Topic.UNPLUGGED::words),
                Optional.empty(),
                holds ? Sign.GOOD : Sign.SAYS_LITTLE,
                because.with());
    }

    private static String shown(double volts) {
        return Amount.volts(volts, METER_STEP_VOLTS);
    }

    private Optional<Double> figure(Topic topic) {
        OptionalDouble stated = said.figure(topic);
        return stated.isPresent() ? Optional.of(stated.getAsDouble()) : Optional.empty();
    }

    private Quantity name(PointId point) {
        return Quantity.named(circuit.point(point).map(p -> p.name()).orElse(point.value()));
    }

    private Optional<Double> volts(PointId red, PointId black, Condition condition) {
        return record.newest(red, black, condition).map(r -> Math.abs(r.volts()));
    }
}
