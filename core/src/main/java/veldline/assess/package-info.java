/**
 * From a job to everything that follows from it. {@link veldline.assess.Assessor} is a pure function with a memory: each
 * stage takes one input record and is remembered by it.
 */
package veldline.assess;
