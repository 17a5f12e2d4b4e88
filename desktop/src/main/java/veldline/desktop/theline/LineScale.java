package veldline.desktop.theline;

import veldline.link.LevelLine;

/**
 * Levels to heights: the same pixels to a decibel on both sides of the fold. The near part hangs from the top, the far
 * part stands at the bottom; both windows move in steps of 5 dB. Where 3.4 px do not hold every level, 2.6 or 2.0 do.
 *
 * @param nearTop level at {@link #NEAR_Y}, dBm
 * @param farBottom level at the far bottom, dBm
 */
record LineScale(double perDb, double nearTop, double farBottom, double farY) {
    private static final double NEAR_Y = 26;
    private static final double NEAR_ROOM = 66;
    private static final double FAR_TOP = 78;
    private static final double[] PER_DB = {3.4, 2.6, 2.0, 1.4, 1.0};

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
        for (double perDb : PER_DB) {
            boolean nearFits = (top - nearMin) * perDb <= NEAR_ROOM;
            boolean farFits = farY - (farMax - bottom) * perDb >= FAR_TOP;
            if (nearFits && farFits) {
                return new LineScale(perDb, top, bottom, farY);
            }
        }
        return new LineScale(PER_DB[PER_DB.length - 1], top, bottom, farY);
    }

    double nearY(double level) {
        return NEAR_Y + (nearTop - level) * perDb;
    }

    double farY(double level) {
        return farY - (level - farBottom) * perDb;
    }

    /** The upper of two round levels for the axis. */
    double nearTicks() {
        return Math.floor((nearTop - 1) / 10) * 10;
    }
}
