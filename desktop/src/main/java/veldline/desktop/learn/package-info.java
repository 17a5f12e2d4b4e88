/** Short experiments: one thing is moved and what follows is seen. */
package veldline.desktop.learn;
