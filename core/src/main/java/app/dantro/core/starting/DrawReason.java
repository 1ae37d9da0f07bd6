package app.dantro.core.starting;

import app.dantro.core.quantity.Reason;

/** What the numbers of one crank are held against. */
enum DrawReason implements Reason.Kind {
    DRAWN_OF_CLASS,
    DRAWN_OF_MAKERS,
    BY_CABLE,
    CLAMP_UNCHECKED;

    @Override
    public String template() {
        return DrawWords.of(this);
    }
}
