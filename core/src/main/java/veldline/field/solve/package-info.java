/**
 * Currents on thin wires by the method of moments: mixed-potential integral equation, rooftop functions, Galerkin
 * testing (Harrington, Field Computation by Moment Methods; Wilton and Glisson, IEEE Trans. AP-30, 1982). Enter by
 * {@link veldline.field.solve.FieldSolver}.
 */
package veldline.field.solve;
