/** Who may use the program from where: the machine it runs on, and devices paired by a code. Start at {@link app.dantro.server.device.DeviceController}. Must not know what a case says. */
package app.dantro.server.device;
