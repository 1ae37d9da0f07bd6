package app.dantro.core.schools;

import app.dantro.core.circuit.Condition;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * One reading held against the schools, or the sum of two.
 *
 * @param what which test it is; rules look at its kind
 * @param condition in which it was read
 * @param readings which it rests on
 * @param own what the conductor's own limit says; empty for a voltage at the posts
 * @param parting where the schools part, and what the arithmetic says; empty where they agree
 * @param carried a charging drop over its current, carried over to the alternator's rated current
 */
public record Row(
        Reason what,
        Condition condition,
        List<UUID> readings,
        String shown,
        Optional<Ruling> own,
        List<Ruling> rulings,
        List<Reason> parting,
        Optional<Reason> carried) {
    public Row {
        readings = List.copyOf(readings);
        rulings = List.copyOf(rulings);
        parting = List.copyOf(parting);
    }

    /** A reading under its schools. */
    static Row of(Reason what, Reading reading, Optional<Ruling> own, List<Ruling> rulings) {
        return new Row(
                what,
                reading.condition(),
                List.of(reading.id()),
                reading.sized(),
                own,
                rulings,
                List.of(),
                Optional.empty());
    }

    /** The same with the reasons why schools part, if one passes what another fails. */
    Row parted(List<Reason> arithmetic) {
        List<Reason> why = new ArrayList<>();
        if (says(SchoolVerdict.PASSES) && says(SchoolVerdict.FAILS)) {
            why.add(SchoolReason.THEY_PART.with());
            why.addAll(arithmetic);
        }
        return because(why);
    }

    Row because(List<Reason> why) {
        return new Row(what, condition, readings, shown, own, rulings, why, carried);
    }

    /** With more words behind its own. */
    Row also(List<Reason> words) {
        return because(Stream.concat(parting.stream(), words.stream()).toList());
    }

    Row carriedOver(Reason over) {
        return new Row(what, condition, readings, shown, own, rulings, parting, Optional.of(over));
    }

    private boolean says(SchoolVerdict verdict) {
        return rulings.stream().anyMatch(r -> r.is(verdict))
                || own.filter(r -> r.is(verdict)).isPresent();
    }
}
