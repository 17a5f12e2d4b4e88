/** What is asked for and may take a while: candidates and optimiser runs. Each can be called off and says how far it is. */
package veldline.study;
