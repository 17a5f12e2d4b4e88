/** The two appearances: tokens in CSS, the same tokens read by the pictures. */
package veldline.desktop.look;
