/** The Shape bench. */
package veldline.desktop.shape;
