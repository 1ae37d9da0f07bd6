package app.dantro.core.limits;

/**
 * State of charge from the base voltage of a rested 12 V block at 25 °C, by chemistry: full and flat open-circuit volts,
 * straight between them (docs/job.md, base voltage). Cold lowers the open-circuit voltage of lead-acid cells a little:
 * 0.0013 V per K a block, assumed. Lithium iron phosphate rests high and flat, and carries no surface charge
 * (docs/everyday.md, base voltage).
 */
public enum StateOfCharge {
    FLOODED(12.60, 11.80, 12.75),
    EFB(12.65, 11.83, 12.80),
    CALCIUM(12.72, 11.88, 12.85),
    AGM(12.85, 11.80, 12.95),
    GEL(12.85, 11.80, 12.95),
    LITHIUM(13.30, 12.80, Double.POSITIVE_INFINITY);

    /** Three quarters charged: least base voltage of a 12 V block for a starting or charging test (docs/job.md, battery). */
    public static final double CHARGED_VOLTS = 12.4;

    /** What a charged 12 V block rests at, where nobody read it (docs/job.md, base voltage). */
    public static final double RESTS_AT_VOLTS = 12.6;
    /** What {@link #CHARGED_VOLTS} speaks of in the model; a fuller battery has less resistance (docs/physics.md, battery). */
    public static final double CHARGED_SHARE = 0.65;

    private static final double LITHIUM_CHARGED_VOLTS = 12.9;
    private static final double TABLE_CELSIUS = 25;
    private static final double VOLTS_PER_KELVIN = 0.0013;

    private final double fullVolts;
    private final double flatVolts;
    private final double surfaceVolts;

    StateOfCharge(double fullVolts, double flatVolts, double surfaceVolts) {
        this.fullVolts = fullVolts;
        this.flatVolts = flatVolts;
        this.surfaceVolts = surfaceVolts;
    }

    /** Least base voltage of a block for a starting or charging test. */
    public double chargedVolts() {
        return this == LITHIUM ? LITHIUM_CHARGED_VOLTS : CHARGED_VOLTS;
    }

    /** What a full block rests at, in volts. */
    public double fullVolts() {
        return fullVolts;
    }

    /** Above this a block's reading is surface charge, in volts. */
    public double surfaceVolts() {
        return surfaceVolts;
    }

    /**
     * Share of a full charge.
     *
     * @param volts base voltage of one 12 V block in V, surface charge removed
     * @return 0 … 1
     */
    public double share(double volts, double celsius) {
        double warm = volts + VOLTS_PER_KELVIN * (TABLE_CELSIUS - celsius);
        return Math.max(0, Math.min(1, (warm - flatVolts) / (fullVolts - flatVolts)));
    }
}
