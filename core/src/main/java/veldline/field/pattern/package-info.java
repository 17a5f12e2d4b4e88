/**
 * The field far from solved currents: cuts, beamwidths, polarization ellipse and energy. Enter by {@link
 * veldline.field.pattern.RadiatedField}; terms are those of IEEE Std 145.
 */
package veldline.field.pattern;
