package veldline.desktop;

/** How large text and boxes are; everything grows alike, so nothing changes its place. */
enum TextSize {
    NORMAL(1),
    LARGER(1.25),
    LARGEST(1.5);

    private final double factor;

    TextSize(double factor) {
        this.factor = factor;
    }

    double factor() {
        return factor;
    }

    /** The next size up or down; the last one stays. */
    TextSize stepped(int by) {
        return values()[Math.max(0, Math.min(values().length - 1, ordinal() + by))];
    }

    String title() {
        return Math.round(factor * 100) + " %";
    }
}
