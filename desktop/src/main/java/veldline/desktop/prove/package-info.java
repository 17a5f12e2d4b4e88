/** The Prove bench. */
package veldline.desktop.prove;
