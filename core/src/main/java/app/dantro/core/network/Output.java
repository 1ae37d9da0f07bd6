package app.dantro.core.network;

/**
 * What an alternator does.
 *
 * @param share factor on its current limit
 * @param setpointVolts regulated voltage in V
 * @param rippleFactor factor on its ripple
 */
record Output(double share, double setpointVolts, double rippleFactor) {
    /** The same machine with a share of its current limit. */
    Output limitedTo(double factor) {
        return new Output(share * factor, setpointVolts, rippleFactor);
    }
}
