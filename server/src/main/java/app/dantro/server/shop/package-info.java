/** What the shop has decided for itself: which school it follows, and why. */
package app.dantro.server.shop;
