/** Short experiments: one thing is moved, and the real engine says what follows. */
package veldline.learn;
