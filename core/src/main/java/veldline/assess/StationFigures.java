package veldline.assess;

import java.util.Optional;
import veldline.explain.Worked;

/**
 * How one of a job's stations does.
 *
 * @param index in the job
 * @param margin of the typical level over the floor; empty where something is undecided, broken or unsolved
 * @param worst the margin less what the worst case takes
 * @param level at the far end's antenna terminals, dBm, for what several together do to an amplifier
 */
public record StationFigures(int index, String name, Optional<Worked> margin, double worst, Optional<Double> level) {}
