/** Putting it up: aiming, heights and the cautions that belong to them. */
package veldline.raise;
