package app.dantro.core.standing;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.inference.Explanation;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.quantity.Amount;
import app.dantro.core.reading.Newest;
import app.dantro.core.record.Statements;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a device's verdict rests on, item by item: what reaches it, what it delivers, and what is not proven yet
 * (docs/job.md, when may a component be called faulty).
 *
 * @param decides the one thing that would decide next; empty if nothing is missing
 */
public record DeviceGate(List<Item> items, Optional<String> decides) {
    public DeviceGate {
        items = List.copyOf(items);
    }

    /**
     * One item.
     *
     * @param delivers whether it is what the device gives, not what reaches it
     * @param shown what was read or said; empty as long as nothing was
     */
    public record Item(String words, boolean delivers, State state, Optional<String> shown) {}

    /** Where an item stands. */
    public enum State {
        /** Shown to arrive. */
        SHOWN("arrives"),
        /** What should be delivered is not. */
        LACKING("lacking"),
        /** Not read or seen, or another fault is not ruled out. */
        OPEN("not proven yet"),
        /** Seen, and it speaks against the verdict. */
        AGAINST("speaks against it");

        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** True for a device that is suspect or faulty. */
    static boolean isFor(Findings findings, PartFinding finding) {
        return finding.alarmed()
                && findings.evidence().circuit().device(finding.part()).isPresent();
    }

    static DeviceGate of(Findings findings, Judgement judgement, PartId device) {
        Statements said = findings.evidence().statements();
        Posterior posterior = judgement.posterior();
        boolean alone = others(posterior, device) < Marks.OTHERS_RULED_OUT;
        List<Item> items = new ArrayList<>();
        for (Link link : judgement.proof().chain(device)) {
            items.add(item(posterior, device, link, alone));
        }
        for (Look look : judgement.proof().looks(device)) {
            Optional<String> shown =
                    said.about(look.topic()).map(s -> look.topic().words(s.value()));
            if (look.optional() && shown.isEmpty()) {
                continue;
            }
            State state = look.seen(said) ? State.SHOWN : look.open(said) ? State.OPEN : State.AGAINST;
            items.add(new Item(look.words(), false, state, shown));
        }
        return new DeviceGate(
                items,
                items.stream().filter(i -> i.state == State.OPEN).findFirst().map(Item::words));
    }

    private static Item item(Posterior posterior, PartId device, Link link, boolean alone) {
        Optional<Observation> read = posterior.evidence().observations().stream()
                .filter(o -> link.closedBy(o))
                .reduce(Newest::of);
        if (read.isEmpty()) {
            return new Item(link.words(), link.delivers(), State.OPEN, Optional.empty());
        }
        Observation o = read.get();
        String shown = shown(posterior, o) + (link.delivers() ? healthy(posterior, device, o) : "");
        State state = !alone ? State.OPEN : link.delivers() ? State.LACKING : State.SHOWN;
        return new Item(
                link.words(),
                link.delivers(),
                state,
                Optional.of(alone ? shown : shown + "; another fault is not ruled out"));
    }

    /** What a good device would show there, by the likeliest explanation that calls it bad. */
    private static String healthy(Posterior posterior, PartId device, Observation o) {
        return posterior.explanations().stream()
                .filter(e -> e.parts(posterior.prepared()).contains(device))
                .findFirst()
                .map(e -> posterior.forecast(e).repaired(device).expected(o.what(), o.resolution()))
                .map(e -> ", a good one would show " + amount(o.what(), Math.abs(e.mean()), 0.01))
                .orElse("");
    }

    private static String shown(Posterior posterior, Observation o) {
        String where = o.what() instanceof Observable.Volts volts
                ? ", %s to %s".formatted(name(posterior, volts.red()), name(posterior, volts.black()))
                : "";
        return amount(o.what(), Math.abs(o.value()), o.resolution()) + where + ", "
                + o.what().condition().words();
    }

    private static String name(Posterior posterior, PointId point) {
        return posterior.prepared().circuit().point(point).orElseThrow().name();
    }

    private static String amount(Observable what, double value, double resolution) {
        return what.isVolts() ? Amount.volts(value, resolution) : Amount.amps(value);
    }

    /** Probability that something beside the device is at fault. */
    private static double others(Posterior posterior, PartId device) {
        return posterior.explanations().stream()
                .filter(e -> e.parts(posterior.prepared()).stream().anyMatch(p -> !p.equals(device)))
                .mapToDouble(Explanation::probability)
                .sum();
    }
}
