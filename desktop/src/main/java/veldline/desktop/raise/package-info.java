/** The Raise bench. */
package veldline.desktop.raise;
