package veldline.instrument;

import veldline.measure.Reading;

/** A link with something that a positioner moves: a mast that turns, a hoist, an antenna that turns about its beam. */
public interface Turnable {
    /** Where it stands: degrees, or metres. */
    double stands();

    /** Moves by so much. */
    void moveBy(double much);

    /** From where it stands to a target, signed. */
    double left(double target);

    /** The next reading, in steps of so many dB. */
    Reading next(double step);
}
