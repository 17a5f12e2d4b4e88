/** The job: everything a person decided, typed or measured, and nothing that can be worked out from it. */
package veldline.job;
