/** The Brief bench. */
package veldline.desktop.brief;
