/** The demo workshop. All vehicles and numbers are made up; the readings come from the program's own simulation. */
package app.dantro.server.demo;
