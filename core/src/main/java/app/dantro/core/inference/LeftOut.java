package app.dantro.core.inference;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * What would be left to say had one reading not been taken, for several readings in one walk over the hypotheses: each is
 * fitted once, and what is left of a joint normal density without one of its members follows from its precision matrix.
 * Confined to one thread.
 */
final class LeftOut {
    private final PosteriorSearch whole;
    private final Fitter fitter;
    private final Gaussian scratch;
    private final List<Omission> omissions;

    /** One reading that is left out. */
    private record Omission(UUID reading, int[] observations, Ledger ledger, SlipSearch slips) {}

    LeftOut(PosteriorSearch whole, List<UUID> readings) {
        this.whole = whole;
        this.fitter = whole.fitter();
        this.scratch = new Gaussian(Math.max(1, fitter.count));
        this.omissions = readings.stream().map(this::omission).toList();
    }

    /**
     * True if a reading's observations bear on nothing but themselves: its amps scale no other reading's volts, and its sign
     * tells nothing about the others'. Any other has to be left out from the start.
     */
    static boolean apart(Evidence evidence, UUID reading) {
        int[] amps = Meanwhile.amps(evidence.observations());
        boolean scales = IntStream.range(0, amps.length)
                .filter(i -> amps[i] >= 0)
                .filter(i -> !evidence.observations().get(i).reading().equals(reading))
                .anyMatch(i -> evidence.observations().get(amps[i]).reading().equals(reading));
        return !scales && evidence.without(reading).signed() == evidence.signed();
    }

    private Omission omission(UUID reading) {
        int[] own = IntStream.range(0, fitter.count)
                .filter(i -> fitter.observations.get(i).reading().equals(reading))
                .toArray();
        Ledger ledger = new Ledger();
        return new Omission(reading, own, ledger, new SlipSearch(fitter, scratch, ledger, own));
    }

    /** The explanations without each of the readings, the likeliest first; the whole's pairs only if these matter. */
    Map<UUID, List<Explanation>> explanations(boolean pairsMatter) {
        whole.stillPossible((first, second, base) -> enter(first, second, base, omissions));
        List<Omission> badly = new ArrayList<>(omissions);
        badly.removeIf(o -> !pairsMatter || !o.ledger.fitsBadly(fitter.count - o.observations.length));
        if (!badly.isEmpty()) {
            whole.pairsLookedAt((first, second, base) -> enter(first, second, base, badly));
        }
        Map<UUID, List<Explanation>> all = new HashMap<>();
        omissions.forEach(o -> all.put(o.reading, o.ledger.explanations()));
        return all;
    }

    private void enter(int first, int second, double base, List<Omission> without) {
        if (whole.fits(first, second)) {
            for (Omission o : without) {
                scratch.copy(fitter.gaussian);
                for (int i : o.observations) {
                    fitter.drop(scratch, i);
                }
                o.slips.enter(first, second, base);
            }
        }
    }
}
