package app.dantro.core.limits;

/** What a school says of a drop; silent where its limit is for another measurement. */
public enum SchoolVerdict {
    PASSES,
    MARGINAL,
    FAILS,
    SILENT
}
