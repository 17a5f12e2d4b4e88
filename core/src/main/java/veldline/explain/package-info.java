/**
 * How a number says where it comes from. A {@link veldline.explain.Formula} stands beside the function that computes
 * it; a {@link veldline.explain.Worked} is one use of it with this job's numbers; a {@link veldline.explain.Finding} is
 * a judgement on one.
 */
package veldline.explain;
