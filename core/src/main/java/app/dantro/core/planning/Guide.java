package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Side;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Outlook;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.Prospect;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.reading.Amount;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.Proof;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Advice in words: where the leads go, why, and what each result would mean.
 *
 * @param next the reading to take, if one is asked for
 * @param standby the next best ones
 */
public record Guide(Advice advice, Optional<ProbePlan> next, List<ProbePlan> standby) {
    private static final int STANDBY = 3;

    public Guide {
        standby = List.copyOf(standby);
    }

    /** The battery that the readings call flat. */
    public Optional<PartId> toCharge() {
        return advice.kind() == Advice.Kind.CHARGE ? advice.part() : Optional.empty();
    }

    /** The part that the readings speak against with all that readings can prove. */
    public Optional<PartId> toRepair() {
        return advice.kind() == Advice.Kind.REPAIR ? advice.part() : Optional.empty();
    }

    /** Advice on the evidence, in words. */
    public static Guide of(Findings findings, Judgement judgement, Workplace workplace) {
        Advice advice = Advisor.advise(judgement, workplace);
        Words words = new Words(findings, judgement, advice, workplace);
        List<ProbePlan> plans = advice.proposals().stream()
                .filter(p -> p.what() instanceof Observable.Volts)
                .map(p -> words.plan((Observable.Volts) p.what()))
                .toList();
        return new Guide(
                advice,
                plans.stream().findFirst(),
                plans.stream().skip(1).limit(STANDBY).toList());
    }

    /** Puts one advice into words. */
    private static final class Words {
        private static final double NAMED = 0.12;
        private static final double MOSTLY = 0.5;
        private static final int MOST_NAMES = 3;

        private final Findings findings;
        private final Judgement judgement;
        private final Advice advice;
        private final Workplace workplace;
        private final Circuit circuit;
        private final Outlook outlook;

        Words(Findings findings, Judgement judgement, Advice advice, Workplace workplace) {
            this.findings = findings;
            this.judgement = judgement;
            this.advice = advice;
            this.workplace = workplace;
            this.circuit = findings.evidence().circuit();
            this.outlook = Outlook.of(judgement.posterior());
        }

        ProbePlan plan(Observable.Volts chosen) {
            Observable.Volts what = withFlow(chosen);
            List<Prospect> prospects = outlook.prospects(what);
            Posterior posterior = judgement.posterior();
            Forecast likeliest = posterior.forecasts(1).get(0);
            double faulty = likeliest.expected(what, 1e-3).mean();
            double good = advice.part()
                    .map(p -> likeliest.repaired(p).expected(what, 1e-3).mean())
                    .orElse(faulty);
            List<Outcome> outcomes = advice.kind() == Advice.Kind.SEARCH
                    ? prospects.stream().map(p -> outcome(p)).toList()
                    : proving(good, faulty);
            return new ProbePlan(
                    what.red(), what.black(), what.condition(), title(what), why(what), outcomes, good, faulty);
        }

        /** Red where the voltage is higher, so that the meter most likely shows no minus. */
        private Observable.Volts withFlow(Observable.Volts what) {
            Posterior posterior = judgement.posterior();
            double volts = posterior.forecasts(1).get(0).expected(what, 1e-3).mean();
            return volts < 0 ? new Observable.Volts(what.condition(), what.black(), what.red()) : what;
        }

        private String title(Observable.Volts what) {
            Set<PointId> pair = Set.of(what.red(), what.black());
            if (pair.equals(Set.of(circuit.plusPost(), circuit.minusPost()))) {
                return what.condition() == Condition.REST
                        ? "Base voltage at the posts"
                        : "Battery voltage, " + what.condition().words();
            }
            for (Part part : circuit.parts()) {
                if (pair.equals(Set.of(part.from(), part.to()))) {
                    return "Across the " + part.name();
                }
            }
            for (Side side : Side.values()) {
                var ends = findings.loop().ends(side);
                if (what.condition().starterCalled() && pair.equals(Set.of(ends.getKey(), ends.getValue()))) {
                    return "Whole " + side.words();
                }
            }
            String from = name(what.red());
            return "%s to %s".formatted(capital(from), name(what.black()));
        }

        private String why(Observable.Volts what) {
            Optional<String> part = advice.part().flatMap(circuit::nameOf);
            return switch (advice.kind()) {
                case PROVE ->
                    "A fault in the %s is %s. It is called faulty only after %s."
                            .formatted(
                                    part.orElse("part"),
                                    advice.part()
                                            .map(judgement::probability)
                                            .map(Suspicion::words)
                                            .orElse("likely"),
                                    link(what));
                case REPEAT ->
                    part.isPresent()
                            ? "This reading alone carries the verdict: read it a second time."
                            : "This reading does not fit the others: read it again before anything rests on it.";
                default -> search(what);
            };
        }

        private String link(Observable.Volts what) {
            return advice.part()
                    .flatMap(p -> judgement.proof().chain(p).stream()
                            .filter(l -> l.any().stream().anyMatch(w -> Proof.same(w, what)))
                            .map(Proof.Link::words)
                            .findFirst())
                    .orElse("this reading");
        }

        private String search(Observable.Volts what) {
            long suspects = judgement.ranked().stream()
                    .filter(p -> judgement.probability(p) >= 0.02)
                    .count();
            String from = suspects > 1 ? ", with %d parts in question".formatted(suspects) : "";
            boolean stays = !Cost.moves(what.red(), workplace.last()) || !Cost.moves(what.black(), workplace.last());
            return "Tells most for its effort%s.%s".formatted(from, stays ? " One lead stays." : "");
        }

        private Outcome outcome(Prospect prospect) {
            return new Outcome(range(prospect), meaning(prospect));
        }

        private static String range(Prospect p) {
            if (p.lowValue() == Double.NEGATIVE_INFINITY && p.highValue() == Double.POSITIVE_INFINITY) {
                return "Whatever it shows";
            }
            if (p.lowValue() == Double.NEGATIVE_INFINITY) {
                return "Under " + Amount.volts(p.highValue());
            }
            return p.highValue() == Double.POSITIVE_INFINITY
                    ? "Over " + Amount.volts(p.lowValue())
                    : "%s to %s".formatted(Amount.volts(p.lowValue()), Amount.volts(p.highValue()));
        }

        private String meaning(Prospect prospect) {
            if (prospect.healthy() >= MOSTLY) {
                return "no fault there";
            }
            List<PartId> named = new ArrayList<>(prospect.named(NAMED));
            int all = prospect.named(0.02).size();
            if (named.isEmpty() || named.size() > MOST_NAMES) {
                List<PartId> top = prospect.named(0).stream().limit(2).toList();
                return "it is one of %d, most likely %s".formatted(Math.max(all, 3), listed(top));
            }
            return "it is " + listed(named);
        }

        private String listed(List<PartId> parts) {
            return parts.stream()
                    .map(p -> "the " + circuit.nameOf(p).orElse(p.value()))
                    .collect(Collectors.joining(" or "));
        }

        private List<Outcome> proving(double good, double faulty) {
            if (advice.part().isEmpty() || Math.abs(good - faulty) < 1e-3) {
                return List.of();
            }
            String name = circuit.nameOf(advice.part().get()).orElseThrow();
            double low = Math.min(Math.abs(good), Math.abs(faulty));
            double high = Math.max(Math.abs(good), Math.abs(faulty));
            double limit = low > 0 ? Math.max(Math.sqrt(low * high), low + 0.1 * (high - low)) : (low + high) / 2;
            boolean over = Math.abs(faulty) > Math.abs(good);
            String it = "it is the " + name;
            String not = "it is good: something else explains the readings";
            return List.of(
                    new Outcome("Over " + Amount.volts(limit), over ? it : not),
                    new Outcome("Under " + Amount.volts(limit), over ? not : it));
        }

        private String name(PointId point) {
            return circuit.point(point).orElseThrow().name();
        }

        private static String capital(String words) {
            return Character.toUpperCase(words.charAt(0)) + words.substring(1);
        }
    }
}
