package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.quantity.Reason;
import java.util.ArrayList;
import java.util.List;

/**
 * Findings with the judgement worked in. The rules of the starting loop stay; the judgement adds every other part, the
 * probabilities, what carries them, and has the last word on who may be called faulty (docs/decisions/0010).
 */
public final class Standings {
    private final Findings rules;
    private final Judgement judgement;
    private final Circuit circuit;
    private final StandingTable table;

    private Standings(Findings rules, Judgement judgement) {
        this.rules = rules;
        this.judgement = judgement;
        this.circuit = rules.evidence().circuit();
        this.table = new StandingTable(rules, judgement);
    }

    /** The findings of the rules with the judgement's standings, doubts and suspicions. */
    public static Findings of(Findings rules, Judgement judgement) {
        return new Standings(rules, judgement).findings();
    }

    private Findings findings() {
        List<PartFinding> parts = new ArrayList<>();
        rules.parts().forEach(rule -> parts.add(named(table.judged(rule))));
        for (Part part : circuit.parts()) {
            if (rules.find(part.id()).isEmpty()) {
                parts.add(table.judged(open(
                        PartFinding.open(part.id(), part.name()), List.of(StandingReason.ACROSS_JUST_THIS.with()))));
            }
        }
        for (Device device : circuit.devices()) {
            if (rules.find(device.id()).isEmpty() && isJudged(device)) {
                List<Reason> missing = judgement.proof().missing(device.id()).stream()
                        .map(Link::what)
                        .toList();
                PartFinding judged = named(table.judged(open(PartFinding.open(device.id(), device.name()), missing)));
                if (!(device instanceof Load) || judged.alarmed()) {
                    parts.add(judged);
                }
            }
        }
        return new Findings(
                rules.facts(), parts, Doubts.of(judgement.posterior()), new Headline(rules, judgement).of(parts));
    }

    /** An alternator is named by what regulates it. */
    private PartFinding named(PartFinding finding) {
        if (circuit.alternator().filter(a -> a.id().equals(finding.part())).isEmpty()) {
            return finding;
        }
        AlternatorName name = AlternatorName.of(
                circuit.regulator().orElseThrow(),
                judgement.posterior(),
                finding.part(),
                rules.evidence().statements());
        return finding.named(name.name(), name.adds());
    }

    private boolean isJudged(Device device) {
        return !(device instanceof Pile)
                && !(device instanceof Solenoid)
                && (!(device instanceof Load) || judgement.mayDrain(device.id()));
    }

    private static PartFinding open(PartFinding part, List<Reason> missing) {
        return part.as(Standing.NOT_PROVEN, StandingReason.NOTHING_SPEAKS.with())
                .missing(missing);
    }
}
