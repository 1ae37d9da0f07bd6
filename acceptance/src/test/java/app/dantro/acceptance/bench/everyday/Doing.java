package app.dantro.acceptance.bench.everyday;

import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Step;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a technician does at one step. */
final class Doing {
    private final Technician technician;

    Doing(Technician technician) {
        this.technician = technician;
    }

    /** What came of a step that asks for a reading. */
    enum Measured {
        READ,
        SAID_OUT_OF_REACH,
        CANNOT
    }

    /** The step's own reading, or the next best if a point cannot be reached. */
    Measured measure(Assessment now) {
        if (technician.saysOutOfReach(now.next())) {
            return Measured.SAID_OUT_OF_REACH;
        }
        List<ProbePlan> plans = new ArrayList<>(now.next().probe().stream().toList());
        plans.addAll(now.standby());
        boolean read = plans.stream().anyMatch(p -> technician.take(p.red(), p.black(), p.condition()));
        return read ? Measured.READ : Measured.CANNOT;
    }

    /** Looks at all that a step wants seen; false if there is nothing new to say of it. */
    boolean see(Step step) {
        boolean any = false;
        for (Step.ToSee item : step.toSee()) {
            Optional<String> seen = Looks.seen(technician.vehicle(), technician, item);
            if (seen.isPresent() && !seen.equals(item.stated())) {
                if (item.topic() == Topic.CHARGED_APART) {
                    technician.charge();
                }
                technician.say(item.topic(), seen.get());
                any = true;
            }
        }
        return any;
    }
}
