/**
 * Figures measured beside the drops: charge, draw, drain, output, ripple, diodes, field, phases, rises, currents
 * of branches. None condemns a device by itself. Start at {@link app.dantro.core.figure.Figures}. Must not know
 * findings, planning or procedure.
 */
package app.dantro.core.figure;
