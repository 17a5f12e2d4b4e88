package veldline.job;

import veldline.antenna.Antenna;

/**
 * A second antenna beside the one that is shaped here, to compare.
 *
 * @param built whether it is the antenna as it was measured after building; otherwise one that was kept from before
 */
public record Beside(boolean built, Antenna made) {}
