/**
 * Antenna families, one class each: how frequency becomes dimensions, the model that is solved and the build sheet. A
 * new family is one class and one line in {@link veldline.antenna.Families}.
 */
package veldline.antenna;
