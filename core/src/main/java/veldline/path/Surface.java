package veldline.path;

/** What the wave bounces off: rounded electrical constants of ITU-R P.527-6 near 2 GHz. */
public enum Surface {
    SEA_WATER("sea water", 75, 5),
    FRESH_WATER("fresh water", 79, 0.2),
    WET_GROUND("wet ground", 30, 0.05),
    AVERAGE_GROUND("average ground", 15, 0.01),
    DRY_GROUND("dry ground", 3, 0.0001),
    SNOW("dry snow", 1.6, 0.0001);

    private final String words;
    private final double permittivity;
    private final double conductivity;

    Surface(String words, double permittivity, double conductivity) {
        this.words = words;
        this.permittivity = permittivity;
        this.conductivity = conductivity;
    }

    public String words() {
        return words;
    }

    /** Relative permittivity. */
    public double permittivity() {
        return permittivity;
    }

    /** Siemens per metre. */
    public double conductivity() {
        return conductivity;
    }
}
