package app.dantro.core.procedure;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.fact.DropAnswer;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.figure.TwoCranks;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.planning.Guide;
import app.dantro.core.planning.Planner;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.profile.ChargingProfile;
import app.dantro.core.profile.StartingProfile;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.RepairForecast;
import app.dantro.core.starting.BatteryJudge;
import app.dantro.core.starting.StartingRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The order of work on a starting circuit: battery, both sides, walk, repair, retest, complaint's own test. */
public final class StartingProcedure {
    /** A path certified at less than this share of today's current is read again after a repair. */
    private static final double SAME_CURRENT_SHARE = 0.95;

    private static final double LIKELIER_THAN_NOT = 0.5;
    /** With less than this for a healthy vehicle a further fault is looked for before the case may close. */
    private static final double HEALTHY_ENOUGH = 0.5;

    private final Planner planner;

    public StartingProcedure(Planner planner) {
        this.planner = planner;
    }

    /** Findings, profile and the one next step, by rules alone. */
    public Assessment assess(CaseRecord evidence) {
        return assess(StartingRules.of(evidence), Optional.empty());
    }

    /** Findings, profile and the one next step; with a judgement the search is its, the gates stay. */
    Assessment assess(Findings findings, Optional<Judgement> judgement) {
        Optional<Placed> gate = deadBattery(findings, judgement)
                .or(() -> battery(findings))
                .or(() -> repair(findings))
                .or(() -> retestAcross(findings))
                .or(() -> eachBattery(findings));
        Optional<Guide> guide = gate.isPresent() ? Optional.empty() : judgement.map(j -> guide(findings, j));
        boolean retesting = findings.evidence().lastRepair().isPresent()
                && findings.failing().isEmpty();
        Optional<Placed> search = guide.flatMap(g -> guided(findings, g, judgement.orElseThrow()));
        Placed placed = gate.or(() -> retesting ? byRules(findings).or(() -> stillDoubted(judgement, search)) : search)
                .or(() -> byRules(findings))
                .or(() -> judgement.flatMap(j -> unseen(findings, j)))
                .orElseGet(() -> proven(findings));
        return new Assessment(
                findings,
                StartingProfile.of(findings),
                ChargingProfile.of(findings),
                placed.stage,
                placed.step,
                standby(findings, placed.step, guide.map(Guide::standby).orElse(List.of())),
                judgement,
                List.of());
    }

    /** Beside a whole return side stands the way to read it without a long lead. */
    private static List<ProbePlan> standby(Findings findings, Step step, List<ProbePlan> best) {
        Map.Entry<PointId, PointId> ends = findings.loop().ends(Side.RETURN);
        boolean wholeReturn = step.probe()
                .filter(p -> Set.of(p.red(), p.black()).equals(Set.of(ends.getKey(), ends.getValue())))
                .isPresent();
        if (!wholeReturn) {
            return best;
        }
        ProbePlan plan = FreeProbe.of(
                findings,
                findings.loop().battery().positivePost(),
                TwoCranks.metal(findings.loop()),
                Condition.CRANKING);
        List<ProbePlan> all = new ArrayList<>(best);
        all.add(new ProbePlan(
                plan.red(),
                plan.black(),
                plan.condition(),
                "Without a long lead: + post to engine metal",
                "What it shows less than the posts is lost on the way back. Two cranks are never the same: coarser.",
                plan.outcomes(),
                plan.goodVolts(),
                plan.faultyVolts()));
        return all;
    }

    private record Placed(Stage stage, Step step) {}

    private Guide guide(Findings findings, Judgement judgement) {
        return Guide.of(findings, judgement, Gates.workplace(findings, Concern.STARTING));
    }

    private Optional<Placed> guided(Findings findings, Guide guide, Judgement judgement) {
        return guide.next()
                .map(plan -> new Placed(searchStage(findings), Step.measure(plan)))
                .or(() -> guide.toCharge()
                        .map(part -> new Placed(
                                Stage.BATTERY,
                                charge(
                                        findings,
                                        "The readings say that it is flat: "
                                                + findings.of(part).name() + "."))))
                .or(() -> guide.toRepair()
                        .filter(part -> findings.standing(part) == Standing.SUSPECT)
                        .map(part -> new Placed(Stage.REPAIR, Step.suspectDevice(findings, part, judgement))))
                .or(() -> flatOrWorn(findings, judgement));
    }

    /** Nothing at hand would tell more, and it is likelier than not one of the batteries. */
    private static Optional<Placed> flatOrWorn(Findings findings, Judgement judgement) {
        return judgement
                .leading()
                .filter(part -> judgement.probability(part) >= LIKELIER_THAN_NOT)
                .filter(part ->
                        findings.evidence().circuit().batteries().stream().anyMatch(b -> b.id().equals(part)))
                .filter(part -> findings.standing(part) == Standing.SUSPECT)
                .filter(part -> findings.evidence()
                        .statements()
                        .about(Topic.CHARGED_APART)
                        .isEmpty())
                .map(part -> new Placed(stageOf(findings, Stage.BATTERY), Step.chargeApart(findings, part)));
    }

    /** With both sides certified again the search goes on only if the readings still speak of another fault. */
    private static Optional<Placed> stillDoubted(Optional<Judgement> judgement, Optional<Placed> search) {
        return judgement.filter(j -> j.posterior().healthy() < HEALTHY_ENOUGH).flatMap(j -> search);
    }

    private static Stage searchStage(Findings findings) {
        return stageOf(findings, findings.failing().isPresent() ? Stage.WALK : Stage.SIDES);
    }

    private Optional<Placed> byRules(Findings findings) {
        return underLoad(findings)
                .or(() -> whole(findings, Side.RETURN))
                .or(() -> whole(findings, Side.SUPPLY))
                .or(() -> walk(findings))
                .or(() -> suspectBattery(findings))
                .or(() -> unanswered(findings, Side.RETURN))
                .or(() -> unanswered(findings, Side.SUPPLY));
    }

    /** A battery that is proven faulty is not charged once more; one that lacks a cell is charged once before that. */
    private Optional<Placed> deadBattery(Findings findings, Optional<Judgement> judgement) {
        List<Battery> batteries = findings.evidence().circuit().batteries();
        boolean dead = batteries.stream()
                .anyMatch(b -> findings.withStanding(Standing.FAULTY).contains(b.id()));
        if (dead) {
            return repair(findings);
        }
        return judgement.flatMap(j -> j.called()
                .filter(part -> batteries.stream().anyMatch(b -> b.id().equals(part)))
                .filter(part -> j.proof().looks(part).stream()
                        .anyMatch(l -> l.open(findings.evidence().statements())))
                .map(part -> new Placed(Stage.BATTERY, Step.suspectDevice(findings, part, j))));
    }

    private Optional<Placed> battery(Findings findings) {
        List<Reading> bases = findings.allPosts(Condition.REST);
        Stage stage = findings.counted().isEmpty() ? Stage.FRESH : Stage.BATTERY;
        if (bases.isEmpty()) {
            return Optional.of(new Placed(
                    stage, Step.measure(base(findings, "Battery first: every later test needs one that is charged."))));
        }
        if (bases.get(bases.size() - 1).volts()
                < BatteryJudge.CHARGED_VOLTS * findings.loop().blocks()) {
            Optional<Placed> apart = eachBattery(findings);
            if (apart.isPresent()) {
                return apart;
            }
            return Optional.of(new Placed(
                    Stage.BATTERY,
                    charge(
                            findings,
                            "Under %s a starting test says nothing about wiring or starter."
                                    .formatted(Amount.volts(charged(findings.loop()))))));
        }
        if (BatteryJudge.surfaceCharged(
                bases, findings.loop().blocks(), findings.evidence().statements())) {
            return Optional.of(new Placed(
                    Stage.BATTERY,
                    Step.measure(base(
                                    findings,
                                    "Over %s is surface charge. Lights and blower on 1 min, all off 2 min, then read again."
                                            .formatted(Amount.volts(BatteryJudge.surfaceVolts(
                                                            findings.evidence().statements())
                                                    * findings.loop().blocks()))))
                            .after(Topic.SURFACE_CHARGE, "lights and blower on for a minute, then all off for two")));
        }
        return Optional.empty();
    }

    /** Of several batteries each is read at its own posts once; of a set in series the last follows from the others. */
    private static Optional<Placed> eachBattery(Findings findings) {
        List<Battery> all = findings.evidence().circuit().batteries();
        boolean series = findings.evidence().circuit().blocks() > 1;
        return (series ? all.subList(0, all.size() - 1) : all)
                .stream()
                        .filter(b -> findings.evidence().readings().stream()
                                .noneMatch(r -> r.reading().condition() == Condition.REST
                                        && Set.of(r.reading().red(), r.reading().black())
                                                .equals(Set.of(b.positivePost(), b.negativePost()))))
                        .findFirst()
                        .map(b -> new Placed(Stage.BATTERY, Step.measure(ownBase(findings, b, series))));
    }

    private static ProbePlan ownBase(Findings findings, Battery battery, boolean series) {
        ProbePlan plan = FreeProbe.of(findings, battery.positivePost(), battery.negativePost(), Condition.REST);
        return new ProbePlan(
                plan.red(),
                plan.black(),
                plan.condition(),
                "Base voltage of the " + battery.name(),
                series
                        ? "Each block on its own: two of unequal charge, or a dead cell, hide in the sum."
                        : "Each battery on its own posts: a bad one hides behind the good one.",
                plan.outcomes(),
                plan.goodVolts(),
                plan.faultyVolts());
    }

    private static Step charge(Findings findings, String why) {
        return new Step(
                Kind.CHARGE,
                "Charge the battery, then read it again",
                why,
                Optional.of(base(findings, "After charging, at rest.")),
                Optional.empty(),
                Optional.empty(),
                Cautions.charging());
    }

    private static ProbePlan base(Findings findings, String why) {
        SeriesLoop loop = findings.loop();
        double surface = BatteryJudge.surfaceVolts(findings.evidence().statements());
        return new ProbePlan(
                loop.battery().positivePost(),
                loop.battery().negativePost(),
                Condition.REST,
                "Base voltage at the posts",
                why,
                List.of(
                        new Outcome(Amount.volts(charged(loop)) + " or more", "charged: go on"),
                        new Outcome("Under " + Amount.volts(charged(loop)), "charge first"),
                        new Outcome(
                                "Over " + Amount.volts(surface * loop.blocks(), 0.01),
                                "surface charge: remove it, read again")),
                12.6 * loop.blocks(),
                charged(loop));
    }

    private static double charged(SeriesLoop loop) {
        return BatteryJudge.CHARGED_VOLTS * loop.blocks();
    }

    private Optional<Placed> underLoad(Findings findings) {
        if (findings.posts(Condition.CRANKING).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(new Placed(stageOf(findings, Stage.BATTERY), Step.measure(cranked(findings))));
    }

    private static ProbePlan cranked(Findings findings) {
        SeriesLoop loop = findings.loop();
        double limit = CrankingLimit.voltsAt(findings.evidence().celsius(), loop.blocks());
        return new ProbePlan(
                loop.battery().positivePost(),
                loop.battery().negativePost(),
                Condition.CRANKING,
                "Battery voltage while cranking",
                "With the current it gives the battery's own resistance, and proves that current flows.",
                List.of(
                        new Outcome(
                                "Over " + Amount.volts(11 * loop.blocks()),
                                "strong, or something holds the current back"),
                        new Outcome("Under " + Amount.volts(limit), "battery weak, or the current is too high"),
                        new Outcome("Near the base voltage", "no current: the starter was not reached")),
                11.4 * loop.blocks(),
                limit);
    }

    private Optional<Placed> suspectBattery(Findings findings) {
        Standing standing = findings.standing(findings.loop().battery().id());
        boolean askAgain = standing == Standing.SUSPECT
                || standing == Standing.NOT_PROVEN
                        && findings.posts(Condition.CRANKING)
                                .flatMap(Reading::amps)
                                .isEmpty();
        return askAgain ? Optional.of(new Placed(Stage.BATTERY, Step.measure(cranked(findings)))) : Optional.empty();
    }

    private Optional<Placed> whole(Findings findings, Side side) {
        Optional<DropVerdict> whole = findings.whole(side).filter(v -> v.answer() != DropAnswer.IMPLAUSIBLE);
        if (whole.isPresent() && fullCurrent(findings, whole.get())) {
            return Optional.empty();
        }
        String why = whole.isPresent()
                ? "It was certified at %s; more flows since the repair."
                        .formatted(Amount.amps(whole.get().healthy().amps()))
                : findings.evidence().lastRepair().isPresent()
                        ? "Retest: the whole side, in the same condition as before the repair."
                        : side == Side.RETURN
                                ? "The return side is easier to reach: usually first."
                                : "Supply side in one reading, contacts included.";
        return Optional.of(new Placed(stageOf(findings, Stage.SIDES), Step.measure(wholePlan(findings, side, why))));
    }

    /** After a repair more current flows: a path certified before at less is not certified at this one. */
    private static boolean fullCurrent(Findings findings, DropVerdict whole) {
        if (findings.evidence().lastRepair().isEmpty() || !whole.clears()) {
            return true;
        }
        double today = findings.posts(Condition.CRANKING).flatMap(Reading::amps).orElse(0.0);
        return whole.healthy().amps() >= SAME_CURRENT_SHARE * today;
    }

    private static ProbePlan wholePlan(Findings findings, Side side, String why) {
        Map.Entry<PointId, PointId> ends = findings.loop().ends(side);
        Stretch stretch = findings.loop().between(ends.getKey(), ends.getValue());
        HealthyDrop healthy = healthy(findings, stretch);
        return new ProbePlan(
                ends.getKey(),
                ends.getValue(),
                Condition.CRANKING,
                "Whole " + side.words(),
                why,
                List.of(
                        new Outcome("Under " + Amount.volts(healthy.upperVolts()), "good at this current"),
                        new Outcome(
                                "Over " + Amount.volts(healthy.upperVolts()),
                                "walk along it: the largest step is the fault")),
                healthy.nominalVolts(),
                healthy.upperVolts());
    }

    private Optional<Placed> walk(Findings findings) {
        return planner.next(findings).map(plan -> new Placed(stageOf(findings, Stage.WALK), Step.measure(plan)));
    }

    private Optional<Placed> repair(Findings findings) {
        return findings.withStanding(Standing.FAULTY).stream().findFirst().map(part -> {
            String name = findings.of(part).name();
            Optional<RepairForecast> forecast = RepairForecast.of(findings, part);
            Step step = new Step(
                    Kind.REPAIR,
                    "Repair the " + name,
                    findings.of(part).says(),
                    Optional.empty(),
                    Optional.of(part),
                    forecast,
                    Cautions.repair(findings.evidence().circuit()));
            return new Placed(Stage.REPAIR, step);
        });
    }

    private Optional<Placed> retestAcross(Findings findings) {
        Optional<PartId> repaired = findings.evidence().lastRepair().map(Repair::part);
        if (repaired.flatMap(findings.loop()::part).isEmpty()) {
            return repaired.filter(part -> findings.evidence().acrossSince(part).isEmpty())
                    .flatMap(findings.evidence().circuit()::part)
                    .map(part -> offTheLoop(findings, part));
        }
        return repaired.filter(part -> findings.across(part).isEmpty())
                .flatMap(part -> findings.loop().part(part))
                .map(part -> {
                    HealthyDrop healthy = healthy(findings, findings.loop().between(part.from(), part.to()));
                    ProbePlan plan = new ProbePlan(
                            part.from(),
                            part.to(),
                            Condition.CRANKING,
                            "Retest across the " + part.name(),
                            "Same leads, same condition as before the repair.",
                            List.of(
                                    new Outcome("Under " + Amount.volts(healthy.upperVolts()), "the repair holds"),
                                    new Outcome("Over " + Amount.volts(healthy.upperVolts()), "open it again")),
                            healthy.nominalVolts(),
                            healthy.upperVolts());
                    return new Placed(Stage.RETEST, Step.measure(plan));
                });
    }

    /** A part beside the starting current's way, such as a link: as it was read before, else while cranking. */
    private static Placed offTheLoop(Findings findings, Part part) {
        Optional<Reading> before = findings.evidence().acrossBefore(part.id());
        ProbePlan plan = FreeProbe.of(
                findings,
                before.map(Reading::red).orElse(part.from()),
                before.map(Reading::black).orElse(part.to()),
                before.map(Reading::condition).orElse(Condition.CRANKING));
        return new Placed(
                Stage.RETEST,
                Step.measure(new ProbePlan(
                        plan.red(),
                        plan.black(),
                        plan.condition(),
                        "Retest across the " + part.name(),
                        before.map(r -> "Same leads, same condition: it read %s before the repair.".formatted(shown(r)))
                                .orElse(
                                        "It was not read before the repair; now it must show what a healthy one shows."),
                        plan.outcomes(),
                        plan.goodVolts(),
                        plan.faultyVolts())));
    }

    /** A whole side that was read but neither certified nor condemned is read again, with the current. */
    private Optional<Placed> unanswered(Findings findings, Side side) {
        return findings.whole(side)
                .filter(v -> !v.clears() && !v.condemns())
                .map(v -> new Placed(
                        stageOf(findings, Stage.SIDES),
                        Step.measure(wholePlan(
                                findings,
                                side,
                                v.marginal()
                                        ? "Marginal: read it again, mean of several cranks."
                                        : "Read it again with the current: only then is the side certified."))));
    }

    /** Nothing is left to read, and the likeliest device still has something to be seen: that would decide. */
    private static Optional<Placed> unseen(Findings findings, Judgement judgement) {
        return judgement
                .leading()
                .filter(part -> findings.standing(part) == Standing.SUSPECT)
                .filter(part -> judgement.proof().looks(part).stream()
                        .anyMatch(l -> l.open(findings.evidence().statements())))
                .map(part ->
                        new Placed(stageOf(findings, Stage.REPAIR), Step.suspectDevice(findings, part, judgement)));
    }

    private Placed proven(Findings findings) {
        if (!findings.contradictions().isEmpty()) {
            return again(findings);
        }
        Optional<ComplaintTest> test = findings.evidence().lastTest();
        if (test.filter(ComplaintTest::passed).isPresent()) {
            return new Placed(Stage.VERIFIED, Step.of(Kind.DONE, "Verified", verification(findings), List.of()));
        }
        boolean repaired = findings.evidence().lastRepair().isPresent();
        if (test.isPresent() || !repaired) {
            return new Placed(
                    Stage.ELSEWHERE,
                    Step.of(
                            Kind.LOOK_ELSEWHERE,
                            "The wiring does not explain it",
                            elsewhere(findings),
                            List.of("Battery − off and key out before the engine is turned by hand.")));
        }
        return new Placed(
                Stage.RETEST,
                Step.of(
                        Kind.COMPLAINT_TEST,
                        "Does it crank and start as it should?",
                        "Both sides are certified again. The complaint's own test closes the case.",
                        Cautions.running()));
    }

    /** What the last repair changed, by the readings across the part before and after. */
    private static String verification(Findings findings) {
        String passed = "The complaint's own test passed after the retests.";
        Optional<Repair> repair = findings.evidence().lastRepair();
        if (repair.isEmpty()) {
            return passed;
        }
        PartId part = repair.get().part();
        Optional<String> after = findings.evidence().acrossSince(part).map(StartingProcedure::shown);
        Optional<String> before = findings.evidence().acrossBefore(part).map(StartingProcedure::shown);
        if (findings.evidence().circuit().part(part).isEmpty()) {
            return "The %s: %s. %s"
                    .formatted(
                            findings.evidence().circuit().nameOf(part).orElse(part.value()),
                            repair.get().action().words(),
                            passed);
        }
        return "Across the %s: %s before the repair, %s after. %s"
                .formatted(
                        findings.evidence().circuit().nameOf(part).orElse(part.value()),
                        before.orElse("not read"),
                        after.orElse("not read"),
                        passed);
    }

    private static String shown(Reading reading) {
        return Amount.volts(reading.volts(), reading.resolutionVolts());
    }

    /** Readings that contradict each other end nothing: the newest is read again first. */
    private static Placed again(Findings findings) {
        Reading newest = findings.counted().get(findings.counted().size() - 1);
        ProbePlan plan = FreeProbe.of(findings, newest.red(), newest.black(), newest.condition());
        ProbePlan repeated = new ProbePlan(
                plan.red(),
                plan.black(),
                plan.condition(),
                "Again: " + plan.title(),
                findings.contradictions().get(0),
                plan.outcomes(),
                plan.goodVolts(),
                plan.faultyVolts());
        return new Placed(stageOf(findings, Stage.SIDES), Step.measure(repeated));
    }

    /** What stays open when the wiring is good; the battery is named unless it is cleared. */
    private static String elsewhere(Findings findings) {
        if (findings.evidence().statements().says(Topic.ENGINE_TURNS, "HARD")) {
            return "The engine turns hard by hand: that alone makes a good starter draw much and turn slowly. "
                    + "Free the engine, then crank and read again; the starter is not proven bad.";
        }
        PartId battery = findings.loop().battery().id();
        String open = findings.standing(battery) == Standing.CLEARED
                ? ""
                : " The battery is not proven either: " + findings.of(battery).says();
        String starter = findings.evidence().statements().says(Topic.ENGINE_TURNS, "FREELY")
                ? "The engine turns freely, but the readings are not enough to condemn the starter: measure the cranking speed, or prove the starter off the engine."
                : "No verdict on the starter yet: turn the engine by hand, or prove the starter off the engine, before it is called faulty.";
        return starter + open;
    }

    private static Stage stageOf(Findings findings, Stage before) {
        return findings.evidence().lastRepair().isPresent() ? Stage.RETEST : before;
    }

    private static HealthyDrop healthy(Findings findings, Stretch stretch) {
        Optional<Double> amps =
                findings.posts(Condition.CRANKING).flatMap(Reading::amps).filter(a -> a > 0);
        return HealthyDrop.of(
                stretch,
                findings.loop().crankingAmps(),
                amps,
                findings.evidence().celsius());
    }
}
