package app.dantro.core.charging;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What reaches the alternator with the key on and the engine off (docs/job.md, tests 13 and 22). Next to no current
 * flows, so what arrives shows continuity only and clears nothing.
 */
public record FeedCheck(Optional<Double> batteryVolts, List<Pin> pins, String says) {
    /** Beyond the meter's error of two readings. */
    private static final double ERROR_VOLTS = 0.05;
    /** What one school allows. */
    private static final double ALLOWED_VOLTS = 0.4;

    public FeedCheck {
        pins = List.copyOf(pins);
    }

    /**
     * One thing that must arrive.
     *
     * @param red where to read it, if it is a pair of the circuit's points
     * @param topic where to type it, if it is a pin behind the plug
     * @param shown what was read
     */
    public record Pin(
            String name,
            Optional<PointId> red,
            Optional<PointId> black,
            Optional<Topic> topic,
            Optional<String> shown,
            Sign sign,
            String says) {}

    /** The feed check of a vehicle that has an alternator. */
    public static Optional<FeedCheck> of(CaseRecord evidence) {
        return evidence.circuit().alternator().map(a -> new Check(evidence, a).check());
    }

    /** Works out one check. */
    private static final class Check {
        private final CaseRecord evidence;
        private final Statements said;
        private final Circuit circuit;
        private final Alternator alternator;
        private final Optional<Double> battery;
        /** The posts were not read with the key on. */
        private final boolean atRest;

        Check(CaseRecord evidence, Alternator alternator) {
            this.evidence = evidence;
            this.said = evidence.statedSinceRepair();
            this.circuit = evidence.circuit();
            this.alternator = alternator;
            Optional<Double> keyOn = volts(circuit.plusPost(), circuit.minusPost(), Condition.KEY_ON);
            this.atRest = keyOn.isEmpty();
            this.battery = keyOn.or(() -> volts(circuit.plusPost(), circuit.minusPost(), Condition.REST));
        }

        FeedCheck check() {
            List<Pin> pins = new ArrayList<>();
            pins.add(pair("B+ stud to battery − post", alternator.output(), circuit.minusPost()));
            pins.add(pair("B+ stud to its own case", alternator.output(), alternator.ground()));
            if (ownWire(alternator.sense().plus())) {
                pins.add(pair(
                        "Sense: " + name(alternator.sense().plus()),
                        alternator.sense().plus(),
                        circuit.minusPost()));
            }
            if (ownWire(alternator.sense().minus())) {
                pins.add(ground(
                        "Ground of what senses: " + name(alternator.sense().minus())));
            }
            pins.add(pin("Ignition feed or exciter pin", Topic.PIN_FEED));
            pins.add(underLoad());
            pins.add(pin("Sense pin at the plug", Topic.PIN_SENSE));
            pins.add(lamp());
            return new FeedCheck(battery, pins, says(pins));
        }

        private boolean ownWire(PointId point) {
            return !Set.of(
                            alternator.output(),
                            alternator.ground(),
                            circuit.plusPost(),
                            circuit.minusPost(),
                            PointId.of("block"))
                    .contains(point);
        }

        private Pin pair(String name, PointId red, PointId black) {
            Optional<Double> read = volts(red, black, Condition.KEY_ON);
            return judged(name, Optional.of(red), Optional.of(black), Optional.empty(), read);
        }

        private Pin pin(String name, Topic topic) {
            OptionalDouble stated = said.figure(topic);
            return judged(
                    name,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(topic),
                    stated.isPresent() ? Optional.of(stated.getAsDouble()) : Optional.empty());
        }

        private Pin judged(
                String name,
                Optional<PointId> red,
                Optional<PointId> black,
                Optional<Topic> topic,
                Optional<Double> read) {
            Sign sign = sign(read);
            return new Pin(name, red, black, topic, read.map(v -> Amount.volts(v, 0.01)), sign, says(read, sign));
        }

        /** What the pin lost against the battery, if both were read. */
        private Optional<Double> lost(Optional<Double> read) {
            return battery.flatMap(b -> read.map(v -> b - v));
        }

        private Sign sign(Optional<Double> read) {
            return lost(read)
                    .map(volts -> volts <= ERROR_VOLTS
                            ? Sign.GOOD
                            : volts > ALLOWED_VOLTS ? Sign.FAILS : atRest ? Sign.SAYS_LITTLE : Sign.SUSPECT)
                    .orElse(Sign.SAYS_LITTLE);
        }

        private String says(Optional<Double> read, Sign sign) {
            if (lost(read).isEmpty()) {
                return read.isEmpty() ? "Not read yet." : "Read the battery's posts with the key on beside it.";
            }
            String below = Amount.volts(lost(read).get(), 0.01) + " below the battery";
            return switch (sign) {
                case GOOD -> "Battery voltage arrives: continuity only, nothing is certified.";
                case SAYS_LITTLE -> below + " at rest; with the key on it stands lower itself: read its posts too.";
                case SUSPECT -> below + ". One school allows 0.40 V, but with next to no current that is a finding.";
                case FAILS -> below + ": it does not arrive.";
            };
        }

        /** A wire to ground shows its drop, not the battery's volts. */
        private Pin ground(String name) {
            PointId point = alternator.sense().minus();
            Optional<Double> read = volts(point, circuit.minusPost(), Condition.KEY_ON);
            Sign sign = read.map(v -> v <= ERROR_VOLTS ? Sign.GOOD : v <= 0.2 ? Sign.SUSPECT : Sign.FAILS)
                    .orElse(Sign.SAYS_LITTLE);
            String says = switch (sign) {
                case GOOD -> "No lift above battery −: continuity only. Read it again with all loads on.";
                case SAYS_LITTLE -> "Not read yet.";
                default -> "It sits above battery −: what senses here will make the alternator charge too high.";
            };
            return new Pin(
                    name,
                    Optional.of(point),
                    Optional.of(circuit.minusPost()),
                    Optional.empty(),
                    read.map(v -> Amount.volts(v, 0.001)),
                    sign,
                    says);
        }

        /** The same pin with and without a test lamp on it: the drop under its own load. */
        private Pin underLoad() {
            OptionalDouble bare = said.figure(Topic.PIN_FEED);
            OptionalDouble loaded = said.figure(Topic.PIN_FEED_LOADED);
            String name = "Feed pin under a test lamp";
            if (loaded.isEmpty()) {
                return new Pin(
                        name,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(Topic.PIN_FEED_LOADED),
                        Optional.empty(),
                        Sign.SAYS_LITTLE,
                        "A pin that stands without a load may fall with one. A pin that feeds the field through a lamp falls as it should.");
            }
            double from = bare.isPresent() ? bare.getAsDouble() : battery.orElse(loaded.getAsDouble());
            double lost = from - loaded.getAsDouble();
            Sign sign = lost <= 0.3 ? Sign.GOOD : lost <= 1 ? Sign.SUSPECT : Sign.FAILS;
            return new Pin(
                    name,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(Topic.PIN_FEED_LOADED),
                    Optional.of(Amount.volts(loaded.getAsDouble(), 0.01)),
                    sign,
                    "%s less than without the lamp: %s"
                            .formatted(
                                    Amount.volts(Math.max(0, lost), 0.01),
                                    sign == Sign.GOOD
                                            ? "it carries a load."
                                            : "resistance in its wire, fuse or relay."));
        }

        private Pin lamp() {
            Optional<String> stated = said.about(Topic.LAMP_KEY_ON).map(Statement::value);
            boolean lights = stated.filter("LIGHTS"::equals).isPresent();
            return new Pin(
                    "Charge lamp, key on",
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(Topic.LAMP_KEY_ON),
                    stated.map(Topic.LAMP_KEY_ON::words),
                    stated.isEmpty() ? Sign.SAYS_LITTLE : lights ? Sign.GOOD : Sign.SUSPECT,
                    stated.isEmpty()
                            ? "It must light with the key on, and go out with the engine running."
                            : lights
                                    ? "Its circuit is whole; where it feeds the field, the feed is there too."
                                    : "Bulb, fuse or its wire: where the lamp feeds the field, the alternator cannot start.");
        }

        private String says(List<Pin> pins) {
            long read = pins.stream().filter(p -> p.shown().isPresent()).count();
            if (read == 0) {
                return "Key on, engine off: what must reach the alternator, before the alternator is suspected.";
            }
            return pins.stream()
                    .filter(p -> p.sign() == Sign.FAILS)
                    .findFirst()
                    .map(p -> p.name() + ": " + p.says())
                    .or(() -> pins.stream()
                            .filter(p -> p.sign() == Sign.SUSPECT)
                            .findFirst()
                            .map(p -> p.name() + ": " + p.says()))
                    .orElse("%d of %d read, %d shown to arrive. Continuity only: the drops under load come later."
                            .formatted(
                                    read,
                                    pins.size(),
                                    pins.stream()
                                            .filter(p -> p.sign() == Sign.GOOD)
                                            .count()));
        }

        private String name(PointId point) {
            return circuit.point(point).map(p -> p.name()).orElse(point.value());
        }

        private Optional<Double> volts(PointId red, PointId black, Condition condition) {
            return evidence.counted().stream()
                    .filter(r -> r.condition() == condition)
                    .filter(r -> Set.of(r.red(), r.black()).equals(Set.of(red, black)))
                    .map(Reading::volts)
                    .map(Math::abs)
                    .reduce((first, second) -> second);
        }
    }
}
