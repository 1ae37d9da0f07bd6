package app.dantro.core.starting;

import app.dantro.core.circuit.Battery;
import app.dantro.core.record.Statements;

/**
 * What one battery is judged on.
 *
 * @param blocks 12 V blocks in series between the posts
 * @param mostOhms beyond this no healthy one is, charged and at 20 °C, in Ω
 * @param usualAmps what it delivers at least while cranking, in A
 * @param ammeter where its current is measured
 */
record BatteryTerms(
        Battery battery,
        String name,
        int blocks,
        double mostOhms,
        double usualAmps,
        double celsius,
        Statements statements,
        StartingReason ammeter) {}
