/** The Match bench. */
package veldline.desktop.match;
