package app.dantro.acceptance.bench.everyday;

/** How a job ended. */
enum End {
    REPAIR,
    VERIFIED,
    GOOD,
    CHARGED,
    ELSEWHERE,
    UNSEEN,
    UNREACHABLE,
    WITHOUT_END,
    CRASH
}
