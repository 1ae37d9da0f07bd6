package app.dantro.core.standing;

import app.dantro.core.circuit.PartId;
import app.dantro.core.fact.NoMoreComes;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What speaks against an alternator by itself, whatever else fits: more volts than any regulator asks for, more ripple than
 * any healthy one gives, volts that fall under load though both sides are good.
 */
final class BesideCharging {
    private final Findings rules;
    private final Judgement judgement;
    private final Statements said;

    BesideCharging(Findings rules, Judgement judgement) {
        this.rules = rules;
        this.judgement = judgement;
        this.said = rules.evidence().statements();
    }

    /** Ripple and diode test both fail: that is the machine, once its belt and plug were seen. */
    Optional<PartFinding> diodes(PartFinding part) {
        if (!Figures.diodesFail(rules.evidence()) || !judgement.isAlternator(part.part())) {
            return Optional.empty();
        }
        List<Reason> unseen = judgement.unseen(part.part(), said);
        return Optional.of(
                unseen.isEmpty()
                        ? part.as(Standing.FAULTY, StandingReason.DIODES.with()).missing(List.of())
                        : part.as(Standing.SUSPECT, StandingReason.DIODES.with(), StandingReason.READINGS_ALONE.with())
                                .missing(unseen));
    }

    /** It holds its volts with the loads off and not with all of them on, and both sides are good: no more comes. */
    Optional<PartFinding> falls(PartFinding part) {
        return judgement.isAlternator(part.part())
                ? NoMoreComes.shown(rules.evidence())
                        .map(why -> part.as(Standing.SUSPECT, why).missing(judgement.unseen(part.part(), said)))
                : Optional.empty();
    }

    /** More volts than any regulator asks for: what regulates, what it senses, or the ground it stands on. */
    Optional<PartFinding> overcharging(PartFinding part, double probability) {
        CaseRecord record = rules.evidence();
        double most = MachineDares.overcharge(record) * record.circuit().blocks();
        if (!judgement.isAlternator(part.part()) || probability < Marks.EXONERATED && likelierElsewhere()) {
            return Optional.empty();
        }
        return record
                .counted()
                .across(record.circuit().plusPost(), record.circuit().minusPost())
                .where(r -> r.condition().running())
                .stream()
                .collect(Collectors.toMap(Reading::condition, r -> r, Newest::of, TreeMap::new))
                .values()
                .stream()
                .filter(r -> Math.abs(r.volts()) >= most)
                .max(Comparator.comparingDouble(r -> Math.abs(r.volts())))
                .map(r -> part.as(Standing.SUSPECT, tooMuch(r)).missing(judgement.unseen(part.part(), said)));
    }

    private Reason tooMuch(Reading high) {
        Quantity shown = Quantity.volts(Math.abs(high.volts()), high.resolutionVolts());
        CaseRecord record = rules.evidence();
        double most = MachineDares.overcharge(record.celsius(), said.says(Topic.CHEMISTRY, Answer.LITHIUM))
                * record.circuit().blocks();
        return (Math.abs(high.volts()) >= most ? StandingReason.OVERCHARGES : StandingReason.OVERCHARGES_AS_SAID)
                .with(shown);
    }

    /** True if something else is likely enough to be what makes it so, such as the ground its regulator stands on. */
    private boolean likelierElsewhere() {
        return judgement.ranked().stream()
                        .findFirst()
                        .map(judgement::probability)
                        .orElse(0.0)
                >= Marks.SUSPECT;
    }

    /** More ripple than any healthy machine gives suspects it; what its diodes are, their own test says. */
    Optional<PartFinding> ripplingAlternator(PartFinding part) {
        PartId id = part.part();
        Optional<String> shown = Figures.muchRipple(rules.evidence());
        if (shown.isEmpty() || !judgement.isAlternator(id)) {
            return Optional.empty();
        }
        List<Reason> missing = new ArrayList<>(List.of(StandingReason.DIODE_TEST.with()));
        missing.addAll(judgement.unseen(id, said));
        return Optional.of(part.as(Standing.SUSPECT, StandingReason.RIPPLE.with(Quantity.named(shown.get())))
                .missing(missing));
    }
}
