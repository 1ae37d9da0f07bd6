package app.dantro.core.circuit;

/** Kinds of wiring part, with how often each is the bad one among its neighbours. */
public enum PartKind {
    CABLE("cable", 1),
    STRAP("strap", 2),
    JOINT("joint", 3),
    /** The solenoid's own: the schools judge them apart from the side they lie in. */
    CONTACTS("contacts", 2),
    SWITCH("switch", 2),
    FUSE("fuse", 2);

    private final String word;
    private final double assumedFaultWeight;

    PartKind(String word, double assumedFaultWeight) {
        this.word = word;
        this.assumedFaultWeight = assumedFaultWeight;
    }

    public String word() {
        return word;
    }

    /** Relative frequency of this kind being the faulty part of a stretch; ASSUMED, see docs/physics.md. */
    public double assumedFaultWeight() {
        return assumedFaultWeight;
    }
}
