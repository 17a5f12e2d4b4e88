/** The window: start-up, commands and keys, and the job on the desk. */
package veldline.desktop;
