/** The Feed run bench. */
package veldline.desktop.feedrun;
