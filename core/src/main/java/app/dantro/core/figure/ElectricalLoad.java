package app.dantro.core.figure;

import java.util.Arrays;
import java.util.List;

/**
 * Loads that a driver can switch, with what they typically take on a 12 V car (assumed; half of it at 24 V). Steady ones
 * are preferred under a drop test: what pulses makes the meter jump.
 */
public enum ElectricalLoad {
    HIGH_BEAM("High beam", 9, 12, true),
    DIPPED_BEAM("Dipped beam", 8, 10, true),
    FOG_LAMPS("Fog lamps", 7, 10, true),
    BLOWER("Blower, highest speed", 15, 25, true),
    REAR_WINDOW("Rear window", 12, 20, true),
    SEATS("Heated seats", 6, 12, true),
    AIR_CONDITIONING("Air conditioning with its fan", 10, 25, true),
    RADIO("Radio", 1, 3, true),
    WIPERS("Wipers", 3, 6, false),
    FLASHERS("Flashers", 3, 5, false);

    private final String words;
    private final double lowAmps;
    private final double highAmps;
    private final boolean steady;

    ElectricalLoad(String words, double lowAmps, double highAmps, boolean steady) {
        this.words = words;
        this.lowAmps = lowAmps;
        this.highAmps = highAmps;
        this.steady = steady;
    }

    public String words() {
        return words;
    }

    /** False for what pulses. */
    public boolean steady() {
        return steady;
    }

    /** Least it typically takes in a system of some 12 V blocks, in A. */
    public double lowAmps(int blocks) {
        return lowAmps / blocks;
    }

    /** Most it typically takes, in A. */
    public double highAmps(int blocks) {
        return highAmps / blocks;
    }

    /** The loads named in a statement, in the order of this list; unknown names are left out. */
    public static List<ElectricalLoad> in(String stated) {
        List<String> names = Arrays.asList(stated.split("[ ,]+"));
        return Arrays.stream(values()).filter(l -> names.contains(l.name())).toList();
    }
}
