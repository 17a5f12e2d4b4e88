/** The Log bench. */
package veldline.desktop.log;
