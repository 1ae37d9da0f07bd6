/**
 * Cases and all that belongs to them as rows: stores with their SQL, and {@link app.dantro.server.store.StoredCase}, all of
 * one case. Appends only. Must not know what follows from a record, nor the wire. Start at {@link app.dantro.server.store.CaseStore}.
 */
package app.dantro.server.store;
