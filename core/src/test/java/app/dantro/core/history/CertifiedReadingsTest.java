package app.dantro.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Which drops of a case say something of healthy parts. */
class CertifiedReadingsTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private static final double AMPS = 180;

    private final List<RecordedReading> readings = new ArrayList<>();
    private final List<Part> supply = CAR.startingSupply();

    @Test
    void aDropRightAcrossAClearedJointTellsItsResistance() {
        Part joint = joint();
        double nominal = joint.resistance().healthyAt(20).nominalOhms();
        read(joint.from(), joint.to(), 2 * nominal * AMPS, Optional.of(AMPS));
        CertifiedParts told = told(Set.of(joint.id())).get(PartKind.JOINT);
        assertThat(told.told()).isBetween(0.5, 1.0);
        double off = told.sum() / told.told();
        assertThat(off).as("above what is written, 1.35 of the nominal one").isBetween(0.3, 1.0);
    }

    @Test
    void aCurrentThatWasNotMeasuredTellsLess() {
        Part joint = joint();
        double volts = joint.resistance().healthyAt(20).nominalOhms() * AMPS;
        read(joint.from(), joint.to(), volts, Optional.empty());
        double without = told(Set.of(joint.id())).get(PartKind.JOINT).told();
        readings.clear();
        read(joint.from(), joint.to(), volts, Optional.of(AMPS));
        assertThat(without)
                .isLessThan(told(Set.of(joint.id())).get(PartKind.JOINT).told());
    }

    @Test
    void aWholeSideTellsOfAllItsKindsAndOfEachPartALittle() {
        Set<PartId> all = supply.stream().map(Part::id).collect(Collectors.toSet());
        read(CAR.plusPost(), supply.get(supply.size() - 1).to(), 0.3, Optional.of(AMPS));
        Map<PartKind, CertifiedParts> told = told(all);
        assertThat(told).containsKeys(PartKind.CABLE, PartKind.JOINT);
        long joints = supply.stream().filter(p -> p.kind() == PartKind.JOINT).count();
        assertThat(told.get(PartKind.JOINT).told()).isPositive().isLessThan(0.5 * joints);

        Part joint = joint();
        read(joint.from(), joint.to(), 0.01, Optional.of(AMPS));
        double more =
                told(all).get(PartKind.JOINT).told() - told.get(PartKind.JOINT).told();
        assertThat(more)
                .as("of that joint the better reading in place of the other")
                .isBetween(0.3, 1.0);
    }

    @Test
    void whatIsNotClearedOrWasRepairedOrLiesBesideAnotherWayTellsNothing() {
        Part joint = joint();
        read(joint.from(), joint.to(), 0.01, Optional.of(AMPS));
        assertThat(told(Set.of())).isEmpty();
        Repair repair = new Repair(new UUID(9, 9), joint.id(), Repair.Action.CLEANED, "", 5);
        CaseRecord repaired = CaseRecord.of(CAR, 20, readings, List.of(repair), List.of());
        assertThat(CertifiedReadings.of(repaired, Set.of(joint.id()))).isEmpty();

        readings.clear();
        Part ground = CAR.part(PartId.of("ground-joint-block")).orElseThrow();
        read(ground.from(), ground.to(), 0.01, Optional.of(AMPS));
        assertThat(told(Set.of(ground.id()))).as("the strap carries a share").isEmpty();

        readings.clear();
        read(CAR.plusPost(), CAR.minusPost(), 10.5, Optional.of(AMPS));
        Set<PartId> everything = CAR.parts().stream().map(Part::id).collect(Collectors.toSet());
        assertThat(told(everything)).as("the starter lies between").isEmpty();
    }

    @Test
    void partsThatReadWhatIsWrittenLeaveEverythingWhereItIs() {
        Part joint = joint();
        double written = joint.resistance().healthyAt(20).nominalOhms() * 1.35;
        read(joint.from(), joint.to(), written * AMPS, Optional.of(AMPS));
        CertifiedParts told = told(Set.of(joint.id())).get(PartKind.JOINT);
        assertThat(told.meanSigmas()).isEqualTo(0, within(0.01));
        assertThat(told.variance()).isBetween(0.9, 1.0);
    }

    private Part joint() {
        return supply.stream()
                .filter(p -> p.kind() == PartKind.JOINT)
                .findFirst()
                .orElseThrow();
    }

    private Map<PartKind, CertifiedParts> told(Set<PartId> cleared) {
        return CertifiedReadings.of(CaseRecord.of(CAR, 20, readings, List.of(), List.of()), cleared);
    }

    private void read(PointId red, PointId black, double volts, Optional<Double> amps) {
        readings.add(RecordedReading.of(new Reading(
                new UUID(1, readings.size()),
                red,
                black,
                Condition.CRANKING,
                TypedVolts.parse(String.format(Locale.ROOT, "%.4f", volts)),
                Statistic.SETTLED,
                amps.map(a -> Current.of(a, Current.How.CLAMP)).orElseGet(Current::unknown),
                Optional.empty(),
                false,
                readings.size())));
    }
}
