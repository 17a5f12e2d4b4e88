/** What a bench is, in plain Java, and the one view that shows any of them. */
package veldline.desktop.bench;
