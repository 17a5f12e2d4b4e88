/**
 * Values with units: read what people type, keep it as typed, convert and print. Start at {@link
 * veldline.quantity.QuantityReader}; a typed value is a {@link veldline.quantity.Quantity}.
 */
package veldline.quantity;
