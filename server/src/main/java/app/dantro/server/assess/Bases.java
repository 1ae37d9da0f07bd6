package app.dantro.server.assess;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.inference.Experience;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Basis;
import app.dantro.server.store.BasisStore;
import app.dantro.server.store.ExperienceStore;
import app.dantro.server.store.LimitSetStore;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredBasis.Closing;
import app.dantro.server.store.StoredBasis.Why;
import app.dantro.server.store.StoredCase;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * Keeps what each case is judged by. An open case moves to what this program judges by, with an event that is shown; a
 * closed one keeps what it said. Where the disk takes nothing more, a case can still be looked at: it moves the next time.
 */
@Component
public class Bases {
    private static final Logger LOG = LoggerFactory.getLogger(Bases.class);

    private final BasisStore store;
    private final LimitSetStore sets;
    private final ExperienceStore experience;
    private final Clock clock;

    Bases(BasisStore store, LimitSetStore sets, ExperienceStore experience, Clock clock) {
        this.experience = experience;
        this.store = store;
        this.sets = sets;
        this.clock = clock;
    }

    /** What an open case is judged by now. */
    public Basis now() {
        return Basis.with(sets.all());
    }

    /** What the shop's own repairs say of a case that is opened now; empty where they are left aside. */
    public Optional<Experience> learned(Circuit circuit, Loop concern) {
        return experience.count()
                ? Optional.of(experience.repairs().of(VehicleSort.of(circuit), concern))
                : Optional.empty();
    }

    /** What they said when the case came to be judged by them stays: nobody's next step moves with another vehicle's repair. */
    private Optional<Experience> learned(StoredCase file) {
        if (file.simulation().isPresent() || !experience.count()) {
            return Optional.empty();
        }
        return file.basis()
                .flatMap(StoredBasis::experience)
                .or(() -> learned(file.circuit(), file.record().concern()));
    }

    /** The case on the basis it is to be judged by: its own if it is closed, otherwise the one of this program. */
    public StoredCase current(StoredCase file) {
        Basis now = now();
        Optional<StoredBasis> last = file.basis();
        if (file.closing().isPresent()) {
            return file;
        }
        Optional<Experience> learned = learned(file);
        boolean stands = last.filter(b -> b.closing().isEmpty()
                        && b.basis().equals(now)
                        && b.experience().equals(learned))
                .isPresent();
        if (stands) {
            return file;
        }
        int position = last.map(StoredBasis::position).orElse(0) + 1;
        StoredBasis moved = new StoredBasis(position, now, why(last, now), clock.millis(), learned, Optional.empty());
        try {
            store.add(file.record().id(), moved);
        } catch (DataAccessException e) {
            LOG.error(
                    "Case {} stays on its basis: the newer one cannot be written",
                    file.record().id(),
                    e);
            return file;
        }
        List<StoredBasis> all = new ArrayList<>(file.bases());
        all.add(moved);
        return file.on(all);
    }

    private static Why why(Optional<StoredBasis> last, Basis now) {
        if (last.isEmpty()) {
            return Why.FIRST_KEPT;
        }
        if (last.get().closing().isPresent()) {
            return Why.REOPENED;
        }
        if (last.get().basis().equals(now)) {
            return Why.OWN_REPAIRS;
        }
        return last.get().basis().ofThisProgram() ? Why.OWN_LIMITS : Why.NEWER_PROGRAM;
    }

    /** Keeps what a case says once it has closed and all its readings were judged. */
    public StoredCase kept(StoredCase file, Assessment assessment) {
        boolean said = assessment instanceof Assessment.Judged || assessment instanceof Assessment.Unjudged;
        if (!said || !assessment.stage().closed() || file.closing().isPresent()) {
            return file;
        }
        UUID id = file.record().id();
        StoredBasis basis = file.basis().orElseThrow();
        Closing closing = new Closing(AsSaid.of(assessment), file.judged(), clock.millis());
        try {
            store.close(id, basis.position(), closing);
        } catch (DataAccessException e) {
            LOG.error("What case {} says at its closing cannot be written", id, e);
            return file;
        }
        List<StoredBasis> all = new ArrayList<>(file.bases());
        all.set(all.size() - 1, basis.closed(closing));
        return file.on(all);
    }
}
