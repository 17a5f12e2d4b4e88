/**
 * Wire models and the checks that one can be solved. A {@link veldline.field.wire.WireModel} is plain data and the key
 * under which solutions are remembered; {@link veldline.field.wire.ModelCheck} says what stands in the way of one.
 */
package veldline.field.wire;
