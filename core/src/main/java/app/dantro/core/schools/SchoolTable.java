package app.dantro.core.schools;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.circuit.Side;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.limits.Margin;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.limits.VoltageWindow;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A case's readings held against every school's limit and against the conductor's own, with the places where the schools
 * part and why: a fixed limit says nothing about the current that flowed.
 */
public record SchoolTable(List<Row> rows) {
    /** By one school's total, in volts of a 12 V system. */
    private static final double TOTAL_VOLTS = 0.5;

    /** Currents further apart are not one test. */
    private static final double SAME_CURRENT_SHARE = 0.1;

    private static final String OWN = "Conductor's own limit";

    /**
     * What one school says.
     *
     * @param limit in words with its unit
     */
    public record Ruling(String school, String limit, SchoolVerdict verdict) {}

    /**
     * One reading, or the sum of two.
     *
     * @param readings which it rests on
     * @param own what the conductor's own limit says; empty for a voltage at the posts
     * @param parting where the schools part, and what the arithmetic says; empty where they agree
     * @param carried a charging drop over its current, carried over to the alternator's rated current
     */
    public record Row(
            String what,
            List<UUID> readings,
            String shown,
            Optional<Ruling> own,
            List<Ruling> rulings,
            Optional<String> parting,
            Optional<String> carried) {
        Row(
                String what,
                List<UUID> readings,
                String shown,
                Optional<Ruling> own,
                List<Ruling> rulings,
                Optional<String> parting) {
            this(what, readings, shown, own, rulings, parting, Optional.empty());
        }

        private Row carriedOver(String sentence) {
            return new Row(what, readings, shown, own, rulings, parting, Optional.of(sentence));
        }
    }

    public SchoolTable {
        rows = List.copyOf(rows);
    }

    /** Every reading that counts and that some school has a limit for. */
    public static SchoolTable of(Findings findings) {
        return of(findings, OwnSets.none());
    }

    /** The same with the shop's own sets beside the schools. */
    public static SchoolTable of(Findings findings, OwnSets own) {
        List<Row> rows = new ArrayList<>();
        Table table = new Table(findings, own);
        table.posts().forEach(rows::add);
        table.starting().forEach(rows::add);
        table.pile().forEach(rows::add);
        table.charging().forEach(rows::add);
        return new SchoolTable(rows);
    }

    /** Builds the rows of one case. */
    private static final class Table {
        private final Findings findings;
        private final Circuit circuit;
        private final int blocks;
        private final List<Reading> counted;
        private final OwnSets own;

        Table(Findings findings, OwnSets own) {
            this.own = own;
            this.findings = findings;
            this.circuit = findings.evidence().circuit();
            this.blocks = circuit.blocks();
            this.counted = findings.evidence().counted();
        }

        List<Row> posts() {
            List<Row> rows = new ArrayList<>();
            Optional<Reading> base = newest(circuit.plusPost(), circuit.minusPost(), Set.of(Condition.REST));
            base.ifPresent(r -> rows.add(window("Base voltage", r, VoltageWindow.base())));
            newest(circuit.plusPost(), circuit.minusPost(), Set.of(Condition.CRANKING))
                    .ifPresent(r -> rows.add(cranking(r)));
            lowest().ifPresent(r -> rows.add(lowest(r)));
            newest(circuit.plusPost(), circuit.minusPost(), Set.of(Condition.RAISED))
                    .ifPresent(r -> rows.add(window("Regulated voltage, loads off", r, VoltageWindow.regulated())));
            double baseVolts = base.map(r -> Math.abs(r.volts()) / blocks).orElse(12.6);
            newest(circuit.plusPost(), circuit.minusPost(), Set.of(Condition.RAISED_LOADED))
                    .ifPresent(r -> rows.add(window("Voltage with all loads on", r, VoltageWindow.loaded(baseVolts))));
            return rows;
        }

        private Row window(String what, Reading reading, List<VoltageWindow> windows) {
            double error = 2 * MeterError.standardVolts(reading);
            List<Ruling> rulings = windows.stream()
                    .map(w -> new Ruling(w.school(), limits(w), w.judge(Math.abs(reading.volts()), blocks, error)))
                    .toList();
            return row(
                    what, reading, Optional.empty(), rulings, "The schools set the mark apart; no current is in it.");
        }

        private String limits(VoltageWindow w) {
            String low = Amount.volts(w.lowVolts() * blocks);
            return Double.isInfinite(w.highVolts())
                    ? "at least " + low
                    : low + " to " + Amount.volts(w.highVolts() * blocks);
        }

        private Row cranking(Reading reading) {
            double celsius = findings.evidence().celsius();
            double error = 2 * MeterError.standardVolts(reading);
            double volts = Math.abs(reading.volts());
            List<Ruling> rulings = List.of(
                    least("9.6 for all", 9.6 * blocks, volts, error),
                    least("By temperature", CrankingLimit.voltsAt(celsius, blocks), volts, error));
            return row("Cranking voltage", reading, Optional.empty(), rulings, "Cold lowers what a battery can give.");
        }

        /** The newest lowest value at the posts while cranking, by a meter's memory. */
        private Optional<Reading> lowest() {
            return findings.evidence().peaks().stream()
                    .filter(r -> r.statistic() == Statistic.MINIMUM && r.condition() == Condition.CRANKING)
                    .filter(r -> Set.of(r.red(), r.black()).equals(Set.of(circuit.plusPost(), circuit.minusPost())))
                    .reduce((first, second) -> second);
        }

        /** A lowest value over the limit passes; one under it may be the first tenths of a second, so it fails nothing. */
        private Row lowest(Reading reading) {
            Row row = cranking(reading);
            List<Ruling> rulings = row.rulings().stream()
                    .map(r -> r.verdict() == SchoolVerdict.FAILS
                            ? new Ruling(r.school(), r.limit() + ", settled", SchoolVerdict.SILENT)
                            : r)
                    .toList();
            Optional<String> parting = rulings.equals(row.rulings())
                    ? Optional.empty()
                    : Optional.of("The lowest value may be the first 0.2 s of the crank: read what it settles at.");
            return new Row("Lowest while cranking", row.readings(), row.shown(), row.own(), rulings, parting);
        }

        private static Ruling least(String school, double limit, double volts, double error) {
            SchoolVerdict verdict = Math.abs(volts - limit) <= error
                    ? SchoolVerdict.MARGINAL
                    : volts < limit ? SchoolVerdict.FAILS : SchoolVerdict.PASSES;
            return new Ruling(school, "at least " + Amount.volts(limit), verdict);
        }

        List<Row> starting() {
            List<Row> rows = new ArrayList<>();
            for (DropVerdict verdict : findings.verdicts()) {
                double error = 2 * MeterError.standardVolts(verdict.reading());
                List<Ruling> rulings = schools(false, verdict.reading())
                        .map(s -> new Ruling(
                                s.name(),
                                s.limitFor(findings.loop(), verdict.stretch())
                                        .map(Amount::volts)
                                        .orElse("none for this"),
                                s.judge(findings.loop(), verdict.stretch(), verdict.volts(), error)))
                        .toList();
                if (rulings.stream().anyMatch(r -> r.verdict() != SchoolVerdict.SILENT)) {
                    Ruling own = new Ruling(OWN, Amount.volts(verdict.healthy().upperVolts()), own(verdict));
                    rows.add(row(
                            (verdict.reading().condition().pile() ? "With the pile, " : "Cranking, ") + named(verdict),
                            verdict.reading(),
                            Optional.of(own),
                            rulings,
                            verdict.sentence()));
                }
            }
            return rows;
        }

        /** Supply and return up to the pile, and both together: by the school that judges heavy vehicles this way. */
        List<Row> pile() {
            List<Part> supply = findings.loop().supply().stream()
                    .filter(p -> p.kind() != PartKind.CONTACTS)
                    .toList();
            PointId stud = supply.get(supply.size() - 1).to();
            PointId ground = findings.loop().ends(Side.RETURN).getKey();
            Optional<Reading> to = newest(circuit.plusPost(), stud, Set.of(Condition.PILE_STARTER));
            Optional<Reading> back = newest(ground, circuit.minusPost(), Set.of(Condition.PILE_STARTER));
            if (to.isEmpty() || back.isEmpty()) {
                return List.of();
            }
            double volts = Math.abs(to.get().volts()) + Math.abs(back.get().volts());
            double error = 2 * Math.hypot(MeterError.standardVolts(to.get()), MeterError.standardVolts(back.get()));
            Ruling total = most("Total with pile", TOTAL_VOLTS * blocks, volts, error);
            List<Part> all = Stream.concat(supply.stream(), findings.loop().returns().stream())
                    .toList();
            Optional<Ruling> conductors = own(to.get(), all, volts, error);
            boolean part =
                    conductors.filter(o -> o.verdict() != total.verdict()).isPresent();
            return List.of(new Row(
                    "Starting, both sides together with the pile",
                    List.of(to.get().id(), back.get().id()),
                    Amount.volts(
                                    volts,
                                    Math.max(
                                            to.get().resolutionVolts(),
                                            back.get().resolutionVolts()))
                            + to.get().amps().map(a -> " at " + Amount.amps(a)).orElse(""),
                    conductors,
                    List.of(total),
                    part
                            ? Optional.of(
                                    "They part. The total is meant for 500 A on heavy vehicles: a healthy small car loses 0.7 V at that current.")
                            : Optional.empty()));
        }

        /** The schools, then the shop's sets in the version in force when the reading was taken. */
        private Stream<School> schools(boolean charging, Reading reading) {
            return Stream.concat(
                    (charging ? School.charging() : School.starting()).stream(),
                    own.at(charging, reading.takenAtMillis()).stream());
        }

        private String named(DropVerdict verdict) {
            for (Side side : Side.values()) {
                var ends = findings.loop().ends(side);
                Set<PointId> pair =
                        Set.of(verdict.reading().red(), verdict.reading().black());
                if (pair.equals(Set.of(ends.getKey(), ends.getValue()))) {
                    return "whole " + side.words();
                }
            }
            return "%s to %s"
                    .formatted(
                            name(verdict.reading().red()),
                            name(verdict.reading().black()));
        }

        private String name(PointId point) {
            return circuit.point(point).map(p -> p.name()).orElse(point.value());
        }

        private static SchoolVerdict own(DropVerdict verdict) {
            if (verdict.marginal()) {
                return SchoolVerdict.MARGINAL;
            }
            return switch (verdict.answer()) {
                case FAILS -> SchoolVerdict.FAILS;
                case CERTIFIED -> SchoolVerdict.PASSES;
                default -> SchoolVerdict.SILENT;
            };
        }

        List<Row> charging() {
            if (circuit.alternator().isEmpty()) {
                return List.of();
            }
            Alternator alternator = circuit.alternator().get();
            List<Row> rows = new ArrayList<>();
            for (Condition condition :
                    List.of(Condition.RAISED_LOADED, Condition.FULL_OUTPUT, Condition.PILE_ALTERNATOR)) {
                Optional<Reading> supply = newest(alternator.output(), circuit.plusPost(), Set.of(condition));
                Optional<Reading> back = newest(circuit.minusPost(), alternator.ground(), Set.of(condition));
                supply.ifPresent(r -> rows.add(drop(
                        "Charging, whole supply side", r, circuit.chargingSupply(), s -> s.supplyVolts(), alternator)));
                back.ifPresent(r -> rows.add(drop(
                        "Charging, whole return side", r, circuit.chargingReturn(), s -> s.returnVolts(), alternator)));
                if (supply.isPresent() && back.isPresent()) {
                    rows.add(sum(supply.get(), back.get()));
                }
            }
            return rows;
        }

        private Row drop(
                String what,
                Reading reading,
                List<Part> parts,
                Function<School, Optional<Double>> limit,
                Alternator alternator) {
            double volts = Math.abs(reading.volts());
            double error = 2 * MeterError.standardVolts(reading);
            List<Ruling> rulings = schools(true, reading)
                    .filter(s -> limit.apply(s).isPresent())
                    .map(s -> s.id().equals(School.WINDOW) && volts < School.LEAST_WINDOW_VOLTS
                            ? new Ruling(s.name(), "under 0.03 V: was it loaded?", SchoolVerdict.SILENT)
                            : most(s.name(), limit.apply(s).orElseThrow() * blocks, volts, error))
                    .toList();
            String scaled = scaled(reading, volts, alternator);
            return row(what, reading, own(reading, parts, volts, error), rulings, scaled)
                    .carriedOver(scaled);
        }

        private static Ruling most(String school, double limit, double volts, double error) {
            SchoolVerdict verdict = Margin.near(volts, limit, error)
                    ? SchoolVerdict.MARGINAL
                    : volts > limit ? SchoolVerdict.FAILS : SchoolVerdict.PASSES;
            return new Ruling(school, Amount.volts(limit), verdict);
        }

        /** The drop that healthy parts in a row may show at the current that flowed, one of them at its worst. */
        private Optional<Ruling> own(Reading reading, List<Part> parts, double volts, double error) {
            return reading.amps().filter(a -> a > 0).map(amps -> {
                double nominal = 0;
                double square = 0;
                for (Part part : parts) {
                    ResistanceRange range =
                            part.resistance().healthyAt(findings.evidence().celsius());
                    nominal += range.nominalOhms();
                    square += Math.pow(range.upperOhms() - range.nominalOhms(), 2);
                }
                return most(OWN, amps * (nominal + Math.sqrt(square)), volts, error);
            });
        }

        /** Drop over current, carried over to the alternator's rated current. */
        private static String scaled(Reading reading, double volts, Alternator alternator) {
            double rated = alternator.rating().maxAmps();
            return reading.amps()
                    .filter(a -> a > 0)
                    .map(amps -> "%s at %s is %s; at the alternator's %s it would be %s."
                            .formatted(
                                    Amount.volts(volts, reading.resolutionVolts()),
                                    Amount.amps(amps),
                                    Amount.milliohms(volts / amps),
                                    Amount.amps(rated),
                                    Amount.volts(volts / amps * rated)))
                    .orElse("The current was not measured: a fixed limit at an unknown current proves little.");
        }

        private Row sum(Reading supply, Reading back) {
            double volts = Math.abs(supply.volts()) + Math.abs(back.volts());
            double error = 2 * Math.hypot(MeterError.standardVolts(supply), MeterError.standardVolts(back));
            double resolution = Math.max(supply.resolutionVolts(), back.resolutionVolts());
            List<Ruling> rulings = List.of(
                    most("Window, total", TOTAL_VOLTS * blocks, volts, error),
                    most("Total with pile", TOTAL_VOLTS * blocks, volts, error));
            boolean eachPasses = School.charging().stream()
                    .anyMatch(s -> Math.abs(supply.volts()) < s.supplyVolts().orElseThrow() * blocks
                            && Math.abs(back.volts()) < s.returnVolts().orElseThrow() * blocks);
            Optional<String> parting = volts > TOTAL_VOLTS * blocks && eachPasses
                    ? Optional.of("Each side passes some school, the sum fails: %s is lost on the way, %s is allowed."
                            .formatted(Amount.volts(volts, resolution), Amount.volts(TOTAL_VOLTS * blocks)))
                    : Optional.empty();
            Optional<String> fallen = fallen(supply, back);
            return new Row(
                    "Charging, both sides together",
                    List.of(supply.id(), back.id()),
                    Amount.volts(volts, resolution),
                    Optional.empty(),
                    rulings,
                    parting.isPresent() && fallen.isPresent()
                            ? Optional.of(parting.get() + " " + fallen.get())
                            : parting.or(() -> fallen));
        }

        /** The charge current falls as the battery fills: drops read minutes apart belong to different currents. */
        private static Optional<String> fallen(Reading supply, Reading back) {
            if (supply.amps().isEmpty() || back.amps().isEmpty()) {
                return Optional.empty();
            }
            double a = supply.amps().get();
            double b = back.amps().get();
            double more = Math.max(a, b);
            if (Math.abs(a - b) <= SAME_CURRENT_SHARE * more || Math.min(a, b) <= 0) {
                return Optional.empty();
            }
            double sum = Math.abs(supply.volts()) * more / a + Math.abs(back.volts()) * more / b;
            return Optional.of("They were read at %s and %s: at %s both together would be %s."
                    .formatted(Amount.amps(a), Amount.amps(b), Amount.amps(more), Amount.volts(sum)));
        }

        private static Row row(
                String what, Reading reading, Optional<Ruling> own, List<Ruling> rulings, String arithmetic) {
            boolean passes = rulings.stream().anyMatch(r -> r.verdict() == SchoolVerdict.PASSES)
                    || own.filter(r -> r.verdict() == SchoolVerdict.PASSES).isPresent();
            boolean fails = rulings.stream().anyMatch(r -> r.verdict() == SchoolVerdict.FAILS)
                    || own.filter(r -> r.verdict() == SchoolVerdict.FAILS).isPresent();
            String at = reading.amps().map(a -> " at " + Amount.amps(a)).orElse("");
            return new Row(
                    what,
                    List.of(reading.id()),
                    Amount.volts(Math.abs(reading.volts()), reading.resolutionVolts()) + at,
                    own,
                    rulings,
                    passes && fails ? Optional.of("They part. " + arithmetic) : Optional.empty());
        }

        private Optional<Reading> newest(PointId one, PointId other, Set<Condition> conditions) {
            return counted.stream()
                    .filter(r -> conditions.contains(r.condition()))
                    .filter(r -> Set.of(r.red(), r.black()).equals(Set.of(one, other)))
                    .reduce((first, second) -> second);
        }
    }
}
