package app.dantro.core.procedure;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Pair;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.finding.Standing;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.planning.Guide;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.BatteryRules;
import app.dantro.core.starting.SinceCharged;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The battery comes first: charged, free of surface charge, each of several on its own, then under load. */
final class BatterySteps {
    private BatterySteps() {}

    /** A battery that is proven faulty is not charged once more; one that lacks a cell is charged once before that. */
    static Optional<Placed> dead(Work work) {
        List<Battery> batteries = work.record().circuit().batteries();
        boolean dead = batteries.stream()
                .anyMatch(b -> work.findings().withStanding(Standing.FAULTY).contains(b.id()));
        if (dead) {
            return RetestSteps.repair(work);
        }
        return work.judgement()
                .flatMap(j -> j.called()
                        .filter(part -> isBattery(work, part))
                        .filter(part -> DeviceSteps.anyOpen(work, j, part))
                        .map(part -> new Placed(Stage.BATTERY, DeviceSteps.suspect(work.findings(), part, j))));
    }

    /** The base voltage is read, high enough, and no surface charge. */
    static Optional<Placed> charged(Work work) {
        Readings bases = work.findings().allPosts(Condition.REST);
        if (bases.isEmpty()) {
            Stage stage = work.findings().counted().isEmpty() ? Stage.FRESH : Stage.BATTERY;
            return Optional.of(
                    new Placed(stage, Step.measure(BaseVoltage.read(work, ProcedureReason.BATTERY_FIRST.with()))));
        }
        double base = bases.newest().orElseThrow().volts();
        if (work.blocks() > 1 && Math.abs(base) < Marks.ASSUMED_PARTED_VOLTS * work.blocks()) {
            return each(work);
        }
        if (base < BaseVoltage.goesOnVolts(work) && !inVain(work)) {
            Reason why = ProcedureReason.TOO_LOW_TO_TEST.with(Quantity.volts(BaseVoltage.goesOnVolts(work)));
            return each(work).or(() -> Optional.of(new Placed(Stage.BATTERY, charge(work, why))));
        }
        return BatteryRules.surfaceCharged(bases, work.blocks(), work.said())
                ? Optional.of(new Placed(Stage.BATTERY, surfaceCharged(work)))
                : Optional.empty();
    }

    private static Step surfaceCharged(Work work) {
        double surface = BatteryRules.surfaceVolts(work.said()) * work.blocks();
        List<ToSee> seen = new ArrayList<>(List.of(new ToSee(
                Topic.SURFACE_CHARGE, Optional.empty(), "lights and blower on for a minute, then all off for two")));
        boolean perhapsLithium = VehicleSort.of(work.record().circuit()) == VehicleSort.MOTORCYCLE
                && work.said().about(Topic.CHEMISTRY).isEmpty();
        if (perhapsLithium) {
            seen.add(0, ToSee.open(Topic.CHEMISTRY));
        }
        return Step.measure(BaseVoltage.read(work, ProcedureReason.SURFACE_CHARGE_OFF.with(Quantity.volts(surface))))
                .seeing(seen);
    }

    /** Of several batteries each is read at its own posts once; of a whole set in series the last follows from the others. */
    static Optional<Placed> each(Work work) {
        List<Battery> all = work.record().circuit().batteries();
        boolean series = work.record().circuit().blocks() > 1;
        boolean follows = series
                && work.findings()
                        .posts(Condition.REST)
                        .filter(r -> Math.abs(r.volts()) >= Marks.ASSUMED_PARTED_VOLTS * work.blocks())
                        .isPresent();
        return (follows ? all.subList(0, all.size() - 1) : all)
                .stream()
                        .filter(b -> work.record().readings().stream().noneMatch(r -> atRest(b, r.reading())))
                        .findFirst()
                        .map(b -> new Placed(Stage.BATTERY, Step.measure(ownBase(work, b, series))));
    }

    private static boolean atRest(Battery battery, Reading reading) {
        return reading.condition() == Condition.REST
                && reading.pair().equals(Pair.of(battery.positivePost(), battery.negativePost()));
    }

    private static ProbePlan ownBase(Work work, Battery battery, boolean series) {
        return FreeProbe.of(work.findings(), battery.positivePost(), battery.negativePost(), Condition.REST)
                .titled(
                        ProcedureReason.BASE_OF.with(Quantity.named(battery.name())),
                        (series ? ProcedureReason.EACH_BLOCK : ProcedureReason.EACH_BATTERY).with());
    }

    static Step charge(Work work, Reason why) {
        return Step.of(Kind.CHARGE, ProcedureReason.CHARGE_THEN_READ.with(), List.of(why), Cautions.charging())
                .at(BaseVoltage.read(work, ProcedureReason.AFTER_CHARGING.with()));
    }

    /** What hours on a charger did not raise, more hours will not. */
    static boolean inVain(Work work) {
        return new SafetyLaw(work.record()).chargedInVain();
    }

    /** The readings call a battery flat; one that has been on a charger since is asked no second time. */
    static Optional<Placed> advisedToCharge(Work work) {
        return work.guide()
                .flatMap(Guide::toCharge)
                .filter(part -> !SinceCharged.hoursAfter(work.findings().allPosts(Condition.REST)))
                .map(part -> {
                    Quantity name = Quantity.named(work.findings().of(part).name());
                    return new Placed(Stage.BATTERY, charge(work, ProcedureReason.READINGS_SAY_FLAT.with(name)));
                });
    }

    /** What the posts hold while it cranks; of a battery that was flat, once it is charged. */
    static Optional<Placed> underLoad(Work work) {
        boolean read = BatteryRules.crankedCharged(
                work.findings().allPosts(Condition.REST),
                work.findings().allPosts(Condition.CRANKING),
                BaseVoltage.goesOnVolts(work));
        return read
                ? Optional.empty()
                : Optional.of(new Placed(work.stage(Stage.BATTERY), Step.measure(cranked(work))));
    }

    /** The crank once more with its current, where somebody can measure it and nobody did. */
    static Optional<Placed> withCurrent(Work work) {
        boolean measured = work.findings().crankingAmps().isPresent();
        return measured
                        || !work.said().says(Topic.CLAMP, Answer.YES)
                        || work.findings().allPosts(Condition.CRANKING).all().size() > Marks.MOST_TIMES
                ? Optional.empty()
                : Optional.of(new Placed(work.stage(Stage.BATTERY), Step.measure(cranked(work))));
    }

    static Optional<Placed> suspect(Work work) {
        Standing standing =
                work.findings().standing(work.findings().loop().battery().id());
        boolean withoutCurrent = standing == Standing.NOT_PROVEN
                && work.findings()
                        .posts(Condition.CRANKING)
                        .flatMap(Reading::amps)
                        .isEmpty();
        boolean again = work.ampsAtHand()
                && work.findings().allPosts(Condition.CRANKING).all().size() < Marks.MOST_TIMES;
        return again && (standing == Standing.SUSPECT || withoutCurrent)
                ? Optional.of(new Placed(Stage.BATTERY, Step.measure(cranked(work))))
                : Optional.empty();
    }

    private static ProbePlan cranked(Work work) {
        double limit = CrankingLimit.voltsAt(work.record().celsius(), work.blocks());
        return new ProbePlan(
                work.findings().loop().battery().positivePost(),
                work.findings().loop().battery().negativePost(),
                Condition.CRANKING,
                ProcedureReason.BATTERY_WHILE_CRANKING.with(),
                List.of(ProcedureReason.OWN_RESISTANCE.with()),
                List.of(
                        Outcome.over(
                                Marks.ASSUMED_STRONG_VOLTS * work.blocks(), ProcedureReason.STRONG_OR_HELD_BACK.with()),
                        Outcome.under(limit, ProcedureReason.WEAK_OR_TOO_MUCH.with()),
                        new Outcome(ProcedureReason.NEAR_BASE.with(), ProcedureReason.NOT_REACHED.with())),
                Marks.ASSUMED_GOOD_CRANKING_VOLTS * work.blocks(),
                limit);
    }

    /** Nothing at hand would tell more, and it is likelier than not one of the batteries. */
    static Optional<Placed> flatOrWorn(Work work) {
        return work.judgement()
                .flatMap(j -> j.leading().filter(part -> j.probability(part) >= Marks.LIKELIER_THAN_NOT))
                .filter(part -> isBattery(work, part))
                .filter(part -> work.findings().standing(part) == Standing.SUSPECT)
                .filter(part -> work.said().about(Topic.CHARGED_APART).isEmpty())
                .map(part -> new Placed(work.stage(Stage.BATTERY), chargeApart(work, part)));
    }

    /** A battery that is flat shows what a bad one shows: only charging tells them apart. */
    private static Step chargeApart(Work work, PartId battery) {
        Quantity name = Quantity.named(work.findings().of(battery).name());
        return Step.of(
                        Kind.PROVE,
                        ProcedureReason.CHARGE_APART.with(),
                        List.of(ProcedureReason.FLAT_OR_WORN.with(name)),
                        Cautions.charging())
                .on(battery)
                .seeing(List.of(ToSee.open(Topic.CHARGED_APART)));
    }

    private static boolean isBattery(Work work, PartId part) {
        return work.record().circuit().batteries().stream().anyMatch(b -> b.id().equals(part));
    }
}
