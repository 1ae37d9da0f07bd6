package app.dantro.core.fact;

import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.limits.Margin;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Drop;
import app.dantro.core.reading.LoadProof;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.CaseRecord;
import java.util.Optional;

/** Answers drops by the conductor's own limit: the default school (docs/job.md, limits). */
final class DropJudge {
    private final SeriesLoop loop;
    private final double celsius;
    private final boolean loadProven;
    private final OrdinaryDrop ordinary;

    /** A judge for one case; {@code counted} are all its readings that count. */
    DropJudge(CaseRecord record, Readings counted) {
        this.loop = record.loop();
        this.celsius = record.celsius();
        this.ordinary = new OrdinaryDrop(record.circuit(), loop, celsius);
        this.loadProven = LoadProof.in(loop, counted);
    }

    /** The answer to a reading over wiring; empty for readings that contain the starter or the whole loop. */
    Optional<DropVerdict> judge(Reading reading) {
        Stretch stretch = loop.between(reading.red(), reading.black());
        if (!stretch.isDrop() || !reading.condition().loadsStarterCables() || unknownPile(reading, stretch)) {
            return Optional.empty();
        }
        double volts = stretch.withFlow() ? reading.volts() : -reading.volts();
        Optional<Double> amps = reading.flowingAmps();
        HealthyDrop healthy = HealthyDrop.of(stretch, loop.crankingAmps(), amps, celsius);
        double error = Quantile.COVERAGE * MeterError.standardVolts(reading);
        DropAnswer answer = answer(reading, volts, healthy, error);
        boolean decided = answer == DropAnswer.FAILS || answer == DropAnswer.CERTIFIED;
        boolean marginal =
                decided && (Margin.near(volts, healthy.upperVolts(), error) || currentDecides(reading, volts, healthy))
                        || answer == DropAnswer.FAILS && volts <= ordinary.mostVolts(stretch, amps);
        return Optional.of(new DropVerdict(
                reading, stretch, volts, answer, marginal, healthy, amps.map(a -> Drop.ohms(volts, a))));
    }

    /** A pile is set by hand: without its current no class stands in for it, and behind the open contacts none flows. */
    private static boolean unknownPile(Reading reading, Stretch stretch) {
        boolean contacts = stretch.parts().stream().anyMatch(p -> p.kind() == PartKind.CONTACTS);
        return reading.condition().pile() && (contacts || reading.flowingAmps().isEmpty());
    }

    /** True if the current is known so loosely that the answer hangs on it. */
    private static boolean currentDecides(Reading reading, double volts, HealthyDrop healthy) {
        if (!(reading.current() instanceof Current.Measured measured) || healthy.estimated()) {
            return false;
        }
        double share = Quantile.COVERAGE * measured.how().standardShare();
        return volts > healthy.upperVolts() * (1 - share) && volts < healthy.upperVolts() * (1 + share);
    }

    private DropAnswer answer(Reading reading, double volts, HealthyDrop healthy, double errorVolts) {
        boolean belowCopper = !healthy.estimated() && volts < Drop.LEAST_OF_COPPER * healthy.lowVolts() - errorVolts;
        if (volts < -errorVolts
                || belowCopper
                || volts > loop.blocks() * StateOfCharge.RESTS_AT_VOLTS + Marks.ASSUMED_SLACK_VOLTS) {
            return DropAnswer.IMPLAUSIBLE;
        }
        if (volts > healthy.upperVolts()) {
            return DropAnswer.FAILS;
        }
        if (!healthy.estimated()
                && healthy.amps()
                        >= Marks.ASSUMED_CERTIFIES_SHARE * loop.crankingAmps().nominalAmps()) {
            return DropAnswer.CERTIFIED;
        }
        return reading.called() || loadProven ? DropAnswer.NOT_THE_CAUSE : DropAnswer.NOT_PROVEN;
    }
}
