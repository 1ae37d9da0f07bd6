package app.dantro.acceptance.bench.everyday;

import static app.dantro.acceptance.bench.everyday.EverydayReport.share;

import app.dantro.acceptance.bench.everyday.Session.Result;
import java.io.PrintStream;
import java.util.List;

/** Prints what came of the slips that were tried on the way. */
final class SlipReport {
    private SlipReport() {}

    static void print(PrintStream out, List<Result> all) {
        List<SlipTrial.Tried> tried =
                all.stream().flatMap(r -> r.slips().stream()).toList();
        for (SlipTrial.Way way : SlipTrial.Way.values()) {
            slips(out, way.name(), tried.stream().filter(t -> t.way() == way).toList());
        }
        slips(out, "all", tried);
    }

    private static void slips(PrintStream out, String name, List<SlipTrial.Tried> tried) {
        List<SlipTrial.Tried> matter =
                tried.stream().filter(SlipTrial.Tried::matters).toList();
        List<SlipTrial.Tried> asked =
                matter.stream().filter(SlipTrial.Tried::asked).toList();
        out.printf(
                "slips %-20s tried %d, would matter %d, of these asked about at entry %s, before a verdict %s, misled %s; the first answer right %s%n",
                name,
                tried.size(),
                matter.size(),
                share(matter, SlipTrial.Tried::asked),
                share(matter, SlipTrial.Tried::inTime),
                share(
                        matter,
                        t -> t.later().filter(Aftermath.Came.MISLED::equals).isPresent()),
                share(asked, SlipTrial.Tried::named));
    }
}
