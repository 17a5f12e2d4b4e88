/**
 * From a measured sweep to what to cut: which one measure of the antenna explains what was measured, how sure that is, and what would
 * have to be measured where it cannot be told. {@link veldline.trim.TrimAdviser} is the entrance.
 */
package veldline.trim;
