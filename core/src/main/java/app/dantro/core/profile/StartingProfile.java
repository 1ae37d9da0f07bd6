package app.dantro.core.profile;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.fact.DropAnswer;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.network.VehicleState;
import app.dantro.core.profile.LoopProfile.Remainder;
import app.dantro.core.profile.LoopProfile.SideProfile;
import app.dantro.core.profile.LoopProfile.Step;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Works out the loop profile: measured steps as read, the others estimated with their band. */
public final class StartingProfile {
    private final Findings findings;
    private final SeriesLoop loop;
    private final double celsius;
    private final Optional<Double> measuredAmps;
    private final double amps;
    private final OperatingPoint healthy;

    private StartingProfile(Findings findings) {
        this.findings = findings;
        this.loop = findings.loop();
        this.celsius = findings.evidence().celsius();
        this.measuredAmps = findings.crankingAmps();
        this.amps = measuredAmps.orElse(loop.crankingAmps().nominalAmps());
        this.healthy = new NetworkSolver(findings.evidence().circuit())
                .solve(Condition.CRANKING, VehicleState.healthyAt(celsius))
                .orThrow();
    }

    public static LoopProfile of(Findings findings) {
        return new StartingProfile(findings).draw();
    }

    private LoopProfile draw() {
        ResistanceEstimate estimate = estimate();
        Optional<Double> posts = findings.posts(Condition.CRANKING).map(Reading::volts);
        SideProfile supply = side(Side.SUPPLY, estimate);
        SideProfile returns = side(Side.RETURN, estimate);
        double healthyMotor =
                healthy.between(loop.starter().motorStud(), loop.starter().starterCase());
        return new LoopProfile(
                Loop.STARTING,
                amps,
                measuredAmps.isPresent(),
                posts,
                supply,
                returns,
                remainder(posts, supply, returns),
                healthyMotor,
                Optional.empty());
    }

    private Optional<Remainder> remainder(Optional<Double> posts, SideProfile supply, SideProfile returns) {
        PointId stud = loop.starter().motorStud();
        PointId ground = loop.starter().starterCase();
        Optional<Remainder> read = findings.counted()
                .in(Condition.CRANKING)
                .across(stud, ground)
                .newest()
                .map(r -> new Remainder(Math.abs(r.volts()), true));
        return read.or(() -> posts.filter(p ->
                        supply.wholeVolts().isPresent() && returns.wholeVolts().isPresent())
                .map(p -> new Remainder(
                        p - supply.wholeVolts().get() - returns.wholeVolts().get(), false)));
    }

    private SideProfile side(Side side, ResistanceEstimate estimate) {
        List<Step> steps = new ArrayList<>();
        for (Part part : loop.side(side)) {
            steps.add(step(part, estimate));
        }
        HealthyDrop ofSide = healthy(loop.side(side));
        Optional<Double> whole = findings.whole(side)
                .filter(v -> v.answer() != DropAnswer.IMPLAUSIBLE)
                .map(v -> v.volts() * amps / v.healthy().amps());
        return new SideProfile(side, shared(steps, whole), whole, ofSide.lowVolts(), ofSide.upperVolts());
    }

    private Step step(Part part, ResistanceEstimate estimate) {
        HealthyDrop ofPart = healthy(List.of(part));
        Optional<Double> read = findings.across(part.id())
                .filter(v -> v.answer() != DropAnswer.IMPLAUSIBLE)
                .map(v -> v.volts() * amps / v.healthy().amps());
        Optional<ResistanceBelief> belief = read.isPresent()
                ? Optional.empty()
                : findings.of(part.id()).suspicion().flatMap(s -> s.resistance().get());
        if (belief.isPresent()) {
            return believed(part, belief.get(), ofPart);
        }
        double volts = read.orElseGet(() -> amps * estimate.ohms(part));
        double band = amps * Quantile.TWO_SIDED_95 * estimate.standardOhms(part);
        return new Step(
                part.id(),
                read.isPresent(),
                volts,
                Math.max(0, volts - band),
                volts + band,
                healthyVolts(part),
                ofPart.upperVolts(),
                findings.standing(part.id()));
    }

    /** An unread step by all readings together: its median, and the band in which it lies with 95 %. */
    private Step believed(Part part, ResistanceBelief belief, HealthyDrop ofPart) {
        double most = findings.evidence().circuit().systemVolts();
        return new Step(
                part.id(),
                false,
                Math.min(most, amps * belief.medianOhms()),
                Math.min(most, Math.max(0, amps * belief.lowOhms())),
                Math.min(most, amps * belief.highOhms()),
                healthyVolts(part),
                ofPart.upperVolts(),
                findings.standing(part.id()));
    }

    /** What a whole side lost beyond its steps falls on the unread ones by how likely each is at fault. */
    private List<Step> shared(List<Step> steps, Optional<Double> whole) {
        double left =
                whole.orElse(0.0) - steps.stream().mapToDouble(Step::volts).sum();
        double weights = steps.stream().mapToDouble(this::weight).sum();
        if (whole.isEmpty() || left <= 0 || weights <= 0) {
            return steps;
        }
        return steps.stream()
                .map(s -> s.plus(left * weight(s) / weights, whole.get()))
                .toList();
    }

    private double weight(Step step) {
        return step.measured()
                ? 0
                : findings.of(step.part())
                        .suspicion()
                        .map(Suspicion::probability)
                        .orElse(0.0);
    }

    /** The solver's drop for a healthy vehicle, at the current the profile is drawn for; by resistance where the cold lets none crank. */
    private double healthyVolts(Part part) {
        boolean cranks = healthy.starterAmps() > 1;
        return cranks
                ? healthy.between(part.from(), part.to()) * amps / healthy.starterAmps()
                : healthy(List.of(part)).nominalVolts();
    }

    private HealthyDrop healthy(List<Part> parts) {
        return HealthyDrop.of(new Stretch(parts, false, true), loop.crankingAmps(), Optional.of(amps), celsius);
    }

    private ResistanceEstimate estimate() {
        Map<PartId, Double> suspicion = suspicionOhms();
        ResistanceEstimate estimate =
                new ResistanceEstimate(loop.parts(), celsius, part -> suspicion.getOrDefault(part.id(), 0.0));
        for (DropVerdict verdict : findings.verdicts()) {
            if (verdict.answer() != DropAnswer.IMPLAUSIBLE && verdict.answer() != DropAnswer.NOT_PROVEN) {
                double ohms = verdict.volts() / verdict.healthy().amps();
                double spread = verdict.healthy().estimated() ? StartingLoop.ASSUMED_CURRENT_SPREAD * ohms : 0;
                double meter = MeterError.standardVolts(verdict.reading())
                        / verdict.healthy().amps();
                estimate.observe(verdict.stretch().parts(), ohms, Math.hypot(meter, spread));
            }
        }
        return estimate;
    }

    /** Suspects share what the failing stretches lose too much, by how often their kind is the bad one. */
    private Map<PartId, Double> suspicionOhms() {
        Map<PartId, Double> suspicion = new HashMap<>();
        for (DropVerdict verdict : findings.verdicts()) {
            if (verdict.answer() == DropAnswer.FAILS) {
                double excess = verdict.volts() / verdict.healthy().amps()
                        - verdict.stretch().nominalOhms(celsius);
                List<Part> open = verdict.stretch().parts().stream()
                        .filter(p -> findings.standing(p.id()) != Standing.CLEARED)
                        .toList();
                double weight = open.stream()
                        .mapToDouble(p -> p.kind().assumedFaultWeight())
                        .sum();
                open.forEach(p ->
                        suspicion.merge(p.id(), excess * Math.sqrt(p.kind().assumedFaultWeight() / weight), Math::min));
            }
        }
        return suspicion;
    }
}
