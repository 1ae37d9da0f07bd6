/** Vehicles as things of their own: a new case of a known one takes over what is known of it. */
package app.dantro.server.vehicle;
