/** A site plan, and the level over it. */
package veldline.coverage;
