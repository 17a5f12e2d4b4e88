/** Speed, measured by JMH and by edits driven through the real window. Not part of the default build. */
package veldline.bench;
