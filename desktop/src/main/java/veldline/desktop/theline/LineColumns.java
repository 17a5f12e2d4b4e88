package veldline.desktop.theline;

import veldline.link.LevelLine;

/** Where each stop stands across the band: columns alike, but for the path, which takes the room of two. */
record LineColumns(LevelLine line, double width) {
    /** Kept free for the answer at the right end. */
    static final double PANEL = 168;

    private static final double LEFT = 36;

    double from(int i) {
        double unit = (width - PANEL - LEFT) / (line.stops().size() + 1.0);
        return LEFT + unit * (i > line.path() ? i + 1 : i);
    }

    double width(int i) {
        return from(i + 1) - from(i);
    }

    double middle(int i) {
        return from(i) + width(i) / 2;
    }

    /** Where the far part ends. */
    double right() {
        return width - PANEL;
    }
}
