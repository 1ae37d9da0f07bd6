package app.dantro.acceptance.bench.everyday;

import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Step;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.function.Function;

/** A job that goes on with a mistyped reading in it: is that reading asked about before a verdict carries it? */
final class Aftermath {
    private static final int MOST_STEPS = 40;

    private final Technician technician;
    private final Doing doing;
    private final Reading slipped;
    private final Function<CaseRecord, Assessment> assess;

    Aftermath(Technician technician, Reading slipped, Function<CaseRecord, Assessment> assess) {
        this.technician = technician;
        this.doing = new Doing(technician);
        this.slipped = slipped;
        this.assess = assess;
    }

    /** What became of it. */
    enum Came {
        /** It was doubted, or was to be read again, before anything was decided. */
        ASKED,
        /** A verdict was reached over it, and it was the right one all the same. */
        CARRIED,
        /** A good part is to be repaired, or a vehicle with a fault that costs is let go. */
        MISLED
    }

    Came follow() {
        for (int i = 0; i < MOST_STEPS; i++) {
            Assessment now = assess.apply(technician.record());
            boolean doubted =
                    now.findings().doubts().stream().anyMatch(d -> d.reading().equals(slipped.id()));
            if (doubted || now.next().probe().filter(this::again).isPresent()) {
                return Came.ASKED;
            }
            if (!goesOn(now)) {
                return verdict(now.next());
            }
        }
        return Came.CARRIED;
    }

    private boolean again(ProbePlan probe) {
        return probe.condition() == slipped.condition() && slipped.isAcross(probe.red(), probe.black());
    }

    private boolean goesOn(Assessment now) {
        return switch (now.next().kind()) {
            case MEASURE -> doing.measure(now) != Doing.Measured.CANNOT;
            case CHARGE -> {
                technician.charge();
                yield now.next().probe().isPresent() && doing.measure(now) != Doing.Measured.CANNOT;
            }
            case PROVE, RESTORE, CLOSE -> doing.see(now.next());
            case REPAIR, DONE, COMPLAINT_TEST, LOOK_ELSEWHERE -> false;
        };
    }

    private Came verdict(Step last) {
        FleetVehicle vehicle = technician.vehicle();
        boolean misled = last.kind() == Step.Kind.REPAIR
                ? !vehicle.rightNames().contains(last.part().orElseThrow().value())
                : last.kind() != Step.Kind.LOOK_ELSEWHERE && vehicle.costsItsComplaint();
        return misled ? Came.MISLED : Came.CARRIED;
    }
}
