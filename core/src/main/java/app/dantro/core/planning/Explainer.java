package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Pair;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Side;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Outlook;
import app.dantro.core.inference.Prospect;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.Link;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Gives a proposal its title, its reason and the meaning of its results. */
final class Explainer {
    private static final double PER_CENT = 100;

    private static final double DIGIT_VOLTS = 1e-3;

    private final Findings findings;
    private final Judgement judgement;
    private final Advice advice;
    private final Workplace workplace;
    private final Circuit circuit;
    private final Forecast likeliest;
    private final Outlook outlook;

    Explainer(Findings findings, Judgement judgement, Advice advice, Workplace workplace) {
        this.findings = findings;
        this.judgement = judgement;
        this.advice = advice;
        this.workplace = workplace;
        this.circuit = findings.evidence().circuit();
        this.likeliest = judgement.posterior().forecasts(1).get(0);
        this.outlook = Outlook.of(judgement.posterior());
    }

    ProbePlan plan(Observable.Volts chosen) {
        Observable.Volts what = withFlow(chosen);
        double faulty = expected(likeliest, what);
        double good =
                advice.part().map(p -> expected(likeliest.repaired(p), what)).orElse(faulty);
        List<Outcome> outcomes = advice.kind() == Advice.Kind.SEARCH
                ? outlook.prospects(what).stream().map(this::outcome).toList()
                : proving(good, faulty);
        return new ProbePlan(
                what.red(), what.black(), what.condition(), title(what), because(what), outcomes, good, faulty);
    }

    private static double expected(Forecast forecast, Observable what) {
        return forecast.expected(what, DIGIT_VOLTS).mean();
    }

    /** Red where the voltage is higher, so that the meter most likely shows no minus. */
    private Observable.Volts withFlow(Observable.Volts what) {
        return expected(likeliest, what) < 0 ? new Observable.Volts(what.condition(), what.black(), what.red()) : what;
    }

    private Reason title(Observable.Volts what) {
        Pair pair = Pair.of(what.red(), what.black());
        if (pair.equals(circuit.posts())) {
            return what.condition() == Condition.REST
                    ? PlanReason.BASE_AT_POSTS.with()
                    : PlanReason.BATTERY_VOLTAGE.with(
                            Quantity.named(what.condition().words()));
        }
        return circuit.parts().stream()
                .filter(part -> pair.equals(Pair.of(part.from(), part.to())))
                .findFirst()
                .map(part -> PlanReason.ACROSS.with(Quantity.named(part.name())))
                .or(() -> wholeSide(what.condition(), pair))
                .orElseGet(() -> PlanReason.POINT_TO_POINT.with(
                        Quantity.named(Reason.capital(PointName.of(circuit, what.red()))),
                        Quantity.named(PointName.of(circuit, what.black()))));
    }

    private Optional<Reason> wholeSide(Condition condition, Pair pair) {
        for (Side side : Side.values()) {
            var ends = findings.loop().ends(side);
            if (condition.starterCalled() && pair.equals(Pair.of(ends.getKey(), ends.getValue()))) {
                return Optional.of(PlanReason.WHOLE.with(Quantity.named(side.words())));
            }
        }
        return Optional.empty();
    }

    private List<Reason> because(Observable.Volts what) {
        return switch (advice.kind()) {
            case PROVE -> advice.part().filter(judgement::suspected).isPresent() ? List.of(prove(what)) : search(what);
            case REPEAT ->
                List.of(
                        advice.part().flatMap(circuit::nameOf).isPresent()
                                ? PlanReason.CARRIES_ALONE.with()
                                : PlanReason.DOES_NOT_FIT.with());
            default -> search(what);
        };
    }

    private Reason prove(Observable what) {
        String name = advice.part().flatMap(circuit::nameOf).orElse("part");
        String likely =
                advice.part().map(judgement::probability).map(Suspicion::words).orElse("likely");
        String link = advice.part()
                .flatMap(p -> judgement.proof().chain(p).stream()
                        .filter(l -> l.asks(what))
                        .map(Link::words)
                        .findFirst())
                .orElse("this reading");
        return PlanReason.CALLED_ONLY_AFTER.with(Quantity.named(name), Quantity.named(likely), Quantity.named(link));
    }

    private List<Reason> search(Observable.Volts what) {
        long suspects = judgement.ranked().stream()
                .filter(p -> judgement.probability(p) >= Marks.ASSUMED_IN_QUESTION)
                .count();
        List<Reason> why = new ArrayList<>();
        why.add(suspects > 1 ? PlanReason.TELLS_MOST_OF.with(Quantity.count(suspects)) : PlanReason.TELLS_MOST.with());
        if (!Cost.moves(what.red(), workplace.last()) || !Cost.moves(what.black(), workplace.last())) {
            why.add(PlanReason.ONE_LEAD_STAYS.with());
        }
        return why;
    }

    private Outcome outcome(Prospect prospect) {
        return new Outcome(range(prospect), meaning(prospect));
    }

    private static Reason range(Prospect p) {
        boolean fromBelow = p.lowValue() == Double.NEGATIVE_INFINITY;
        boolean toAbove = p.highValue() == Double.POSITIVE_INFINITY;
        if (fromBelow && toAbove) {
            return PlanReason.WHATEVER.with();
        }
        if (fromBelow) {
            return PlanReason.UNDER.with(Quantity.volts(p.highValue()));
        }
        return toAbove
                ? PlanReason.OVER.with(Quantity.volts(p.lowValue()))
                : PlanReason.BETWEEN.with(Quantity.volts(p.lowValue()), Quantity.volts(p.highValue()));
    }

    private Reason meaning(Prospect prospect) {
        if (prospect.healthy() >= Marks.ASSUMED_MOSTLY) {
            return PlanReason.NO_FAULT_THERE.with();
        }
        List<PartId> named = prospect.named(Marks.ASSUMED_NAMED);
        if (named.isEmpty() || named.size() > Marks.MOST_NAMES) {
            int all = prospect.named(Marks.ASSUMED_IN_QUESTION).size();
            List<PartId> top = prospect.named(0).stream().limit(2).toList();
            return PlanReason.ONE_OF.with(Quantity.count(Math.max(all, Marks.MOST_NAMES)), listed(top));
        }
        double together =
                named.stream().mapToDouble(p -> prospect.parts().get(p)).sum();
        if (together >= Marks.IT_IS) {
            return PlanReason.IT_IS.with(listed(named));
        }
        boolean asHealthy = prospect.healthy() >= prospect.parts().get(named.get(0));
        return asHealthy
                ? PlanReason.AS_HEALTHY_SHOW.with()
                : PlanReason.POINTS_TO.with(listed(named), Quantity.count(Math.round(PER_CENT * together)));
    }

    private Quantity listed(List<PartId> parts) {
        return Quantity.named(parts.stream()
                .map(p -> "the " + circuit.nameOf(p).orElse(p.value()))
                .collect(Collectors.joining(" or ")));
    }

    private List<Outcome> proving(double good, double faulty) {
        if (advice.part().isEmpty() || Math.abs(good - faulty) < Marks.ASSUMED_SAME_VOLTS) {
            return List.of();
        }
        double low = Math.min(Math.abs(good), Math.abs(faulty));
        double high = Math.max(Math.abs(good), Math.abs(faulty));
        double limit =
                low > 0 ? Math.max(Math.sqrt(low * high), low + Marks.ASSUMED_MARGIN * (high - low)) : (low + high) / 2;
        boolean over = Math.abs(faulty) > Math.abs(good);
        Quantity part = listed(List.of(advice.part().get()));
        Reason it = judgement.probability(advice.part().get()) >= Marks.IT_IS
                ? PlanReason.IT_IS.with(part)
                : PlanReason.SPEAKS_AGAINST.with(part);
        Reason not = PlanReason.GOOD_OTHERWISE.with();
        return List.of(Outcome.over(limit, over ? it : not), Outcome.under(limit, over ? not : it));
    }
}
