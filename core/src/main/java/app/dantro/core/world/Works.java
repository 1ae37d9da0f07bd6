package app.dantro.core.world;

import app.dantro.core.circuit.Condition;
import app.dantro.core.network.OperatingPoint;
import java.util.List;

/** Whether a vehicle that was drawn would be on the road: it starts, and its alternator carries its loads. */
final class Works {
    private static final double LEAST_CRANKING = 9.5;
    private static final double LEAST_RAISED = 12.75;
    private static final double LEAST_RPM = 60;

    private Works() {}

    static boolean everyday(Build build, long seed) {
        Body body = new Body(build, seed, List.of(), false);
        int blocks = build.circuit().blocks();
        OperatingPoint crank = body.at(Condition.CRANKING, 0, 10).solved();
        OperatingPoint loaded = body.at(Condition.RAISED_LOADED, 0, 19).solved();
        double turning =
                crank.between(build.circuit().plusPost(), build.circuit().minusPost());
        double charging =
                loaded.between(build.circuit().plusPost(), build.circuit().minusPost());
        return crank.rpm() > LEAST_RPM
                && turning > LEAST_CRANKING * blocks - cold(build)
                && charging > LEAST_RAISED * blocks;
    }

    /** In the frost a healthy one sinks further. */
    private static double cold(Build build) {
        return build.celsius() < 0 ? 0.5 * build.circuit().blocks() : 0;
    }
}
