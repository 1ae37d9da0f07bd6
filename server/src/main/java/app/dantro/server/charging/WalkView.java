package app.dantro.server.charging;

import app.dantro.core.charging.PostWalk;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.quantity.Reason;
import java.util.List;
import java.util.Optional;

/** A side read from one post, running. */
record WalkView(String postName, List<String> conditions, List<StopView> stops) {
    static WalkView of(PostWalk walk, Circuit circuit) {
        return new WalkView(
                ChargingView.name(circuit, walk.post()),
                walk.conditions().stream().map(Condition::words).toList(),
                walk.stops().stream()
                        .map(s -> new StopView(
                                ChargingView.name(circuit, s.point()),
                                s.depth(),
                                walk.conditions().stream()
                                        .map(c -> Optional.ofNullable(s.read().get(c))
                                                .map(PostWalk.Taken::words)
                                                .orElse("–"))
                                        .toList(),
                                s.because().stream().map(Reason::words).toList()))
                        .toList());
    }

    /** One place of such a walk: what was read there in each condition, and what that says. */
    record StopView(String name, int depth, List<String> shown, List<String> says) {}
}
