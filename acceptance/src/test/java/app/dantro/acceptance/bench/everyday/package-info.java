/**
 * Everyday vehicles taken through the product step by step, as a technician would: entry questions, steps, looks,
 * charging, endings. The vehicles were drawn and solved by another program; nothing here knows the inference or its spreads.
 */
package app.dantro.acceptance.bench.everyday;
