package veldline.desktop.theline;

import veldline.link.LevelLine;

/**
 * Levels to heights: the same pixels to a decibel on both sides of the fold. The near part hangs from the top, the far
 * part stands at the bottom; both windows move in steps of 5 dB. Where 3.4 px (4.4 in a tall band) do not hold every
 * level, 2.6 or 2.0 do.
 *
 * @param nearTop level at {@link #NEAR_Y}, dBm
 * @param farBottom level at the far bottom, dBm
 * @param farY where that stands
 * @param nearLow so low the near part is drawn at most; what is lower is held there, as what lies far under the floor is
 */
record LineScale(double perDb, double nearTop, double farBottom, double farY, double nearLow) {
    private static final double NEAR_Y = 26;
    /** Under the near part and over the far part stand their labels, fewer of them in a low band. */
    private static final double NEAR_LABELS = 98;

    private static final double FAR_LABELS = 78;
    private static final double LOW_LABELS = 46;
    private static final double LOW = 150;
    /** Under the lowest level that is shown. */
    private static final double EDGE = 8;

    private static final double TALL = 230;
    private static final double[] PER_DB = {4.4, 3.4, 2.6, 2.0, 1.4, 1.0};

    /** Whether a band is too low for more than names and levels. */
    static boolean low(double height) {
        return height < LOW;
    }

    static LineScale of(LevelLine line, double height) {
        double nearMax = line.mostEirp().filter(m -> m > -50).orElse(-1e9);
        double nearMin = 1e9;
        double farMax = line.wish();
        double farMin = line.floor();
        for (int i = 0; i < line.stops().size(); i++) {
            double level = line.stops().get(i).level().value();
            if (i < line.path()) {
                nearMax = Math.max(nearMax, level);
                nearMin = Math.min(nearMin, level);
            } else {
                farMax = Math.max(farMax, level);
                farMin = Math.min(farMin, Math.max(level, line.floor() - 15));
            }
        }
        double top = Math.ceil(nearMax / 5) * 5 + 1;
        double bottom = Math.floor(farMin / 5) * 5;
        double farY = height - 21;
        double nearRoom = height - NEAR_Y - (low(height) ? LOW_LABELS : NEAR_LABELS);
        double farTop = low(height) ? LOW_LABELS : FAR_LABELS;
        for (double perDb : PER_DB) {
            boolean suits = perDb < PER_DB[0] || height > TALL;
            boolean nearFits = (top - nearMin) * perDb <= nearRoom;
            boolean farFits = farY - (farMax - bottom) * perDb >= farTop;
            if (suits && nearFits && farFits) {
                return new LineScale(perDb, top, bottom, farY, NEAR_Y + nearRoom);
            }
        }
        return new LineScale(PER_DB[PER_DB.length - 1], top, bottom, farY, NEAR_Y + nearRoom);
    }

    double nearY(double level) {
        return Math.min(nearLow, NEAR_Y + (nearTop - level) * perDb);
    }

    double farY(double level) {
        return Math.min(farY + EDGE, farY - (level - farBottom) * perDb);
    }

    /** The upper of two round levels for the axis. */
    double nearTicks() {
        return Math.floor((nearTop - 1) / 10) * 10;
    }
}
