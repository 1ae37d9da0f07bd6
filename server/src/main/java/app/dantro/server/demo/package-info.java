/** The demo workshop. All vehicles and numbers are made up; the readings come from the program's own simulation. Start at {@link app.dantro.server.demo.DemoWorkshop}. Must not know any door that a technician has not. */
package app.dantro.server.demo;
