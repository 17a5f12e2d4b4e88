package veldline.field.aperture;

import java.util.List;

/** What a dish is lit by: its field in the two planes over that on its axis. */
public interface FeedPattern {
    /** In the E plane, at an angle from the axis, radians, 0 to π; 1 on the axis. */
    double e(double angle);

    /** In the H plane likewise. */
    double h(double angle);

    /** Of the feed alone, on its axis. */
    default double directivity() {
        double sum = Quadrature.of(t -> (e(t) * e(t) + h(t) * h(t)) * Math.sin(t), 0, Math.PI, 12);
        return 4 / sum;
    }

    /**
     * Power that falls as cosⁿ of the angle, alike in both planes, nothing behind.
     *
     * @param n of the power
     */
    record Cosine(double n) implements FeedPattern {
        /** With a rim at an angle so much under the axis, dB over zero, the longer way not counted. */
        public static Cosine falling(double decibels, double angle) {
            return new Cosine(decibels / (-10 * Math.log10(Math.cos(angle))));
        }

        @Override
        public double e(double angle) {
            return angle >= Math.PI / 2 ? 0 : Math.pow(Math.cos(angle), n / 2);
        }

        @Override
        public double h(double angle) {
            return e(angle);
        }
    }

    /**
     * The mouth of a small horn: even along its field, half a wave of a cosine across it, both late towards the edges (Balanis, §13.4).
     *
     * @param height along the field, metres
     * @param width across it
     * @param length from the apex to the mouth, metres
     */
    record Mouth(double height, double width, double length, double wave) implements FeedPattern {
        private double lean(double angle) {
            return (1 + Math.cos(angle)) / 2;
        }

        private RectangularOpening opening() {
            return new RectangularOpening(
                    height,
                    width,
                    wave,
                    RectangularOpening.Side.even().from(length, wave),
                    RectangularOpening.Side.cosine(width).from(length, wave));
        }

        @Override
        public double e(double angle) {
            return lean(angle) * opening().inE(angle).norm();
        }

        @Override
        public double h(double angle) {
            return lean(angle) * opening().inH(angle).norm();
        }
    }

    /**
     * As solved or measured: told at even steps from ahead to straight behind, straight in between.
     *
     * @param inE field over that ahead, first 1
     * @param inH likewise, as many
     * @param directivity over all directions, of which two planes tell only so much
     */
    record Told(List<Double> inE, List<Double> inH, double directivity) implements FeedPattern {
        public Told {
            inE = List.copyOf(inE);
            inH = List.copyOf(inH);
            if (inE.size() < 2 || inE.size() != inH.size()) {
                throw new IllegalArgumentException("A pattern told at " + inE.size() + " and " + inH.size()
                        + " angles cannot be read; give both planes as many, two or more");
            }
        }

        private static double at(List<Double> told, double angle) {
            double place = Math.abs(angle) / Math.PI * (told.size() - 1);
            int i = (int) Math.min(told.size() - 2, place);
            return told.get(i) + (place - i) * (told.get(i + 1) - told.get(i));
        }

        @Override
        public double e(double angle) {
            return at(inE, angle);
        }

        @Override
        public double h(double angle) {
            return at(inH, angle);
        }
    }

    /**
     * The open end of a round tube with TE11 in it (Silver, Microwave Antenna Theory and Design, §10.3; Balanis, §12.9): the field of the
     * opening alone, without currents on the outside.
     *
     * @param diameter inside, metres
     */
    record Tube(double diameter, double frequency) implements FeedPattern {
        private static final double C = 299_792_458.0;

        /** @throws IllegalArgumentException for a tube that passes nothing, with what would do */
        public Tube {
            new CircularGuide(diameter).guided(frequency);
        }

        /** Wave in the open over that in the tube. */
        private double slow() {
            return C / frequency / new CircularGuide(diameter).guided(frequency);
        }

        private double turn(double angle) {
            return Math.PI * diameter * frequency / C * Math.sin(angle);
        }

        @Override
        public double e(double angle) {
            double b = slow();
            return (1 + b * Math.cos(angle)) / (1 + b) * 2 * Bessel.j1Over(turn(angle));
        }

        @Override
        public double h(double angle) {
            double b = slow();
            double x = turn(angle);
            double over = x / CircularGuide.Mode.TE11.root();
            double rest = 1 - over * over;
            // Where the mode's own root falls both vanish together; beside it the ratio is the same.
            double safe = Math.abs(rest) < 1e-6 ? 1e-6 : rest;
            double at = Math.abs(rest) < 1e-6 ? Math.sqrt(1 - safe) * CircularGuide.Mode.TE11.root() : x;
            return (b + Math.cos(angle)) / (1 + b) * 2 * Bessel.j1Slope(at) / safe;
        }
    }
}
