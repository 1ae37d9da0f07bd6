package app.dantro.server.assess;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Experience;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.standing.Foretold;
import app.dantro.core.standing.WhatIf;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredCase;
import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * What follows from cases, worked out once for each state of a record and kept: the Bay shows the same ones again and again,
 * and what follows from a record never changes.
 */
@Component
public class Assessments {
    private static final Logger LOG = LoggerFactory.getLogger(Assessments.class);
    private static final int KEPT = 256;

    private final OrderOfWork order;
    private final PreparedCircuits prepared;
    private final Judging judging;
    private final Cache<Assessed, Assessment> recent;
    private final Cache<Repaired, Optional<WhatIf>> foretold;

    private record Assessed(StoredCase file, Shop shop, boolean judged) {}

    /** What the shop adds of its own. */
    private record Shop(OwnSets own, Experience experience) {}

    /** A record as it stood when a part was repaired. */
    private record Repaired(CaseRecord record, PartId part) {}

    Assessments(OrderOfWork order, PreparedCircuits prepared, Judging judging, Keeping keeping) {
        this.recent = keeping.caches().maximumSize(KEPT).build();
        this.foretold = keeping.caches().maximumSize(KEPT).build();
        this.order = order;
        this.prepared = prepared;
        this.judging = judging;
    }

    /**
     * Everything that follows from a case's events; the judgement too, once the circuit is ready for it and if it is worked
     * out in a moment. If not, the case is told when there is more to say.
     */
    public Assessment of(StoredCase file) {
        return fenced(file, shop -> inTime(file, shop, prepared.of(file)));
    }

    private Assessment inTime(StoredCase file, Shop shop, Optional<PreparedCircuit> circuit) {
        Assessed state = new Assessed(file.on(List.of()), shop, circuit.isPresent());
        Assessment known = recent.getIfPresent(state);
        if (known != null || circuit.isEmpty()) {
            return known != null ? known : of(file, shop, circuit);
        }
        return judging.within(file.record().id(), state, () -> of(file, shop, circuit))
                .orElseGet(() -> byRules(file, shop));
    }

    /** The same without asking for a circuit that is not ready. */
    public Assessment ifReady(StoredCase file) {
        return fenced(file, shop -> of(file, shop, prepared.ifReady(file)));
    }

    /** How many circuits were worked out so far. */
    public long circuits() {
        return prepared.tried();
    }

    /** What follows by rules alone. */
    public Assessment byRules(StoredCase file) {
        return fenced(file, shop -> byRules(file, shop));
    }

    /**
     * One case that cannot be judged takes no other down, and shows what is on record: without the judgement first, then
     * without what the rules say.
     */
    private Assessment fenced(StoredCase file, Function<Shop, Assessment> judging) {
        Shop shop = shop(file);
        OwnSets own = shop.own();
        try {
            Assessment now = judging.apply(shop);
            return file.closing()
                    .map(c -> c.said().over(now, file.basis().orElseThrow().basis()))
                    .orElse(now);
        } catch (RuntimeException judged) {
            LOG.error("Case {} cannot be judged", file.record().id(), judged);
            CaseRecord record = file.evidence();
            Loop loop = file.record().concern();
            try {
                return order.withoutJudgement(loop, record, own, why(judged));
            } catch (RuntimeException ruled) {
                LOG.error("Case {} fails by rules alone", file.record().id(), ruled);
                return order.unjudged(loop, record, own, why(ruled));
            }
        }
    }

    private static Shop shop(StoredCase file) {
        return new Shop(
                file.basis().map(b -> b.basis().own()).orElseGet(OwnSets::none),
                file.basis().flatMap(StoredBasis::experience).orElseGet(Experience::none));
    }

    private static String why(RuntimeException e) {
        return e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
    }

    private Assessment of(StoredCase file, Shop shop, Optional<PreparedCircuit> circuit) {
        return recent.get(
                new Assessed(file.on(List.of()), shop, circuit.isPresent()),
                key -> circuit.map(c -> judged(file, shop, c)).orElseGet(() -> byRules(file, shop)));
    }

    private Assessment byRules(StoredCase file, Shop shop) {
        return order.assess(file.record().concern(), file.evidence(), shop.own());
    }

    private Assessment judged(StoredCase file, Shop shop, PreparedCircuit circuit) {
        Foretold computed = Foretold.by(circuit, Complaint.about(file.record().concern()));
        return order.assess(
                file.record().concern(),
                file.evidence(),
                shop.own(),
                shop.experience(),
                circuit,
                (record, part) -> foretold.get(new Repaired(record, part), k -> computed.before(record, part)));
    }
}
