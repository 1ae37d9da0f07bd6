/** Orders from the wing to the seat: each with a life, none shown after it. */
package app.dantro.server.seat;
