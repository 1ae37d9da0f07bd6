/** How the program itself is, for the owner. */
package app.dantro.server.health;
