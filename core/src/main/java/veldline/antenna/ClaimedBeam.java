package veldline.antenna;

/**
 * How a beam falls of which only its width is claimed: by 12·(angle ÷ width)² dB, the parabola through half power at its
 * edges, down to what reaches an antenna from its back (the usual mask of sector antennas, ITU-R F.1336).
 */
public final class ClaimedBeam {
    /** What reaches an antenna from its back, dB under its beam. */
    public static final double MOST_DOWN = 20;

    private ClaimedBeam() {}

    /**
     * The parabola alone, dB; it holds near the beam.
     *
     * @param off angle off the middle of the beam, degrees
     * @param width to half power, degrees
     */
    public static double parabola(double off, double width) {
        return 12 * (off / width) * (off / width);
    }

    /**
     * Down to the back, dB under the middle of the beam.
     *
     * @param off any angle off the middle, degrees; it is turned to the shorter way round
     * @param width to half power, degrees; 360 for an antenna that hears alike all round
     */
    public static double downDb(double off, double width) {
        return width >= 360 ? 0 : Math.min(MOST_DOWN, parabola(shorter(off), width));
    }

    /** The same angle between 0 and 180 degrees. */
    public static double shorter(double off) {
        return Math.abs(((off % 360) + 540) % 360 - 180);
    }
}
