/** Guides, horns, dishes and patches by modes and integrals over their openings. */
package veldline.field.aperture;
