package app.dantro.core.inference;

import app.dantro.core.circuit.Condition;
import java.util.List;

/**
 * What the likeliest explanations expect of readings not taken yet, and how much each reading would tell about the name
 * of the fault: the mutual information between the two, in bits (sources.md [LINDLEY]). Never negative. Confined to one
 * thread.
 */
public final class Outlook {
    private final Likeliest likeliest;
    private final QuickInformation quick;
    private final ExpectedInformation exact;

    private Outlook(Posterior posterior) {
        this.likeliest = Likeliest.of(posterior);
        this.quick = new QuickInformation(likeliest);
        this.exact = new ExpectedInformation(likeliest);
    }

    public static Outlook of(Posterior posterior) {
        return new Outlook(posterior);
    }

    /** The likeliest explanations that hold a share of the weight, no more than so many. */
    public Suspects suspects(double share, int most) {
        return Suspects.of(likeliest, share, most);
    }

    /** Uncertainty in bits of the fault's name as it stands. */
    public double nameBits() {
        return likeliest.nameBits();
    }

    /** A quick figure for the bits a reading would bring: what each explanation expects, sorted into bins. */
    public double roughBits(Observable what) {
        return quick.bits(what);
    }

    /** The same for many pairs of the circuit's points in one condition. */
    public Quick quick(Condition condition) {
        return quick.in(condition);
    }

    /** Quick figures in one condition. */
    public interface Quick {
        /** Bits of a reading between two points, by their numbers in the circuit. */
        double bits(int red, int black);
    }

    /** The bits a reading would bring, with every explanation's own spread. */
    public double bits(Observable what) {
        return exact.bits(what);
    }

    /**
     * What the possible results of a reading would mean: the values cut where the names part best, at most twice.
     *
     * @return from the lowest values to the highest, at least one
     */
    public List<Prospect> prospects(Observable what) {
        return new OutcomeCuts(likeliest, what).prospects();
    }
}
