/** The sample reserve, Ternholm Sands, and its jobs. Everything in it is made up. */
package veldline.demo;
