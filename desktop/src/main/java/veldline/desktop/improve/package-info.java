/** What an antenna could be: the trade between two measures, walked. */
package veldline.desktop.improve;
