package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.network.StartingLoop;
import java.util.List;

/** The orders in which schools work (docs/job.md, ladders): the rungs that every vehicle of theirs goes through. */
final class Ladder {
    static final List<Rung> NONE = List.of();

    private static final List<Rung> DISABLE_AND_COMPARE =
            List.of(Rung.REST, Rung.CRANK_POSTS, Rung.CRANK_RETURN, Rung.CRANK_SUPPLY);
    private static final List<Rung> WINDOW =
            List.of(Rung.REST, Rung.LOADED_OUTPUT, Rung.LOADED_POSTS, Rung.LOADED_SUPPLY, Rung.LOADED_RETURN);
    private static final List<Rung> TWO_TENTHS = List.of(
            Rung.REST, Rung.IDLE_POSTS, Rung.RAISED_POSTS, Rung.LOADED_POSTS, Rung.LOADED_SUPPLY, Rung.LOADED_RETURN);
    private static final List<Rung> QUICK =
            List.of(Rung.REST, Rung.IDLE_POSTS, Rung.IDLE_LOADED_POSTS, Rung.RAISED_POSTS, Rung.RAISED_RETURN);

    private static final List<Rung> PILE_AT_THE_STARTER =
            List.of(Rung.REST, Rung.PILE_SUPPLY, Rung.PILE_RETURN, Rung.CRANK_POSTS);
    private static final List<Rung> PILE_AT_THE_ALTERNATOR =
            List.of(Rung.REST, Rung.PILE_CHARGE_SUPPLY, Rung.PILE_CHARGE_RETURN, Rung.LOADED_POSTS);

    private Ladder() {}

    /**
     * One of the ladders of a side; every other vehicle goes by the program's own plan.
     *
     * @param pile whether the technician has a carbon pile: then it is used first
     */
    static List<Rung> of(Loop loop, int number, boolean pile) {
        if (number % 2 == 0) {
            return NONE;
        }
        if (pile) {
            return loop == Loop.STARTING ? PILE_AT_THE_STARTER : PILE_AT_THE_ALTERNATOR;
        }
        if (loop == Loop.STARTING) {
            return DISABLE_AND_COMPARE;
        }
        return List.of(WINDOW, TWO_TENTHS, QUICK).get(number / 2 % 3);
    }

    /** One reading of a ladder. */
    enum Rung {
        REST(Condition.REST, What.POSTS),
        CRANK_POSTS(Condition.CRANKING, What.POSTS),
        CRANK_RETURN(Condition.CRANKING, What.START_RETURN),
        CRANK_SUPPLY(Condition.CRANKING, What.START_SUPPLY),
        PILE_SUPPLY(Condition.PILE_STARTER, What.STUD_SUPPLY),
        PILE_RETURN(Condition.PILE_STARTER, What.START_RETURN),
        PILE_CHARGE_SUPPLY(Condition.PILE_ALTERNATOR, What.CHARGE_SUPPLY),
        PILE_CHARGE_RETURN(Condition.PILE_ALTERNATOR, What.CHARGE_RETURN),
        IDLE_POSTS(Condition.IDLE, What.POSTS),
        IDLE_LOADED_POSTS(Condition.IDLE_LOADED, What.POSTS),
        RAISED_POSTS(Condition.RAISED, What.POSTS),
        RAISED_RETURN(Condition.RAISED, What.CHARGE_RETURN),
        LOADED_OUTPUT(Condition.RAISED_LOADED, What.OUTPUT),
        LOADED_POSTS(Condition.RAISED_LOADED, What.POSTS),
        LOADED_SUPPLY(Condition.RAISED_LOADED, What.CHARGE_SUPPLY),
        LOADED_RETURN(Condition.RAISED_LOADED, What.CHARGE_RETURN);

        private final Condition condition;
        private final What what;

        Rung(Condition condition, What what) {
            this.condition = condition;
            this.what = what;
        }

        /** Takes it, if the vehicle comes to that condition. */
        void read(Circuit circuit, Technician technician) {
            SeriesLoop loop = StartingLoop.of(circuit);
            Alternator alternator = circuit.alternator().orElseThrow();
            PointId plus = circuit.plusPost();
            PointId minus = circuit.minusPost();
            switch (what) {
                case POSTS -> technician.read(plus, minus, condition);
                case OUTPUT -> technician.read(alternator.output(), alternator.ground(), condition);
                case CHARGE_SUPPLY -> technician.read(alternator.output(), plus, condition);
                case CHARGE_RETURN -> technician.read(alternator.ground(), minus, condition);
                case START_SUPPLY ->
                    technician.read(
                            loop.ends(Side.SUPPLY).getKey(),
                            loop.ends(Side.SUPPLY).getValue(),
                            condition);
                case STUD_SUPPLY ->
                    circuit.solenoid()
                            .flatMap(s -> circuit.part(s.contacts()))
                            .ifPresent(contacts -> technician.read(plus, contacts.from(), condition));
                case START_RETURN ->
                    technician.read(
                            loop.ends(Side.RETURN).getKey(),
                            loop.ends(Side.RETURN).getValue(),
                            condition);
            }
        }
    }

    private enum What {
        POSTS,
        OUTPUT,
        START_RETURN,
        START_SUPPLY,
        STUD_SUPPLY,
        CHARGE_RETURN,
        CHARGE_SUPPLY
    }
}
