/** Readings, series of them and what statistics may be drawn from readings that hang together. */
package veldline.measure;
