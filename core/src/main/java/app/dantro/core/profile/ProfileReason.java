package app.dantro.core.profile;

import app.dantro.core.quantity.Reason;

/** What the distance between both sources of a charging loop says. */
public enum ProfileReason implements Reason.Kind {
    NO_SIDE_NEEDED("no side has to be read. That certifies neither."),
    READ_EACH_SIDE("the wiring takes it. Read each side.");

    private final String meaning;

    ProfileReason(String meaning) {
        this.meaning = meaning;
    }

    @Override
    public String template() {
        return "B+ to case stands %s above the posts, the school of the sum allows %s: " + meaning;
    }
}
