package app.dantro.core.inference;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.network.VehicleSpread;

/**
 * What the certified parts of one kind read on a shop's vehicles, against what is written of such parts: sums over all of
 * them, in standard deviations of what is written. A reading counts by how much it tells: one with an error as wide as what
 * is written counts half, and leaves the other half open.
 *
 * @param told how many readings they come to
 * @param sum of how far each lies off
 * @param squares sum of the squares of that, with what each leaves open
 */
public record CertifiedParts(double told, double sum, double squares) {
    private static final double TWO_SIDED_95 = 1.96;
    private static final CertifiedParts NONE = new CertifiedParts(0, 0, 0);

    public CertifiedParts {
        if (!(told >= 0 && squares >= 0 && Math.abs(sum) < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(
                    "Certified parts count 0 or more, not %s: %s and %s.".formatted(told, sum, squares));
        }
    }

    public static CertifiedParts none() {
        return NONE;
    }

    /**
     * One part that was read and is good.
     *
     * @param celsius at which it had that resistance
     * @param ohms as read, in Ω
     * @param lowOhms least that meter and current allow, of 95 in 100
     * @param highOhms most
     */
    public static CertifiedParts read(Part part, double celsius, double ohms, double lowOhms, double highOhms) {
        Written written = Written.of(part, celsius);
        double error = (highOhms - lowOhms) / (2 * TWO_SIDED_95) / written.sigmaOhms();
        double off = (ohms - written.meanOhms()) / written.sigmaOhms();
        double within = Math.max(-Marks.ASSUMED_FARTHEST_SIGMAS, Math.min(Marks.ASSUMED_FARTHEST_SIGMAS, off));
        double told = 1 / (1 + error * error);
        double mean = told * within;
        return new CertifiedParts(told, told * mean, told * (mean * mean + 1 - told));
    }

    public CertifiedParts plus(CertifiedParts other) {
        return new CertifiedParts(told + other.told, sum + other.sum, squares + other.squares);
    }

    /** The same counting for less, or more. */
    public CertifiedParts times(double share) {
        return new CertifiedParts(share * told, share * sum, share * squares);
    }

    /** Where healthy parts of the kind lie, after them: what is written counts like so many of them. */
    private CertifiedParts counted() {
        return told > Marks.ASSUMED_MOST_CERTIFIED ? times(Marks.ASSUMED_MOST_CERTIFIED / told) : this;
    }

    /** Mean of healthy parts of the kind, in standard deviations of what is written. */
    public double meanSigmas() {
        CertifiedParts own = counted();
        double mean = own.sum / (Marks.ASSUMED_WRITTEN_PARTS + own.told);
        return Math.max(-Marks.ASSUMED_MOST_SHIFT, Math.min(Marks.ASSUMED_MOST_SHIFT, mean));
    }

    /**
     * Variance of healthy parts of the kind against what is written: a normal distribution with its conjugate prior, the
     * inverse gamma's scale (docs/decisions/0041).
     */
    public double variance() {
        CertifiedParts own = counted();
        double all = Marks.ASSUMED_WRITTEN_PARTS + own.told;
        double variance = (Marks.ASSUMED_WRITTEN_PARTS + own.squares - own.sum * own.sum / all) / all;
        return Math.max(Marks.ASSUMED_LEAST_VARIANCE, Math.min(Marks.ASSUMED_MOST_VARIANCE, variance));
    }

    /** Median of healthy parts like this one by what they read here, over what is written. */
    public double factor(Part part, double celsius) {
        Written written = Written.of(part, celsius);
        return 1 + meanSigmas() * written.sigmaOhms() / written.meanOhms();
    }

    /**
     * What is written of a healthy part in a workshop: the part's own spread, and what all joints, or all cables, of a vehicle
     * have in common.
     *
     * @param meanOhms with what vehicles in a workshop have more than the reference of their class
     * @param stepOhms the part's own standard deviation
     * @param commonOhms the vehicle's
     */
    record Written(double meanOhms, double stepOhms, double commonOhms) {
        static Written of(Part part, double celsius) {
            ResistanceRange healthy = part.resistance().healthyAt(celsius);
            double spread = part.kind() == PartKind.CABLE ? VehicleSpread.length() : VehicleSpread.age();
            double common = healthy.nominalOhms() * Math.expm1(Marks.ASSUMED_WIDENING * spread);
            return new Written(
                    healthy.nominalOhms() + Marks.ASSUMED_OLDER_SIGMAS * common,
                    healthy.stepOhms(Marks.ASSUMED_WIDENING),
                    common);
        }

        double sigmaOhms() {
            return Math.hypot(stepOhms, commonOhms);
        }

        /** The mean of the part's own number, in its own standard deviations, once parts of its kind lie elsewhere. */
        double ownMean(CertifiedParts certified) {
            return certified.meanSigmas() * sigmaOhms() / stepOhms;
        }

        /** What of the variance is the part's own; what all of a vehicle have in common stays as written. */
        double ownVariance(CertifiedParts certified) {
            double all = certified.variance() * sigmaOhms() * sigmaOhms();
            return Math.max(Marks.ASSUMED_LEAST_VARIANCE, (all - commonOhms * commonOhms) / stepOhms / stepOhms);
        }
    }
}
