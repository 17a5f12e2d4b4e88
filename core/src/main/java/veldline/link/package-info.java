/** What the link is asked for, the level along it, and the limits on what it radiates. */
package veldline.link;
