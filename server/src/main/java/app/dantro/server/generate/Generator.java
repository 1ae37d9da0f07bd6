package app.dantro.server.generate;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.server.format.CircuitFormat;
import app.dantro.server.generate.VisitWriter.Work;
import app.dantro.server.job.Cases;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.Circuits;
import app.dantro.server.store.VehicleDetail;
import app.dantro.server.store.VehicleDetailStore;
import app.dantro.server.store.VehicleField;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty data folder with the years of a workshop; the same seed makes the same vehicles. */
@Component
@ConditionalOnProperty("dantro.generate.vehicles")
class Generator implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(Generator.class);
    private static final int VISITS_A_YEAR = 10;
    private static final int SAID_EVERY = 100;
    /** Of so many vehicles one is still in the Bay. */
    private static final int OPEN_ONE_IN = 33;
    /** So many vehicles' newest visits are worked on as the plan asks. */
    private static final int PLANNED = 200;

    private static final List<String> CIRCUITS =
            List.of("petrol-car", "petrol-body-return", "computer-regulated", "diesel-glow", "truck-24v");

    private final CaseStore cases;
    private final Cases files;
    private final VisitWriter visits;
    private final VehicleDetailStore details;
    private final Circuits circuits;
    private final TransactionTemplate transaction;
    private final Clock clock;

    @Value("${dantro.generate.vehicles}")
    private int vehicles;

    @Value("${dantro.generate.years:5}")
    private int years;

    @Value("${dantro.generate.seed:7}")
    private long seed;

    Generator(
            CaseStore cases,
            Cases files,
            VisitWriter visits,
            VehicleDetailStore details,
            Circuits circuits,
            TransactionTemplate transaction,
            Clock clock) {
        this.cases = cases;
        this.files = files;
        this.visits = visits;
        this.details = details;
        this.circuits = circuits;
        this.transaction = transaction;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (cases.any()) {
            LOG.warn("There is something in this folder already: nothing was generated");
            return;
        }
        List<String> known = CIRCUITS.stream()
                .filter(c -> ReadyMadeCircuits.named(c).isPresent())
                .toList();
        Random random = new Random(seed);
        for (int v = 0; v < vehicles; v++) {
            String circuit = known.get(random.nextInt(known.size()));
            int number = v;
            long own = random.nextLong();
            transaction.executeWithoutResult(status -> vehicle(number, circuit, new Random(own)));
            if ((v + 1) % SAID_EVERY == 0) {
                LOG.info("{} of {} vehicles", v + 1, vehicles);
            }
        }
        LOG.info("Generated: {} vehicles with {} visits each", vehicles, years * VISITS_A_YEAR);
    }

    private static Work last(int number) {
        return number % OPEN_ONE_IN == 0 ? Work.BEGUN : number < PLANNED ? Work.PLANNED : Work.USUAL;
    }

    private void vehicle(int number, String circuit, Random random) {
        Circuit built = ReadyMadeCircuits.named(circuit).orElseThrow();
        String json = CircuitFormat.readyMade(circuit);
        AgingVehicle vehicle =
                new AgingVehicle(number, built, circuits.of(1, json).loop(), random);
        VisitWriter.Place place = new VisitWriter.Place(circuits.of(1, json), json, files.basis());
        Optional<UUID> known = Optional.empty();
        long every = Duration.ofDays(365).toMillis() / VISITS_A_YEAR;
        long first = clock.millis() - years * Duration.ofDays(365).toMillis();
        int all = years * VISITS_A_YEAR;
        for (int n = 0; n < all; n++) {
            vehicle.age();
            long at = first + n * every + (long) (random.nextDouble() * every / 2);
            UUID id = new UUID(random.nextLong(), random.nextLong());
            visits.visit(
                    new VisitWriter.Visit(id, known, at, n, n < all - 1 ? Work.USUAL : last(number)), vehicle, place);
            known = known.or(() -> Optional.of(id));
        }
        details.say(new VehicleDetail(
                new UUID(random.nextLong(), random.nextLong()),
                known.orElseThrow(),
                VehicleField.PLATE,
                vehicle.plate,
                EntryWriter.BY,
                first));
    }
}
