package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Starter;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Posterior;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a vehicle would show with a part as good as new; an estimate, never evidence.
 *
 * @param lines what changes enough to be read, now and afterwards
 */
public record WhatIf(PartId part, List<Line> lines) {
    public WhatIf {
        lines = List.copyOf(lines);
    }

    /**
     * One figure.
     *
     * @param unit V or 1/min
     */
    public record Line(Kind kind, Observable what, String unit, double now, double after) {}

    /** What is foreseen. */
    public enum Kind {
        ACROSS_CRANKING("across it while cranking"),
        ACROSS_LOADED("across it at 2000 rpm, all loads on"),
        POSTS_CRANKING("battery while cranking"),
        MOTOR("what the motor gets while cranking"),
        SPEED("cranking speed"),
        POSTS_LOADED("battery at 2000 rpm, all loads on");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Under the likeliest explanation that calls the part bad; empty if none does. */
    public static Optional<WhatIf> of(Posterior posterior, PartId part) {
        return posterior.explanations().stream()
                .filter(e -> e.parts(posterior.prepared()).contains(part))
                .findFirst()
                .map(e -> of(posterior.prepared().circuit(), posterior.forecast(e), part));
    }

    private static WhatIf of(Circuit circuit, Forecast now, PartId part) {
        Forecast after = now.repaired(part);
        List<Line> lines = new ArrayList<>();
        Optional<Part> wiring = circuit.part(part);
        wiring.ifPresent(p -> {
            add(lines, Kind.ACROSS_CRANKING, "V", volts(Condition.CRANKING, p.from(), p.to()), now, after);
        });
        PointId plus = circuit.plusPost();
        PointId minus = circuit.minusPost();
        Optional<Starter> starter = circuit.starter();
        starter.ifPresent(s -> {
            Observable motor = volts(Condition.CRANKING, s.motorStud(), s.starterCase());
            add(lines, Kind.MOTOR, "V", motor, now, after);
            add(lines, Kind.SPEED, "1/min", new Observable.Speed(Condition.CRANKING), now, after);
        });
        add(lines, Kind.POSTS_CRANKING, "V", volts(Condition.CRANKING, plus, minus), now, after);
        wiring.ifPresent(
                p -> add(lines, Kind.ACROSS_LOADED, "V", volts(Condition.RAISED_LOADED, p.from(), p.to()), now, after));
        add(lines, Kind.POSTS_LOADED, "V", volts(Condition.RAISED_LOADED, plus, minus), now, after);
        return new WhatIf(part, lines);
    }

    private static void add(List<Line> lines, Kind kind, String unit, Observable what, Forecast now, Forecast after) {
        double before = Math.abs(now.expected(what, Marks.TELLS).mean());
        double then = Math.abs(after.expected(what, Marks.TELLS).mean());
        boolean changes = Math.abs(then - before) > (unit.equals("V") ? Marks.TELLS : 1);
        if (changes && !Double.isNaN(before + then)) {
            lines.add(new Line(kind, what, unit, before, then));
        }
    }

    private static Observable volts(Condition condition, PointId red, PointId black) {
        return new Observable.Volts(condition, red, black);
    }
}
