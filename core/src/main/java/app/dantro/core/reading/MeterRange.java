package app.dantro.core.reading;

/** DC ranges of a common 2000-count meter; what each can show and its last digit. */
public enum MeterRange {
    MILLIVOLTS_200("200 mV", 0.2, 0.0001),
    VOLTS_2("2 V", 2, 0.001),
    VOLTS_20("20 V", 20, 0.01),
    VOLTS_200("200 V", 200, 0.1);

    private final String words;
    private final double fullScaleVolts;
    private final double resolutionVolts;

    MeterRange(String words, double fullScaleVolts, double resolutionVolts) {
        this.words = words;
        this.fullScaleVolts = fullScaleVolts;
        this.resolutionVolts = resolutionVolts;
    }

    public String words() {
        return words;
    }

    public double fullScaleVolts() {
        return fullScaleVolts;
    }

    public double resolutionVolts() {
        return resolutionVolts;
    }

    /** The finest range that can show a voltage. */
    public static MeterRange finestFor(double volts) {
        for (MeterRange range : values()) {
            if (Math.abs(volts) < range.fullScaleVolts) {
                return range;
            }
        }
        return VOLTS_200;
    }
}
