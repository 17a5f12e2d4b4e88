/** Transmission lines, mismatch and the networks that mend it. One network a class. */
package veldline.line;
