package veldline.link;

/** Where an antenna stands, by the noise that people make there (ITU-R P.372-16 §5, table 1: 0.3 to 250 MHz). */
public enum Surroundings {
    NOT_COUNTED("not counted", 0, 0),
    CITY("city", 76.8, 27.7),
    RESIDENTIAL("houses", 72.5, 27.7),
    RURAL("country", 67.2, 27.7),
    QUIET_RURAL("far from everything", 53.6, 28.6);

    /** Lowest and highest frequency of the law, hertz. */
    static final double FROM = 0.3e6;

    static final double TO = 250e6;

    private final String words;
    private final double c;
    private final double d;

    Surroundings(String words, double c, double d) {
        this.words = words;
        this.c = c;
        this.d = d;
    }

    public String words() {
        return words;
    }

    /** Whether there is anything to count at a frequency. */
    public boolean counts(double frequency) {
        return this != NOT_COUNTED && frequency >= FROM && frequency <= TO;
    }

    /** External noise figure in dB over the noise of 290 K, median of place and time. */
    public double figureDb(double frequency) {
        if (!counts(frequency)) {
            throw new IllegalArgumentException("The noise of people is known from 0.3 to 250 MHz, not at "
                    + frequency / 1e6 + " MHz; leave it out there");
        }
        return c - d * Math.log10(frequency / 1e6);
    }

    /** The same as a noise temperature, kelvin; nothing where it is not counted. */
    double kelvin(double frequency) {
        return counts(frequency) ? Noise.T0 * Math.pow(10, figureDb(frequency) / 10) : 0;
    }

    double c() {
        return c;
    }

    double d() {
        return d;
    }
}
