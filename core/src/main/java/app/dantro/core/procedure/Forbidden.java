package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import java.util.List;
import java.util.OptionalLong;

/**
 * What nobody may be asked for now.
 *
 * @param conditions that nothing may be read in
 * @param starterRestsUntilMillis until when the starter cools and no key is turned, in ms since 1970; empty if it may turn
 */
public record Forbidden(List<Condition> conditions, OptionalLong starterRestsUntilMillis) {
    public Forbidden {
        conditions = List.copyOf(conditions);
    }
}
