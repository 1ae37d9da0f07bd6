package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Regulator;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.limits.PileAmps;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** The usual cautions, each at the step where it matters (docs/job.md, cautions). Most important first. */
public final class Cautions {
    private static final List<String> CRANKING = List.of(
            "Park or neutral, brake on, wheels chocked. Fuel disabled and proven off.",
            "Leads, hands and sleeves clear of belts and fans. Nobody under the vehicle.",
            "Start-stop and remote start off; a push-button car may end or begin a crank by itself.",
            "Helper stops at %d s. After %d s in all the starter rests %d min."
                    .formatted(CrankTime.USUAL_SECONDS, CrankTime.MOST_SECONDS, CrankTime.REST_SECONDS / 60));
    private static final List<String> AT_REST = List.of(
            "Eye protection and gloves. No sparks or flames at the battery.",
            "Charger, maintainer and jump pack off. Red lead in the volts jack.");
    private static final List<String> CHARGING = List.of(
            "Never charge a frozen battery. Hot, swollen or smelling of gas: stop and ventilate.",
            "Charger switched off before its clamps go on or come off.");
    private static final String ONE_BATTERY = "Battery − off first: the starter stud is live without a fuse.";
    private static final String SEVERAL_BATTERIES =
            "The − of every battery off first: the starter stud is live without a fuse.";
    private static final List<String> REPAIR = List.of(
            "A capacitor or 48 V system stays live with battery − off.",
            "Radio memory and airbag waiting time before disconnecting. The maker's service information comes first.",
            "Open the whole stack, bright metal on every face, torque, grease after assembly.");
    private static final List<String> RUNNING = List.of(
            "Fuel enabled again, every lifted cable back on and ticked off.",
            "Park or neutral, brake on, hands clear. Exhaust extraction indoors.");

    private static final List<String> MEASURING_RUNNING = List.of(
            "Park or neutral, brake on, wheels chocked. Leads, hands and sleeves clear of belts and fans.",
            "Exhaust extraction indoors. Nobody under the vehicle.",
            "Never disconnect battery or B+ while the engine runs. Above 16 V (24 V: 32): stop, do not rev.");
    private static final List<String> TURNING =
            List.of("Battery − off and key out before the engine is turned by hand.");
    private static final List<String> PILE = List.of(
            "Pile connected and removed while off. Read, then off at once: seconds only, then it rests, it gets hot.",
            "Away from the battery's vents, never above the charge fuse's rating.");

    private static final String DIESEL =
            "Diesel: off by its own fuel cut-off. Never loosen a high-pressure line, never run its pump dry.";
    private static final String COMMANDED =
            "Never feed or ground the pin of an alternator on a bus. Unplugged it falls to a default voltage after a rev, or gives nothing.";

    private static final Set<Topic> PINS = EnumSet.of(Topic.PLUG_FED, Topic.FIELD_ANSWERS, Topic.UNPLUGGED);

    private Cautions() {}

    /** What this vehicle adds to a step's usual cautions. */
    static List<String> of(Circuit circuit, Step step) {
        VehicleSort sort = VehicleSort.of(circuit);
        List<String> all = new ArrayList<>();
        Optional<Condition> condition = step.probe().map(ProbePlan::condition);
        if (condition.filter(Condition::pile).isPresent()) {
            all.add("Pile at %d A at the most here. On and off at zero, its last clamp away from the battery."
                    .formatted(PileAmps.most(circuit)));
        }
        boolean diesel = sort == VehicleSort.DIESEL || sort == VehicleSort.TWO_BATTERIES || sort == VehicleSort.TRUCK;
        if (diesel && condition.filter(Condition::starterCalled).isPresent()) {
            all.add(DIESEL);
        }
        boolean pin = step.toSee().stream().map(ToSee::topic).anyMatch(t -> PINS.contains(t));
        if (pin && circuit.regulator().filter(Regulator.COMPUTER::equals).isPresent()) {
            all.add(COMMANDED);
        }
        return all;
    }

    public static List<String> reading(Condition condition) {
        if (condition.running()) {
            return MEASURING_RUNNING;
        }
        if (condition.pile()) {
            return PILE;
        }
        return condition.starterCalled() ? CRANKING : AT_REST;
    }

    public static List<String> charging() {
        return CHARGING;
    }

    /** Before anything is taken apart; of several batteries one that stays connected keeps everything live. */
    public static List<String> repair(Circuit circuit) {
        return Stream.concat(
                        Stream.of(circuit.batteries().size() > 1 ? SEVERAL_BATTERIES : ONE_BATTERY), REPAIR.stream())
                .toList();
    }

    /** Before the batteries of a pair are parted and charged. */
    static List<String> parting(Circuit circuit) {
        return Stream.concat(repair(circuit).stream(), CHARGING.stream())
                .distinct()
                .toList();
    }

    /** Before the engine is turned by hand. */
    static List<String> turning() {
        return TURNING;
    }

    public static List<String> running() {
        return RUNNING;
    }
}
