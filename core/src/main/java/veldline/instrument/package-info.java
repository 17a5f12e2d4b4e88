/**
 * Receivers and meters behind one small interface over a real socket, and simulated ones that answer from a {@link
 * veldline.instrument.World}.
 */
package veldline.instrument;
