package veldline.stock;

/** What a conductor is, seen along it. */
public enum Form {
    ROD("rod or wire", 1, 1),
    TUBE("tube", 1, 0),
    /** A strip acts like a round wire of half its width (Balanis, Antenna Theory, 3rd ed., Table 9.3). */
    STRIP("flat strip", 0.5, 0);

    /** Walls of tubes and strips, for weights, metres. */
    public static final double WALL = 1e-3;

    private final String words;
    private final double share;
    private final double filled;

    Form(String words, double share, double filled) {
        this.words = words;
        this.share = share;
        this.filled = filled;
    }

    public String words() {
        return words;
    }

    /** Diameter of the round wire that acts alike, metres; for a strip {@code size} is its width. */
    public double round(double size) {
        return share * size;
    }

    /** Metal it shows where it is sawn through, square metres. */
    public double section(double size) {
        double wall = Math.min(WALL, size / 2);
        return this == STRIP ? size * wall : Math.PI / 4 * (size * size - (1 - filled) * Math.pow(size - 2 * wall, 2));
    }
}
