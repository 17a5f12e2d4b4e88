/** What is printed: pages as pictures in ink only, made from a job and what follows from it. */
package veldline.sheet;
