/**
 * Receivers and analysers behind small interfaces over a real socket, and simulated ones that answer from a {@link
 * veldline.instrument.World} and from an {@link veldline.instrument.AntennaOnTest}.
 */
package veldline.instrument;
