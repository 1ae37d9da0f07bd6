package app.dantro.core.figure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.limits.DrawList;
import app.dantro.core.limits.Margin;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The starter's draw against its maker's figure, else against a list by cylinders (docs/job.md, test 5). */
final class StarterDraw {
    private StarterDraw() {}

    static Optional<FigureVerdict> judged(Stated stated) {
        return stated.newestAmps(List.of(Condition.CRANKING))
                .flatMap(amps -> stated.figure(Topic.MAKER_DRAW)
                        .map(maker -> ofMaker(amps, maker))
                        .or(() -> stated.figure(Topic.CYLINDERS)
                                .flatMap(cylinders -> ofLists(stated, amps, (int) Math.round(cylinders)))));
    }

    private static FigureVerdict ofMaker(double amps, double maker) {
        double share = amps / maker;
        boolean normal = Math.abs(share - 1) <= Margin.MAKERS_SHARE;
        List<Reason> because = new ArrayList<>();
        because.add(FigureReason.SHARE_OF_MAKERS.with(Quantity.percent(share), Quantity.amps(maker)));
        if (!normal) {
            because.add((share < 1 ? FigureReason.DRAW_LOW : FigureReason.DRAW_HIGH).with());
        }
        return verdict(List.of(Topic.MAKER_DRAW), amps, normal ? Sign.GOOD : Sign.SUSPECT, because);
    }

    /** By the list that was chosen; what the other one says stands beside it where it differs. */
    private static Optional<FigureVerdict> ofLists(Stated stated, double amps, int cylinders) {
        DrawList chosen = stated.said()
                .answer(Topic.DRAW_LIST)
                .map(a -> DrawList.valueOf(a.name()))
                .orElse(DrawList.HIGHER);
        DrawList other = chosen == DrawList.HIGHER ? DrawList.LOWER : DrawList.HIGHER;
        return chosen.of(cylinders).map(band -> {
            List<Reason> because = new ArrayList<>();
            because.add(said(FigureReason.BY_THIS_LIST, band, cylinders));
            boolean normal = band.holds(amps);
            if (!normal) {
                because.add((amps < band.lowAmps() ? FigureReason.DRAW_LOW : FigureReason.DRAW_HIGH).with());
            }
            other.of(cylinders)
                    .filter(b -> b.holds(amps) != normal)
                    .ifPresent(b -> because.add(said(FigureReason.BY_THE_OTHER_LIST, b, cylinders)));
            return verdict(List.of(Topic.CYLINDERS, Topic.DRAW_LIST), amps, normal ? Sign.GOOD : Sign.SUSPECT, because);
        });
    }

    private static Reason said(FigureReason reason, DrawList.Band band, int cylinders) {
        return reason.with(Quantity.amps(band.lowAmps()), Quantity.amps(band.highAmps()), Quantity.count(cylinders));
    }

    private static FigureVerdict verdict(List<Topic> topics, double amps, Sign sign, List<Reason> because) {
        return new FigureVerdict(topics, FigureName.STARTER_DRAW.with(), Amount.amps(amps), sign, because);
    }
}
