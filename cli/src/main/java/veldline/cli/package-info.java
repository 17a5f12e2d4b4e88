/** The program from a shell. One class a command; {@link veldline.cli.Main} lists them. */
package veldline.cli;
