/** The run sheet: the same few tests over several vehicles. */
package app.dantro.server.run;
