package app.dantro.core.inference;

import app.dantro.core.inference.Channels.Span;

/** An observable with where to find it: looked up once, read under many hypotheses. */
record Channel(Observable what, Span span, ResponseTable table) {
    /** What it shows under a single hypothesis; NaN if there is no operating point. */
    double mean(int hypothesis) {
        return table.mean(hypothesis, span);
    }
}
