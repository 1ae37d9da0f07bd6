/** Who may use the program from where: the machine it runs on, and devices paired by a code. */
package app.dantro.server.device;
