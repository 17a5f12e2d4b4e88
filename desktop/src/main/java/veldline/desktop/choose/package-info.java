/** The Choose bench. */
package veldline.desktop.choose;
