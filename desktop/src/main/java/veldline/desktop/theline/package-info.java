/** The level line across the top. */
package veldline.desktop.theline;
