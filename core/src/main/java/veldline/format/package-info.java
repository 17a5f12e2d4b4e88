/** Readers and writers of every file the program knows. Each says what it refuses, where and why. */
package veldline.format;
