/** Materials and standard sizes. */
package veldline.stock;
