/**
 * From readings to standings. Start at {@link app.dantro.core.diagnosis.Diagnosis}. Never imports planning or
 * procedure.
 */
package app.dantro.core.diagnosis;
