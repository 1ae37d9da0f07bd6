package app.dantro.core.inference;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.network.VehicleSpread;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What the certified parts of one kind read on a shop's vehicles, against what is written of such parts: sums over all of
 * them, in standard deviations of what is written. A reading counts by how much it tells: one of a part with an error as wide as what
 * is written counts half, and leaves the other half open.
 *
 * @param told how many readings they come to
 * @param sum of how far each lies off
 * @param squares sum of the squares of that, with what each leaves open
 */
public record CertifiedParts(double told, double sum, double squares) {
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
     * What a drop across good parts in a row tells of each: how far the sum lies off falls on them by what each may lie off.
     *
     * @param row one part or more, of which none lies beside another way of the current
     * @param celsius at which they had that resistance
     * @param ohms of all together as read, in Ω
     * @param errorOhms one standard deviation of meter and current
     */
    public static Map<PartId, CertifiedParts> read(List<Part> row, double celsius, double ohms, double errorOhms) {
        List<Written> all = row.stream().map(p -> Written.of(p, celsius)).toList();
        double off = ohms - all.stream().mapToDouble(Written::meanOhms).sum();
        double variance = errorOhms * errorOhms;
        for (Written one : all) {
            variance += one.shared(all);
        }
        Map<PartId, CertifiedParts> told = new LinkedHashMap<>();
        for (int i = 0; i < row.size(); i++) {
            double shared = all.get(i).shared(all) / all.get(i).sigmaOhms();
            told.put(row.get(i).id(), one(shared * shared / variance, shared * off / variance));
        }
        return told;
    }

    /** @param told share of what is open about a part that the reading closed @param mean where it then lies */
    private static CertifiedParts one(double told, double mean) {
        double within = Math.max(-Marks.ASSUMED_FARTHEST_SIGMAS, Math.min(Marks.ASSUMED_FARTHEST_SIGMAS, mean));
        return new CertifiedParts(told, told * within, told * (within * within + 1 - told));
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

    /**
     * What is written of a healthy part in a workshop: the part's own spread, and what all joints, or all cables, of a vehicle
     * have in common.
     *
     * @param cable whether it is one: what cables have in common is not what joints have
     * @param meanOhms with what vehicles in a workshop have more than the reference of their class
     * @param stepOhms the part's own standard deviation
     * @param commonOhms the vehicle's
     */
    record Written(boolean cable, double meanOhms, double stepOhms, double commonOhms) {
        static Written of(Part part, double celsius) {
            ResistanceRange healthy = part.resistance().healthyAt(celsius);
            boolean cable = part.kind() == PartKind.CABLE;
            double spread = cable ? VehicleSpread.length() : VehicleSpread.age();
            double common = healthy.nominalOhms() * Math.expm1(Marks.ASSUMED_WIDENING * spread);
            return new Written(
                    cable,
                    healthy.nominalOhms() + Marks.ASSUMED_OLDER_SIGMAS * common,
                    healthy.stepOhms(Marks.ASSUMED_WIDENING),
                    common);
        }

        double sigmaOhms() {
            return Math.hypot(stepOhms, commonOhms);
        }

        /** Covariance with the sum of a row that it lies in, in Ω². */
        private double shared(List<Written> row) {
            double alike = row.stream()
                    .filter(w -> w.cable == cable)
                    .mapToDouble(Written::commonOhms)
                    .sum();
            return stepOhms * stepOhms + commonOhms * alike;
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
