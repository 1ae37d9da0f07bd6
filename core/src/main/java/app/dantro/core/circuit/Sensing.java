package app.dantro.core.circuit;

/** Where a regulator measures, and on which ground it stands. */
public enum Sensing {
    INTERNAL("B+ stud against its own case"),
    REMOTE("a sense wire to the battery against its own case"),
    DIFFERENTIAL("both battery posts"),
    COMPUTER_BLOCK("the engine computer: fuse box against the engine block"),
    COMPUTER_CHASSIS("the engine computer: fuse box against its own ground wire to the chassis"),
    EXTERNAL("an external regulator: its ignition feed against its own ground wire");

    private final String words;

    Sensing(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
