/** Orders from the wing to the seat: each with a life, none shown after it. Start at {@link app.dantro.server.seat.SeatController}. Must not know readings. */
package app.dantro.server.seat;
