package veldline.field.solve;

/**
 * How finely wires are cut.
 *
 * @param perHalfWaveDriven segments on a half wave of a wire that carries a source or load
 * @param perHalfWave segments on a half wave of any other wire
 * @param meshFrequency the frequency the half wave is counted at, hertz; a sweep keeps one mesh throughout
 */
public record MeshRule(double perHalfWaveDriven, double perHalfWave, double meshFrequency) {
    /**
     * The default: 28 on a driven and 20 on any other half wave, drawn together towards feeds and corners, and three
     * more at each open end. With it Yagis of up to 15 elements meet converged references to a hundredth of a decibel.
     */
    public static MeshRule standard(double frequency) {
        return new MeshRule(28, 20, frequency);
    }

    /** The same rule with every segment cut into this many. */
    public MeshRule finer(double factor) {
        return new MeshRule(perHalfWaveDriven * factor, perHalfWave * factor, meshFrequency);
    }
}
