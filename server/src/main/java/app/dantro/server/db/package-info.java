/** The data folder, its one SQLite file, connections and migrations. */
package app.dantro.server.db;
