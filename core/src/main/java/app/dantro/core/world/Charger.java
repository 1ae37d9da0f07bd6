package app.dantro.core.world;

/** By what an alternator regulates. */
enum Charger {
    CLASSIC,
    CALCIUM,
    SMART
}
