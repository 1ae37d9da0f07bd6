package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Work on one vehicle: what was read so far, and what it took. */
final class Job {
    /** What hangs on the vehicle beside the meter. */
    enum Tools {
        METER("meter only"),
        CLAMP("meter and clamp"),
        SPEED("meter, clamp and speed");

        final String words;

        Tools(String words) {
            this.words = words;
        }
    }

    final Circuit circuit;
    final Vehicle vehicle;
    final Tools tools;
    final List<Observation> observations = new ArrayList<>();
    int readings;
    int moves;
    int cranks;
    int repairs;
    Optional<Observable.Volts> last = Optional.empty();
    private final Instruments instruments;
    private long names;

    Job(Circuit circuit, Vehicle vehicle, World world, Tools tools, long seed) {
        this.circuit = circuit;
        this.vehicle = vehicle;
        this.tools = tools;
        this.instruments = new Instruments(vehicle, world, seed);
    }

    /** Takes a reading; the clamp and the speed come with it where they are at hand. */
    double read(Observable what) {
        readings++;
        UUID id = new UUID(1, names++);
        if (!(what instanceof Observable.Volts volts)) {
            Instruments.Shown amps = instruments.standingAmps();
            observations.add(new Observation(id, what, amps.value(), amps.resolution()));
            return amps.value();
        }
        count(volts);
        Instruments.Taken taken = instruments.take(volts.red(), volts.black(), volts.condition());
        add(id, volts, taken.volts());
        boolean flows = volts.condition() != Condition.REST;
        if (tools != Tools.METER && flows) {
            add(id, new Observable.Amps(volts.condition()), taken.amps());
        }
        if (tools == Tools.SPEED && volts.condition() == Condition.CRANKING) {
            add(id, new Observable.Speed(volts.condition()), taken.speed());
        }
        return taken.volts().value();
    }

    double volts(Condition condition, PointId red, PointId black) {
        return read(new Observable.Volts(condition, red, black));
    }

    double posts(Condition condition) {
        return volts(condition, circuit.plusPost(), circuit.minusPost());
    }

    Optional<Double> lastAmps() {
        return observations.stream()
                .filter(o -> o.what() instanceof Observable.Amps)
                .reduce((a, b) -> b)
                .map(Observation::value);
    }

    /** After a repair nothing read with current holds any more. */
    void repaired(PartId part) {
        vehicle.repair(part);
        repairs++;
        observations.clear();
    }

    /** Charges the batteries; the one that was flat, if one was. */
    Optional<PartId> charged() {
        observations.clear();
        return vehicle.charge();
    }

    private void add(UUID id, Observable what, Instruments.Shown shown) {
        observations.add(new Observation(id, what, shown.value(), shown.resolution()));
    }

    private void count(Observable.Volts volts) {
        cranks += volts.condition().starterCalled() ? 1 : 0;
        for (PointId point : List.of(volts.red(), volts.black())) {
            boolean stays = last.filter(l -> l.red().equals(point) || l.black().equals(point))
                    .isPresent();
            moves += stays ? 0 : 1;
        }
        last = Optional.of(volts);
    }
}
