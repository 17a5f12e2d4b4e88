/** From a design to what is cut, drilled, bent and joined: the build sheet. */
package veldline.build;
