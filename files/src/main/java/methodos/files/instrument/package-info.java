/** Measuring instruments at a serial port or a socket, real ones and simulated ones. */
package methodos.files.instrument;
