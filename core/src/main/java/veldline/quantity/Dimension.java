package veldline.quantity;

/** What a quantity measures. Inside the program each is held in one unit, named here. */
public enum Dimension {
    /** Metres. */
    LENGTH,
    /** Hertz. */
    FREQUENCY,
    /** Power level in dBm. */
    LEVEL,
    /** Gain over an isotropic radiator in dBi. */
    GAIN,
    /** A ratio in dB. */
    RATIO,
    /** Degrees of arc. */
    ANGLE,
    /** Seconds. */
    TIME,
    /** Field strength in dBµV/m. */
    FIELD,
    /** Bits a second. */
    RATE,
    /** Kilograms. */
    MASS,
    /** Ohms. */
    IMPEDANCE,
    /** Metres a second. */
    SPEED,
    /** A plain count or factor. */
    NUMBER
}
