package app.dantro.acceptance.bench;

import app.dantro.acceptance.bench.Bench.Figure;
import app.dantro.acceptance.bench.vehicles.DiagnosisReport;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Findings;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.planning.Advisor;
import app.dantro.core.planning.Workplace;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.standing.CaseInference;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.Standings;
import app.dantro.core.starting.StartingRules;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/** How fast the judgement is, and how often it is right: {@code diagnosis --vehicles N --threads T}. */
final class JudgementBench implements Bench.Benchmark {
    private static final int WARM_UP = 60;
    private static final int MEASURED = 60;
    private static final double BUDGET_JUDGEMENT_MILLIS = 20;
    private static final double BUDGET_NEXT_MILLIS = 80;
    private static final double BUDGET_NEXT_LARGEST_MILLIS = 200;
    private static final double BUDGET_PREPARED_MILLIS = 2000;
    private static final double BUDGET_MEGABYTES = 60;
    private static final double MILLIS = 1e-6;

    private final int vehicles;
    private final int threads;

    JudgementBench(String[] args) {
        this.vehicles = option(args, "--vehicles", 200);
        this.threads = option(args, "--threads", 2);
    }

    private static int option(String[] args, String name, int otherwise) {
        for (int i = 0; i < args.length - 1; i++) {
            if (args[i].equals(name)) {
                return Integer.parseInt(args[i + 1]);
            }
        }
        return otherwise;
    }

    @Override
    public List<Figure> run() throws Exception {
        List<Figure> figures = new ArrayList<>();
        figures.addAll(timed("petrol-car", "petrol car", BUDGET_NEXT_MILLIS));
        figures.addAll(timed("twin-battery-diesel", "largest circuit", BUDGET_NEXT_LARGEST_MILLIS));
        new DiagnosisReport(System.out, vehicles, threads).run();
        return figures;
    }

    private List<Figure> timed(String id, String words, double nextBudget) {
        Circuit circuit = ReadyMadeCircuits.named(id).orElseThrow();
        List<Double> preparing = new ArrayList<>();
        PreparedCircuit prepared = PreparedCircuit.of(circuit, 20).prepare();
        for (int i = 0; i < 5; i++) {
            long from = System.nanoTime();
            prepared = PreparedCircuit.of(circuit, 20).prepare();
            preparing.add((System.nanoTime() - from) * MILLIS);
        }
        List<Double> judging = new ArrayList<>();
        List<Double> planning = new ArrayList<>();
        for (int i = 0; i < WARM_UP + MEASURED; i++) {
            CaseRecord evidence = worked(circuit, i);
            Evidence inference = CaseInference.of(evidence, Complaint.STARTING);
            Findings rules = StartingRules.of(evidence);
            long from = System.nanoTime();
            Judgement judgement = Judgement.of(prepared, inference);
            Standings.of(rules, judgement);
            long judged = System.nanoTime();
            Advisor.propose(judgement, everything(), 4);
            if (i >= WARM_UP) {
                judging.add((judged - from) * MILLIS);
                planning.add((System.nanoTime() - judged) * MILLIS);
            }
        }
        return List.of(
                Figure.of(words + ": prepared once", "ms", preparing, BUDGET_PREPARED_MILLIS),
                Figure.of(words + ": kept", "MB", List.of(prepared.bytes() / 1e6), BUDGET_MEGABYTES),
                Figure.of(words + ": posterior, standing, contradictions", "ms", judging, BUDGET_JUDGEMENT_MILLIS),
                Figure.of(words + ": next measurement", "ms", planning, nextBudget));
    }

    private static Workplace everything() {
        return new Workplace(
                EnumSet.of(
                        Condition.REST,
                        Condition.KEY_ON,
                        Condition.ENGINE_OFF_LOAD,
                        Condition.CRANKING,
                        Condition.RAISED,
                        Condition.RAISED_LOADED),
                false,
                Optional.empty());
    }

    /** A case with one to six readings of a vehicle with one bad part; another part each time. */
    private static CaseRecord worked(Circuit circuit, int number) {
        PartId bad = circuit.parts().get(number % circuit.parts().size()).id();
        VehicleState state = VehicleState.healthy().with(bad, 0.004 * (1 + number % 5));
        List<RecordedReading> readings = new ArrayList<>();
        List<PointId> ends = List.of(
                circuit.minusPost(),
                circuit.starter().orElseThrow().starterCase(),
                circuit.starter().orElseThrow().motorStud());
        add(readings, circuit, state, Condition.REST, circuit.plusPost(), circuit.minusPost());
        for (int i = 0; i < number % 6; i++) {
            Condition condition = i % 2 == 0 ? Condition.CRANKING : Condition.RAISED_LOADED;
            add(readings, circuit, state, condition, circuit.plusPost(), ends.get(i % ends.size()));
        }
        return CaseRecord.of(circuit, 20, readings, List.of(), List.of());
    }

    private static void add(
            List<RecordedReading> to,
            Circuit circuit,
            VehicleState state,
            Condition condition,
            PointId red,
            PointId black) {
        OperatingPoint point =
                new NetworkSolver(circuit).solve(condition, state).orThrow();
        double volts = point.between(red, black);
        int digits = (int) Math.round(-Math.log10(MeterRange.finestFor(volts).resolutionVolts()));
        String typed =
                BigDecimal.valueOf(volts).setScale(digits, RoundingMode.HALF_UP).toPlainString();
        Current current = condition.starterCalled()
                ? Current.of(Math.rint(point.starterAmps()), Current.How.CLAMP)
                : Current.unknown();
        to.add(RecordedReading.of(new Reading(
                new UUID(7, to.size()),
                red,
                black,
                condition,
                TypedVolts.parse(typed.toLowerCase(Locale.ROOT)),
                Statistic.SETTLED,
                current,
                Optional.empty(),
                false,
                to.size())));
    }
}
