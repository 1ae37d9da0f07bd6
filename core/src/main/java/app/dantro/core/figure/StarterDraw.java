package app.dantro.core.figure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.limits.Margin;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The starter's draw against its maker's figure (docs/job.md, test 5). */
final class StarterDraw {
    private StarterDraw() {}

    static Optional<FigureVerdict> judged(Stated stated) {
        Optional<Double> maker = stated.figure(Topic.MAKER_DRAW);
        Optional<Double> amps = stated.newestAmps(List.of(Condition.CRANKING));
        if (maker.isEmpty() || amps.isEmpty()) {
            return Optional.empty();
        }
        double share = amps.get() / maker.get();
        boolean normal = Math.abs(share - 1) <= Margin.MAKERS_SHARE;
        List<Reason> because = new ArrayList<>();
        because.add(FigureReason.SHARE_OF_MAKERS.with(Quantity.percent(share), Quantity.amps(maker.get())));
        if (!normal) {
            because.add((share < 1 ? FigureReason.DRAW_LOW : FigureReason.DRAW_HIGH).with());
        }
        return Optional.of(new FigureVerdict(
                List.of(Topic.MAKER_DRAW),
                FigureName.STARTER_DRAW.with(),
                Amount.amps(amps.get()),
                normal ? Sign.GOOD : Sign.SUSPECT,
                because));
    }
}
