/** Files on disk: atomic writes, autosave and what is left after a crash. */
package veldline.store;
