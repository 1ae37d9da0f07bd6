package app.dantro.server.device;

/** What a device may do. */
public enum Role {
    /** The machine the program runs on: everything, pairing and removing included. */
    OWNER,
    /** Works on every case. */
    TECHNICIAN,
    /** Reads the orders of one case and answers them. */
    SEAT,
    /** Not paired: sees the pairing page. */
    NONE
}
