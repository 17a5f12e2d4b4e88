/** What benches are made of: boxes, choices, findings, pictures on a canvas. */
package veldline.desktop.part;
