package app.dantro.server.view;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PointId;
import app.dantro.core.fact.FactWords;
import app.dantro.core.finding.Findings;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.CrankTime;
import app.dantro.core.procedure.Stage;
import app.dantro.core.record.OutOfReach;
import app.dantro.server.store.StoredCase;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;

/**
 * One case with everything that follows from its events.
 *
 * @param entries on record when this was worked out: of two answers that cross, the one with fewer is the older
 * @param alone the readings of whoever works alone
 * @param outOfReach the points that no probe gets to
 * @param forbidden the conditions that nothing may be read in now
 */
public record CaseView(
        UUID id,
        int entries,
        String vehicle,
        String complaint,
        Loop concern,
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
        List<AloneView> alone,
        List<String> outOfReach,
        List<Condition> forbidden,
        PostsView posts,
        boolean glows,
        List<CableView> cables,
        List<PhotoView> photos,
        JudgementView judgement,
        CourseView course,
        BasisView basis,
        CrankTimeView crankTime) {

    /** What several cranks say together about one pair of points. */
    public record CrankView(String redName, String blackName, int cranks, String says) {
        static List<CrankView> of(StoredCase file, Assessment assessment) {
            return assessment.beside().cranks().stream()
                    .map(c -> new CrankView(file.nameOf(c.red()), file.nameOf(c.black()), c.cranks(), FactWords.of(c)))
                    .toList();
        }
    }

    /**
     * How long a starter is turned for a reading and at most, and how long it then rests, in s.
     *
     * @param restsUntilMs until when it cools and no key is turned; none if it may turn
     */
    public record CrankTimeView(int usualSeconds, int mostSeconds, int restSeconds, Optional<Long> restsUntilMs) {
        static CrankTimeView of(Assessment assessment) {
            OptionalLong until = assessment.beside().forbidden().starterRestsUntilMillis();
            return new CrankTimeView(
                    CrankTime.USUAL_SECONDS,
                    CrankTime.MOST_SECONDS,
                    CrankTime.REST_SECONDS,
                    until.isPresent() ? Optional.of(until.getAsLong()) : Optional.empty());
        }
    }

    private static List<String> outOfReach(Findings findings) {
        return OutOfReach.of(findings.evidence()).stream()
                .map(PointId::value)
                .sorted()
                .toList();
    }

    /** The battery's posts, by which charge and cranking volts are read. */
    public record PostsView(String red, String black) {
        static PostsView of(StoredCase file) {
            return new PostsView(
                    file.circuit().plusPost().value(),
                    file.circuit().minusPost().value());
        }
    }

    /** Maps a case and what follows from it; judges nothing. */
    public static CaseView of(StoredCase file, Assessment assessment) {
        Findings findings = assessment.findings();
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
                ProfileView.ProfilePointView.all(file.circuit()),
                PartView.all(file, assessment),
                ReadingView.all(file, assessment),
                RepairView.all(file, findings.evidence().repaired()),
                ComplaintTestView.all(file),
                StatementView.of(file),
                CrankView.of(file, assessment),
                AloneView.run(findings.evidence()),
                outOfReach(findings),
                assessment.beside().forbidden().conditions(),
                PostsView.of(file),
                file.circuit().glows(),
                CableView.of(file),
                PhotoView.of(file),
                JudgementView.of(file, assessment),
                CourseView.of(assessment.beside().course()),
                BasisView.of(file, assessment),
                CrankTimeView.of(assessment));
    }
}
