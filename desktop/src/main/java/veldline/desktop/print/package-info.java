/** The print preview: pages as they come out, and what must be ticked before. */
package veldline.desktop.print;
