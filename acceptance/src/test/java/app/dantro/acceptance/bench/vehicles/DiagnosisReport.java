package app.dantro.acceptance.bench.vehicles;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * Prints how well each way of working did: all of them in the base world with all tools; fewer vehicles for fewer tools
 * and for the other worlds.
 */
public final class DiagnosisReport {
    private static final long SEED = 20_270_101;
    private static final double FEWER_TOOLS = 0.5;
    private static final double OTHER_WORLDS = 0.5;
    private static final double CLAIRVOYANT = 0.15;

    private final PrintStream out;
    private final int vehicles;
    private final int threads;
    private final List<String> json = new ArrayList<>();

    public DiagnosisReport(PrintStream out, int vehicles, int threads) {
        this.out = out;
        this.vehicles = vehicles;
        this.threads = threads;
    }

    /** Runs everything and prints tables, then one line of JSON. */
    public void run() throws InterruptedException {
        out.printf("seed %d, %d vehicles in the base world with all tools%n", SEED, vehicles);
        Strategy planner = new PlannerStrategy();
        List<Strategy> all = List.of(new LadderStrategy(false), new LadderStrategy(true), planner);
        int few = Math.max(1, (int) (CLAIRVOYANT * vehicles));
        List<Tally> base = section(World.BASE, Job.Tools.SPEED, all, vehicles);
        section(World.BASE, Job.Tools.SPEED, List.of(new KnowingStrategy()), few);
        byPart("planner by kind of fault", base.get(2), Tally.Line::kind);
        byPart("planner by vehicle", base.get(2), Tally.Line::circuit);
        for (Job.Tools tools : List.of(Job.Tools.CLAMP, Job.Tools.METER)) {
            section(World.BASE, tools, all, (int) (FEWER_TOOLS * vehicles));
        }
        for (World world : List.of(World.WILD, World.SLIPS, World.PRIORS, World.LAWS)) {
            section(world, Job.Tools.SPEED, List.of(planner), Math.max(1, (int) (OTHER_WORLDS * vehicles)));
        }
        out.println("[" + String.join(",", json) + "]");
    }

    private List<Tally> section(World world, Job.Tools tools, List<Strategy> strategies, int count)
            throws InterruptedException {
        List<Tally> tallies = new DiagnosisBench(world, tools, strategies, SEED).run(count, threads);
        for (int s = 0; s < strategies.size(); s++) {
            String name = "%s world, %s: %s"
                    .formatted(world.name(), tools.words, strategies.get(s).words());
            out.println();
            out.println("### " + name);
            out.println(Tally.HEADER);
            out.println(tallies.get(s).row());
            json.add(tallies.get(s).json(name));
        }
        return tallies;
    }

    private void byPart(String title, Tally tally, Function<Tally.Line, String> key) {
        out.println();
        out.println("### " + title);
        tally.lines().stream().map(key).distinct().sorted().forEach(value -> {
            out.println();
            out.println("**" + value + "**");
            out.println();
            out.println(Tally.HEADER);
            out.println(tally.where(l -> key.apply(l).equals(value)).row());
        });
    }
}
