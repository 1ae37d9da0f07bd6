package app.dantro.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What certified parts say of healthy ones: a normal distribution with its conjugate prior, whose moments are closed forms. */
class CertifiedPartsTest {
    private static final PreparedCircuit CAR =
            PreparedCircuit.of(ReadyMadeCircuits.named("petrol-car").orElseThrow(), 20);
    private static final PartId JOINT = PartId.of("ground-joint-block");
    private static final Part PART = CAR.circuit().part(JOINT).orElseThrow();
    private static final CertifiedParts.Written WRITTEN = CertifiedParts.Written.of(PART, 20);

    /** What is written counts like 25 parts; n that all lie z off move the mean to n z / (25 + n). */
    @ParameterizedTest
    @CsvSource({"10, 0.5", "40, 0.5", "40, -1", "75, 0.2", "100, 0"})
    void meanAndVarianceAreTheConjugateOnes(int count, double z) {
        CertifiedParts parts = many(count, z);
        double all = 25.0 + count;
        assertThat(parts.told()).isEqualTo(count, within(1e-9));
        assertThat(parts.meanSigmas()).isEqualTo(count * z / all, within(1e-9));
        double variance = (25 + count * z * z - count * z * count * z / all) / all;
        assertThat(parts.variance()).isEqualTo(Math.max(0.7, variance), within(1e-9));
    }

    @Test
    void aReadingWithAnErrorAsWideAsWhatIsWrittenCountsHalfAndLeavesTheOtherHalfOpen() {
        double ohms = WRITTEN.meanOhms() + WRITTEN.sigmaOhms();
        CertifiedParts one = CertifiedParts.read(List.of(PART), 20, ohms, WRITTEN.sigmaOhms())
                .get(JOINT);
        assertThat(one.told()).isEqualTo(0.5, within(1e-9));
        assertThat(one.sum()).as("half of a mean of a half").isEqualTo(0.25, within(1e-9));
        assertThat(one.squares()).isEqualTo(0.5 * (0.25 + 0.5), within(1e-9));
    }

    /** Two joints alike, of which only the sum was read: each lies off by what a regression on the sum says. */
    @Test
    void aDropAcrossSeveralFallsOnEachByWhatItMayLieOff() {
        Part twin = CAR.circuit().part(PartId.of("ground-joint-block")).orElseThrow();
        double own = WRITTEN.stepOhms() * WRITTEN.stepOhms();
        double common = WRITTEN.commonOhms() * WRITTEN.commonOhms();
        double covariance = own + 2 * common;
        double variance = 2 * own + 4 * common;
        double off = 0.8 * WRITTEN.sigmaOhms();
        CertifiedParts each = CertifiedParts.read(List.of(PART, twin), 20, 2 * WRITTEN.meanOhms() + off, 0)
                .get(JOINT);
        double told = covariance * covariance / variance / (own + common);
        double mean = covariance * off / variance / WRITTEN.sigmaOhms();
        assertThat(each.told()).isEqualTo(told, within(1e-12)).isLessThan(0.7);
        assertThat(each.sum()).isEqualTo(told * mean, within(1e-12));
        assertThat(each.squares()).isEqualTo(told * (mean * mean + 1 - told), within(1e-12));
    }

    @Test
    void noNumberOfPartsMovesWhatIsHealthyBeyondItsBounds() {
        assertThat(many(1000, 0.5).meanSigmas()).as("as a hundred").isEqualTo(100 * 0.5 / 125, within(1e-9));
        assertThat(many(1000, 9).meanSigmas()).isEqualTo(1);
        assertThat(many(1000, 9).variance()).isLessThanOrEqualTo(2.25);
        assertThat(many(1000, 0).variance()).isEqualTo(0.7);
        assertThat(CertifiedParts.none().meanSigmas()).isZero();
        assertThat(CertifiedParts.none().variance()).isEqualTo(1);
        assertThatThrownBy(() -> new CertifiedParts(-1, 0, 0)).hasMessageContaining("0 or more");
        assertThatThrownBy(() -> new CertifiedParts(1, Double.NaN, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theOwnShareOfAPartAndTheVehiclesMakeUpWhatWasLearned() {
        CertifiedParts wide = many(100, 0).plus(new CertifiedParts(0, 0, 125));
        double own = WRITTEN.ownVariance(wide) * WRITTEN.stepOhms() * WRITTEN.stepOhms();
        double common = WRITTEN.commonOhms() * WRITTEN.commonOhms();
        assertThat(own + common).isEqualTo(wide.variance() * WRITTEN.sigmaOhms() * WRITTEN.sigmaOhms(), within(1e-15));
        assertThat(WRITTEN.ownMean(many(25, 1)) * WRITTEN.stepOhms())
                .isEqualTo(0.5 * WRITTEN.sigmaOhms(), within(1e-15));
    }

    /** The same joint with the same drop: where such joints all read more it is accused less, and more where they read less. */
    @Test
    void aHighJointIsLessOfAFaultWhereAllReadHigher() {
        double written = suspected(Experience.none()).probability(JOINT);
        double among = suspected(certified(many(100, 1))).probability(JOINT);
        double below = suspected(certified(many(100, -0.6))).probability(JOINT);
        assertThat(among).isLessThan(0.8 * written);
        assertThat(below).isGreaterThan(written);
    }

    /** Two ways to the same figure: each explanation held against what is written, and a posterior that never learned. */
    @Test
    void withoutThemIsWhatAPosteriorSaysThatNeverHadThem() {
        for (CertifiedParts parts : List.of(many(100, 1), many(100, -0.6), many(60, 0.3))) {
            double without = suspected(certified(parts)).asWritten(JOINT).orElseThrow();
            assertThat(without).isEqualTo(suspected(Experience.none()).probability(JOINT), within(2e-3));
        }
        assertThat(suspected(Experience.none()).asWritten(JOINT)).isEmpty();
    }

    @Test
    void partsOnOtherSortsOfVehiclesSayAQuarter() {
        ShopRepairs own = new ShopRepairs(
                List.of(),
                List.of(
                        new ShopRepairs.Certified(VehicleSort.CAR, PartKind.JOINT, many(8, 1)),
                        new ShopRepairs.Certified(VehicleSort.TRUCK, PartKind.JOINT, many(8, 0)),
                        new ShopRepairs.Certified(VehicleSort.TRUCK, PartKind.CABLE, many(4, 0))));
        Experience car = own.of(VehicleSort.CAR, Loop.CHARGING);
        assertThat(car.certified(PartKind.JOINT).told()).isEqualTo(10, within(1e-9));
        assertThat(car.certified(PartKind.JOINT).sum()).isEqualTo(8, within(1e-9));
        assertThat(car.certified(PartKind.CABLE).told()).isEqualTo(1, within(1e-9));
        assertThat(car.certifiedParts()).isEqualTo(11);
        assertThat(car.isNone()).isFalse();
    }

    private static CertifiedParts many(int count, double z) {
        double ohms = WRITTEN.meanOhms() + z * WRITTEN.sigmaOhms();
        return CertifiedParts.read(List.of(PART), 20, ohms, 0).get(JOINT).times(count);
    }

    private static Experience certified(CertifiedParts joints) {
        return new Experience(Map.of(), Map.of(), Map.of(PartKind.JOINT, joints));
    }

    /** The engine cranks, and the joint drops what half an excess beyond the healthy ones drops. */
    private static Posterior suspected(Experience experience) {
        double amps = CAR.healthyStarterAmps();
        double ohms = WRITTEN.meanOhms() + 2.2 * WRITTEN.sigmaOhms();
        UUID crank = new UUID(0, 1);
        List<Observation> read = List.of(
                new Observation(
                        crank,
                        new Observable.Volts(Condition.CRANKING, PART.from(), PART.to()),
                        amps * ohms,
                        0.001,
                        1,
                        1,
                        false),
                new Observation(crank, new Observable.Amps(Condition.CRANKING), amps, 1, 1, 1, false));
        return Posterior.of(
                CAR,
                new Evidence(read, Complaint.STARTING, Optional.empty(), false, false, Entered.nothing(), experience));
    }
}
