package veldline.study;

/** What an antenna can be improved for; each the worst over the band. */
public enum Measure {
    GAIN("Gain", "dBi", 1, 1, 1),
    FRONT_TO_BACK("Front to back", "dB", 1, 1, 6),
    SWR("SWR", "", 2, -1, 0.3),
    SIDE_LOBES("Side lobes down", "dB", 1, 1, 3),
    LENGTH("Boom", "mm", 0, -1, 30);

    private final String words;
    private final String unit;
    private final int decimals;
    private final double better;
    private final double step;

    Measure(String words, String unit, int decimals, double better, double step) {
        this.words = words;
        this.unit = unit;
        this.decimals = decimals;
        this.better = better;
        this.step = step;
    }

    public String words() {
        return words;
    }

    /** Printed after the value; empty for a ratio. */
    public String unit() {
        return unit;
    }

    public int decimals() {
        return decimals;
    }

    /** 1 where more is better, −1 where less is. */
    public double better() {
        return better;
    }

    /** By so much two antennas differ noticeably, in the unit. */
    public double step() {
        return step;
    }
}
