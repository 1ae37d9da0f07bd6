package app.dantro.core.charging;

import app.dantro.core.charging.LoadedDrops.LoadedDrop;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.Optional;

/**
 * The charging side of one case, all its checks together; empty lists for a vehicle without an alternator.
 *
 * @param effects what each part would do if it went bad, the strongest first
 * @param walks each side as it was read from one post
 * @param piles what a carbon pile shows at either end
 * @param output what the alternator puts out
 * @param regulation what regulates it
 * @param drain what empties the battery overnight
 */
public record ChargingSide(
        CaseRecord record,
        SensingEffects effects,
        Optional<FeedCheck> feed,
        List<LoadedDrop> loaded,
        Optional<GroundTree> ground,
        List<PostWalk> walks,
        List<PileTest> piles,
        Optional<OutputSteps> steps,
        List<ColdAndWarm.Compared> coldAndWarm,
        List<FigureVerdict> output,
        List<FigureVerdict> regulation,
        List<FigureVerdict> drain) {

    public static ChargingSide of(Findings findings) {
        CaseRecord record = findings.evidence();
        return new ChargingSide(
                record,
                SensingEffects.of(record.circuit(), record.celsius()),
                FeedCheck.of(record),
                LoadedDrops.of(record),
                GroundTree.of(findings),
                PostWalk.of(record),
                PileTest.of(record),
                OutputSteps.of(record),
                ColdAndWarm.of(record),
                Figures.ofOutput(record),
                Figures.ofRegulation(record),
                Figures.ofDrain(record));
    }
}
