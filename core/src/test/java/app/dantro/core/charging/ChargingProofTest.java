package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.fact.ChargingCertificates;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.CaseInference;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.Standings;
import app.dantro.core.starting.StartingRules;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What loaded charging readings certify, and what clears an alternator. */
class ChargingProofTest {
    private static final Circuit CAR =
            ReadyMadeCircuits.named("battery-behind-cab").orElseThrow();
    private static final Part CABLE = CAR.chargeCable().orElseThrow();
    private static final double AMPS = 78;

    private final ResistanceRange cable = CABLE.resistance().healthyAt(20);

    /** V = I · R: all of the alternator's current flows in the charge cable. */
    @Test
    void aDropWithinTheConductorsOwnBoundCertifiesItAtTheMeasuredCurrent() {
        ChargingCertificates.Certificate certificate =
                certificate(loaded(AMPS * cable.nominalOhms(), AMPS)).orElseThrow();
        assertThat(certificate.amps()).isCloseTo(AMPS, within(0.5));
        assertThat(certificate.upperVolts()).isCloseTo(AMPS * cable.upperOhms(), within(1e-6));
        assertThat(certificate(swapped(loaded(AMPS * cable.nominalOhms(), AMPS))))
                .isPresent();
    }

    @Test
    void beyondTheBoundWithoutCurrentOrWithoutContactNothingIsCertified() {
        assertThat(certificate(loaded(1.2 * AMPS * cable.upperOhms(), AMPS))).isEmpty();
        assertThat(certificate(of(
                        CABLE.from().value(), CABLE.to().value(), Condition.RAISED_LOADED, "0.05", Current.unknown())))
                .isEmpty();
        assertThat(certificate(loaded(0, AMPS))).isEmpty();
        assertThat(certificate(loaded(-AMPS * cable.nominalOhms(), AMPS))).isEmpty();
    }

    @Test
    void aCableThatCarriedLittleIsNotCertified() {
        assertThat(certificate(loaded(20 * cable.nominalOhms(), 20))).isEmpty();
    }

    @Test
    void afterTheRepairLoadedReadingsCertifyThePathAndRippleClearsTheAlternator() {
        Findings found = judged(Statements.none());
        assertThat(found.of(CABLE.id()).standing()).isEqualTo(Standing.CLEARED);
        assertThat(found.of(CABLE.id()).says()).contains("0.137 V lost", "Certified at 78 A");
        assertThat(found.of(PartId.of("ground-cable")).standing()).isEqualTo(Standing.NOT_PROVEN);
        assertThat(found.of(PartId.of("ground-cable")).says())
                .contains("while charging, not yet by the starter's current");
        PartFinding alternator = found.of(PartId.of("alternator"));
        assertThat(alternator.standing()).isEqualTo(Standing.NOT_PROVEN);
        assertThat(alternator.missing()).extracting(Reason::kind).containsExactly(ChargingReason.RIPPLE_MISSING);

        Statement ripple =
                new Statement(UUID.randomUUID(), Topic.RIPPLE_LOADED, "0.04", "", System.currentTimeMillis());
        PartFinding cleared = judged(Statements.of(List.of(ripple))).of(PartId.of("alternator"));
        assertThat(cleared.standing()).isEqualTo(Standing.CLEARED);
        assertThat(cleared.says()).contains("14.32 V at its own terminals at 78 A", "0.04 V AC");
    }

    @Test
    void idleVoltsClearNoAlternator() {
        Reading idle = of("bplus", "alternator-case", Condition.IDLE_LOADED, "14.32", clamp(AMPS));
        PartFinding unproven = PartFinding.open(PartId.of("alternator"), "alternator");
        assertThat(GoodAlternator.finding(evidence(Statements.none(), idle), unproven)
                        .orElseThrow()
                        .missing())
                .extracting(Reason::kind)
                .contains(ChargingReason.OWN_VOLTS_MISSING);
    }

    private static Findings judged(Statements said) {
        CaseRecord evidence = evidence(
                said,
                base("12.61"),
                of("post-plus", "post-minus", Condition.RAISED, "14.30", Current.unknown()),
                of("post-plus", "post-minus", Condition.RAISED_LOADED, "14.21", clamp(AMPS)),
                of("bplus", "alternator-case", Condition.RAISED_LOADED, "14.32", clamp(AMPS)),
                of("bplus", "post-plus", Condition.RAISED_LOADED, "0.137", clamp(AMPS)),
                of("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.0371", clamp(AMPS)));
        Judgement judgement = Judgement.of(PreparedCircuit.of(CAR, 20), CaseInference.of(evidence, Complaint.CHARGING));
        return Standings.of(StartingRules.of(evidence), judgement);
    }

    private static Optional<ChargingCertificates.Certificate> certificate(Reading... readings) {
        return new ChargingCertificates(evidence(Statements.none(), readings)).of(CABLE.id());
    }

    private static CaseRecord evidence(Statements said, Reading... readings) {
        return CaseRecord.of(
                        CAR, 20, Stream.of(readings).map(RecordedReading::of).toList(), List.of(), List.of())
                .with(said);
    }

    private static Reading loaded(double volts, double amps) {
        return of(
                CABLE.from().value(),
                CABLE.to().value(),
                Condition.RAISED_LOADED,
                String.format(Locale.ROOT, "%.4f", volts),
                clamp(amps));
    }

    private static Reading swapped(Reading r) {
        return of(
                r.black().value(),
                r.red().value(),
                r.condition(),
                String.format(Locale.ROOT, "%.4f", -r.volts()),
                r.current());
    }

    private static Current clamp(double amps) {
        return Current.of(amps, Current.How.CLAMP);
    }
}
