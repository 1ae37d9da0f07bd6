package app.dantro.server.job;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Side;
import app.dantro.core.fact.CrankCapture;
import app.dantro.core.fact.DropAnswer;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.limits.School;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Branch;
import app.dantro.core.procedure.Concern;
import app.dantro.core.procedure.Course;
import app.dantro.core.procedure.Stage;
import app.dantro.core.procedure.Station;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Slip;
import app.dantro.core.reading.Statistic;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ReadingState;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.DeviceGate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * One case with everything that follows from its events.
 *
 * @param entries on record when this was worked out: of two answers that cross, the one with fewer is the older
 */
public record CaseView(
        UUID id,
        int entries,
        String vehicle,
        String complaint,
        Concern concern,
        int circuitVersion,
        String circuitTitle,
        double celsius,
        long openedAtMs,
        boolean simulated,
        boolean setAside,
        Stage stage,
        String stageWords,
        String headline,
        List<String> contradictions,
        StepView next,
        ProfileView profile,
        Optional<ProfileView> otherProfile,
        List<ProfileView.ProfilePointView> points,
        List<PartView> parts,
        List<ReadingView> readings,
        List<RepairView> repairs,
        List<ComplaintTestView> tests,
        List<StatementView> statements,
        List<CrankView> cranks,
        PostsView posts,
        boolean glows,
        List<CableView> cables,
        List<PhotoView> photos,
        JudgementView judgement,
        CourseView course) {

    /** A picture of something that was looked at; the picture lies under {@code photos/{id}}. */
    public record PhotoView(UUID id, Topic topic, String title, String by, long atMs) {
        static List<PhotoView> of(CaseFile file) {
            return file.photos().stream()
                    .filter(p -> !file.isStruck(p.id()))
                    .map(p -> new PhotoView(p.id(), p.topic(), p.topic().title(), p.takenBy(), p.takenAtMs()))
                    .toList();
        }
    }

    /** A cable or strap that a clamp fits around, and whose drop can tell the current: {@code I = V / R}. */
    public record CableView(String id, String name, double milliohms, double standardShare) {
        static List<CableView> of(CaseFile file) {
            return file.circuit().parts().stream()
                    .filter(Ammeter::fits)
                    .map(p -> new CableView(
                            p.id().value(),
                            p.name(),
                            1000 * Ammeter.ohms(p, file.record().celsius()),
                            Current.How.CABLE_AS_SHUNT.standardShare()))
                    .toList();
        }
    }

    /** What several cranks say together about one pair of points. */
    public record CrankView(String redName, String blackName, int cranks, String says) {}

    /** The battery's posts, by which charge and cranking volts are read. */
    public record PostsView(String red, String black) {}

    static CaseView of(CaseFile file, Assessment assessment) {
        Findings findings = assessment.findings();
        CaseRecord evidence = findings.evidence();
        ChargingSides charging = ChargingSides.of(file.circuit());
        return new CaseView(
                file.record().id(),
                file.entries(),
                file.record().vehicle(),
                file.record().complaint(),
                file.record().concern(),
                file.onCircuit().version(),
                file.circuit().title(),
                file.record().celsius(),
                file.record().openedAtMs(),
                file.simulation().isPresent(),
                file.isStruck(file.record().id()),
                assessment.stage(),
                assessment.stage().words(),
                findings.headline(),
                findings.contradictions(),
                StepView.of(file, assessment.next()),
                ProfileView.of(file.circuit(), assessment.profile()),
                assessment.other().map(p -> ProfileView.of(file.circuit(), p)),
                file.circuit().points().stream()
                        .map(ProfileView.ProfilePointView::of)
                        .toList(),
                findings.parts().stream()
                        .map(p -> PartView.of(file, charging, assessment, p))
                        .toList(),
                file.readings().stream()
                        .map(r -> ReadingView.of(file, evidence, findings, r))
                        .toList(),
                file.repairs().stream()
                        .map(r -> RepairView.of(file, evidence, r))
                        .toList(),
                file.tests().stream().map(t -> ComplaintTestView.of(file, t)).toList(),
                StatementView.of(file),
                CrankCapture.of(evidence).stream()
                        .map(c -> new CrankView(
                                ReadingView.name(file, c.red().value()),
                                ReadingView.name(file, c.black().value()),
                                c.cranks(),
                                c.says()))
                        .toList(),
                new PostsView(
                        file.circuit().plusPost().value(),
                        file.circuit().minusPost().value()),
                file.circuit().glows(),
                CableView.of(file),
                PhotoView.of(file),
                JudgementView.of(file, assessment),
                CourseView.of(Course.of(findings, assessment.stage())));
    }

    /**
     * How far the order of work was followed.
     *
     * @param branches where the symptom sends the search
     */
    public record CourseView(List<CallView> calls, List<String> branches) {
        static CourseView of(Course course) {
            return new CourseView(
                    course.calls().stream().map(CallView::of).toList(),
                    course.branches().stream().map(Branch::points).toList());
        }
    }

    /** A station of the order of work, why it stands there, and whether it was passed. */
    public record CallView(Station station, String words, String reason, Course.State state, String stateWords) {
        static CallView of(Course.Call call) {
            return new CallView(
                    call.station(),
                    call.station().words(),
                    call.station().reason(),
                    call.state(),
                    call.state().words());
        }
    }

    /**
     * A part with its standing.
     *
     * @param side of the starting loop that it lies on
     * @param chargingSide of the charging loop that it lies on
     */
    public record PartView(
            String id,
            String name,
            String kind,
            Optional<String> side,
            Optional<String> chargingSide,
            Standing standing,
            String standingWords,
            String says,
            List<UUID> readings,
            List<String> missing,
            Optional<Double> probability,
            Optional<String> probabilityWords,
            Optional<ResistanceView> resistance,
            List<InfluenceView> influences,
            Optional<GateView> gate) {
        static PartView of(CaseFile file, ChargingSides charging, Assessment assessment, PartFinding finding) {
            PartId id = finding.part();
            boolean wiring = file.loop().part(id).isPresent();
            return new PartView(
                    id.value(),
                    finding.name(),
                    file.circuit().part(id).map(p -> p.kind().word()).orElse("component"),
                    wiring ? Optional.of(file.loop().sideOf(id).name()) : Optional.empty(),
                    charging.of(id).map(Side::name),
                    finding.standing(),
                    finding.standing().words(),
                    finding.says(),
                    finding.readings(),
                    finding.missing(),
                    finding.suspicion().map(Suspicion::probability),
                    finding.suspicion().map(Suspicion::words),
                    finding.suspicion().flatMap(Suspicion::resistance).map(ResistanceView::of),
                    finding.suspicion().map(s -> s.influences()).orElse(List.of()).stream()
                            .map(i -> new InfluenceView(i.reading(), i.without(), Suspicion.words(i.without())))
                            .toList(),
                    assessment
                            .judgement()
                            .flatMap(j -> DeviceGate.of(assessment.findings(), j, finding))
                            .map(GateView::of));
        }
    }

    /** The parts of the charging loop's two sides. */
    private record ChargingSides(Set<PartId> supply, Set<PartId> returns) {
        static ChargingSides of(Circuit circuit) {
            return new ChargingSides(ids(circuit.chargingSupply()), ids(circuit.chargingReturn()));
        }

        private static Set<PartId> ids(List<Part> parts) {
            return parts.stream().map(Part::id).collect(Collectors.toSet());
        }

        Optional<Side> of(PartId part) {
            return supply.contains(part)
                    ? Optional.of(Side.SUPPLY)
                    : returns.contains(part) ? Optional.of(Side.RETURN) : Optional.empty();
        }
    }

    /**
     * What a device's verdict rests on.
     *
     * @param decides what would decide next; absent if nothing is missing
     */
    public record GateView(List<GateItemView> items, Optional<String> decides) {
        static GateView of(DeviceGate gate) {
            return new GateView(
                    gate.items().stream()
                            .map(i -> new GateItemView(
                                    i.words(),
                                    i.delivers(),
                                    i.state(),
                                    i.state().words(),
                                    i.shown()))
                            .toList(),
                    gate.decides());
        }
    }

    /** One item of a gate: what reaches the device, or what it delivers. */
    public record GateItemView(
            String words, boolean delivers, DeviceGate.State state, String stateWords, Optional<String> shown) {}

    /** What is known of a part's resistance: the ends between which it lies with 95 %. */
    public record ResistanceView(double lowOhms, double medianOhms, double highOhms) {
        static ResistanceView of(ResistanceBelief belief) {
            return new ResistanceView(belief.lowOhms(), belief.medianOhms(), belief.highOhms());
        }
    }

    /** What a reading did to a part: its probability had it not been taken. */
    public record InfluenceView(UUID reading, double without, String withoutWords) {}

    /** A reading as it is on record, with its answer. */
    public record ReadingView(
            UUID id,
            String red,
            String redName,
            String black,
            String blackName,
            Condition condition,
            String conditionWords,
            String typed,
            double volts,
            double resolutionVolts,
            String shown,
            Statistic statistic,
            String statisticWords,
            Optional<Double> amps,
            Optional<String> ampsKnownBy,
            Optional<MeterRange> range,
            StoredReading.Source source,
            String takenBy,
            long takenAtMs,
            ReadingState state,
            String stateWords,
            Optional<String> strikeReason,
            Optional<SlipView> slip,
            Optional<DropView> drop) {
        static ReadingView of(CaseFile file, CaseRecord evidence, Findings findings, StoredReading stored) {
            RecordedReading recorded =
                    stored.recorded(file.isStruck(stored.reading().id()));
            Reading reading = recorded.effective();
            ReadingState state = evidence.stateOf(recorded);
            return new ReadingView(
                    reading.id(),
                    reading.red().value(),
                    name(file, reading.red().value()),
                    reading.black().value(),
                    name(file, reading.black().value()),
                    reading.condition(),
                    reading.condition().words(),
                    stored.reading().typed().text(),
                    reading.volts(),
                    reading.resolutionVolts(),
                    Amount.volts(reading.volts(), reading.resolutionVolts()),
                    reading.statistic(),
                    reading.statistic().words(),
                    reading.amps(),
                    reading.current() instanceof Current.Measured m ? Optional.of(knownBy(file, m)) : Optional.empty(),
                    reading.range(),
                    stored.source(),
                    stored.takenBy(),
                    reading.takenAtMillis(),
                    state,
                    state.words(),
                    file.strikeOn(reading.id()).map(Strike::reason),
                    stored.slip().map(s -> SlipView.of(s, stored.answer())),
                    findings.verdicts().stream()
                            .filter(v -> v.reading().id().equals(reading.id()))
                            .findFirst()
                            .map(v -> DropView.of(file, v)));
        }

        private static String knownBy(CaseFile file, Current.Measured measured) {
            String where = measured.in()
                    .flatMap(file.circuit()::nameOf)
                    .map(name -> measured.how() == Current.How.CABLE_AS_SHUNT ? ": " + name : " around the " + name)
                    .orElse("");
            return measured.how().words() + where;
        }

        private static String name(CaseFile file, String point) {
            return file.circuit().points().stream()
                    .filter(p -> p.id().value().equals(point))
                    .map(ProbePoint::name)
                    .findFirst()
                    .orElse(point);
        }
    }

    /** The question a reading raised, and its answer. */
    public record SlipView(
            Slip.Kind kind, String sentence, List<SlipChoiceView> choices, Optional<Slip.Answer> answer) {
        static SlipView of(Slip slip, Optional<Slip.Answer> answer) {
            return new SlipView(
                    slip.kind(),
                    slip.sentence(),
                    slip.choices().stream()
                            .map(c -> new SlipChoiceView(c.answer(), c.label(), c.volts()))
                            .toList(),
                    answer);
        }
    }

    /** One possible answer. */
    public record SlipChoiceView(Slip.Answer answer, String label, Optional<Double> volts) {}

    /** What a drop means, and what the schools say of it. */
    public record DropView(
            DropAnswer answer,
            String answerWords,
            boolean marginal,
            Optional<Double> ohms,
            double healthyUpperVolts,
            boolean estimated,
            String sentence,
            List<SchoolView> schools) {
        static DropView of(CaseFile file, DropVerdict verdict) {
            double error = 2 * MeterError.standardVolts(verdict.reading());
            List<SchoolView> schools = School.starting().stream()
                    .map(s -> new SchoolView(
                            s.name(),
                            s.limitFor(file.loop(), verdict.stretch()),
                            s.judge(file.loop(), verdict.stretch(), verdict.volts(), error)))
                    .toList();
            return new DropView(
                    verdict.answer(),
                    verdict.answer().words(),
                    verdict.marginal(),
                    verdict.ohms(),
                    verdict.healthy().upperVolts(),
                    verdict.healthy().estimated(),
                    verdict.sentence(),
                    schools);
        }
    }

    /** A school's word on a drop. */
    public record SchoolView(String name, Optional<Double> limitVolts, SchoolVerdict verdict) {}

    /**
     * A repair on record.
     *
     * @param before the last reading across just the part that the repair outdated
     * @param after the newest across it since
     */
    public record RepairView(
            UUID id,
            String part,
            String partName,
            Repair.Action action,
            String actionWords,
            String note,
            String doneBy,
            long doneAtMs,
            boolean struck,
            Optional<String> before,
            Optional<String> after) {
        static RepairView of(CaseFile file, CaseRecord evidence, StoredRepair stored) {
            Repair repair = stored.repair();
            return new RepairView(
                    repair.id(),
                    repair.part().value(),
                    file.nameOf(repair.part()),
                    repair.action(),
                    repair.action().words(),
                    repair.note(),
                    stored.doneBy(),
                    repair.doneAtMillis(),
                    file.isStruck(repair.id()),
                    evidence.before(repair).map(RepairView::shown),
                    evidence.after(repair).map(RepairView::shown));
        }

        private static String shown(Reading reading) {
            return Amount.volts(reading.volts(), reading.resolutionVolts());
        }
    }

    /** A complaint test on record. */
    public record ComplaintTestView(
            UUID id, boolean passed, String note, String doneBy, long doneAtMs, boolean struck) {
        static ComplaintTestView of(CaseFile file, StoredTest stored) {
            return new ComplaintTestView(
                    stored.test().id(),
                    stored.test().passed(),
                    stored.test().note(),
                    stored.doneBy(),
                    stored.test().doneAtMillis(),
                    file.isStruck(stored.test().id()));
        }
    }
}
