/** The data folder, its one SQLite file, connections and migrations. Start at {@link app.dantro.server.db.Databases}. Must not know what the tables hold. */
package app.dantro.server.db;
