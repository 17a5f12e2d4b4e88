/** Comparisons of recordings, what they show and what they do not. */
package veldline.prove;
