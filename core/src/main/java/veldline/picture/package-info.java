/**
 * Drawings as data: a {@link veldline.picture.Picture} is a list of marks in drawing units of 1/96 inch, with roles
 * instead of colours. Back ends draw it; tests read it without a window.
 */
package veldline.picture;
