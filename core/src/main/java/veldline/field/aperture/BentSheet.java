package veldline.field.aperture;

import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;

/**
 * A sheet bent one way only, lit by a row in its focal line: a parabola, or one whose upper part is bent on so that the beam is drawn out
 * downwards as the square of the cosecant (Silver, Microwave Antenna Theory and Design, §13.6 to §13.8). Its currents are those of the
 * wave that meets it, summed with their own way (physical optics in the plane across the row).
 *
 * <p>The beam goes along x; y is up; the row stands at the origin, the sheet at x under zero.
 */
public final class BentSheet {
    /** Pieces of the feed's angle for each wave of the sheet; each has as many places as the rule of {@link Quadrature} has. */
    private static final double PER_WAVE = 0.5;
    /** Steps in which power and profile are carried along. */
    private static final int STEPS = 4000;

    /**
     * How the beam is drawn out.
     *
     * @param from where the fall by the cosecant's square begins, radians under the beam
     * @param to where it ends
     */
    public record Fan(double from, double to) {
        public static final Fan NONE = new Fan(0, 0);

        public Fan {
            if (!(from >= 0) || !(to < Math.PI / 2) || to > 0 && !(from > 0 && from < to)) {
                throw new IllegalArgumentException("A fan from " + Math.toDegrees(from) + "° to " + Math.toDegrees(to)
                        + "° cannot be; it begins over 0°, ends under 90° and farther down than it begins");
            }
        }

        boolean none() {
            return to == 0;
        }

        /** Power of the flat part and of the fall, in units of the fall's own measure. */
        private double flat() {
            return from / Math.pow(Math.sin(from), 2);
        }

        private double all() {
            return flat() + 1 / Math.tan(from) - 1 / Math.tan(to);
        }

        /** Where a ray goes that has so much of the power under it. */
        double at(double share) {
            double power = share * all();
            return none()
                    ? 0
                    : power <= flat()
                            ? power * Math.pow(Math.sin(from), 2)
                            : Math.atan(1 / (1 / Math.tan(from) - (power - flat())));
        }
    }

    private final double half;
    private final double n;
    private final double wave;
    private final double focus;
    private final double shadow;
    /** What the row sends all around, in the measure of {@link #power}. */
    private final double all;
    /** Along the profile in even steps of the feed's angle: logarithm of the way from the row over the focus. */
    private final double[] way = new double[STEPS + 1];

    private final double[] x;
    private final double[] y;
    private final double[] ray;
    private final double[] weight;

    /**
     * @param focus from the row to the sheet on the axis, metres
     * @param half angle from the axis to the rim as the row sees it, radians
     * @param n the row's power falls as cosⁿ of the angle around it
     * @param shadow of the row, metres across; nothing is sent from behind it
     */
    public BentSheet(double focus, double half, double n, double wave, Fan fan, double shadow) {
        this.focus = focus;
        this.half = half;
        this.n = n;
        this.wave = wave;
        this.shadow = shadow;
        this.all = 2 * Quadrature.of(this::power, 0, Math.PI / 2, 8);
        profile(fan);
        double reach = 2 * focus * Math.tan(half / 2);
        double[][] nodes = Quadrature.nodes(2 + (int) (PER_WAVE * 2 * reach / wave));
        int places = nodes[0].length;
        x = new double[places];
        y = new double[places];
        ray = new double[places];
        weight = new double[places];
        for (int i = 0; i < places; i++) {
            double angle = half * nodes[0][i];
            double rho = rho(angle);
            x[i] = -rho * Math.cos(angle);
            y[i] = rho * Math.sin(angle);
            ray[i] = rho;
            weight[i] = Math.abs(y[i]) < shadow / 2 ? 0 : half * nodes[1][i] * Math.sqrt(power(angle) * rho);
        }
    }

    private double power(double angle) {
        return Math.abs(angle) >= Math.PI / 2 ? 0 : Math.pow(Math.cos(angle), n);
    }

    /** Each ray goes where its share of the power belongs: d ln ρ / dφ = tan((φ − τ)/2), τ down from the axis. */
    private void profile(Fan fan) {
        double step = 2 * half / STEPS;
        double[] sum = new double[STEPS + 1];
        for (int i = 1; i <= STEPS; i++) {
            double angle = -half + (i - 0.5) * step;
            sum[i] = sum[i - 1] + step * power(angle);
        }
        for (int i = 1; i <= STEPS; i++) {
            double middle = -half + (i - 0.5) * step;
            double goes = fan.at((sum[i - 1] + sum[i]) / 2 / sum[STEPS]);
            way[i] = way[i - 1] + step * Math.tan((middle - goes) / 2);
        }
        double axis = way[STEPS / 2];
        for (int i = 0; i <= STEPS; i++) {
            way[i] -= axis;
        }
    }

    private double rho(double angle) {
        double place = (angle / half + 1) / 2 * STEPS;
        int i = (int) Math.max(0, Math.min(STEPS - 1, place));
        return focus * Math.exp(way[i] + (place - i) * (way[i + 1] - way[i]));
    }

    /** A place of the profile from the row, x under zero; the angle under zero for what lies below. */
    public double[] at(double angle) {
        double rho = rho(angle);
        return new double[] {-rho * Math.cos(angle), rho * Math.sin(angle)};
    }

    /** From rim to rim, square to the beam, metres. */
    public double height() {
        return at(half)[1] - at(-half)[1];
    }

    /** Of the sheet laid flat, metres. */
    public double flat() {
        return IntStream.range(0, STEPS)
                .mapToDouble(i -> {
                    double[] a = at(half * (2.0 * i / STEPS - 1));
                    double[] b = at(half * (2.0 * (i + 1) / STEPS - 1));
                    return Math.hypot(b[0] - a[0], b[1] - a[1]);
                })
                .sum();
    }

    /** The share of the row's power that meets the sheet. */
    public double spillover() {
        return 2 * Quadrature.of(this::power, 0, Math.min(half, Math.PI / 2), 8) / all;
    }

    /**
     * Field towards a direction of which so much goes along x and so much down; comparable over all directions and sheets.
     *
     * @param ahead direction's part along the beam
     * @param down its part downwards; both together at most 1 long
     */
    public Complex towards(double ahead, double down) {
        double k = 2 * Math.PI / wave;
        double re = 0;
        double im = 0;
        // Aslant of the row its wave comes to the sheet aslant as well.
        double slant = Math.hypot(ahead, down);
        for (int i = 0; i < x.length; i++) {
            double phase = k * (x[i] * ahead - y[i] * down - ray[i] * slant);
            re += weight[i] * Math.cos(phase);
            im += weight[i] * Math.sin(phase);
        }
        return new Complex(re, im);
    }

    /** Power an even, endless row gives towards an angle down from the beam over what it would give if all went around alike, a ratio. */
    public double around(double angle) {
        return around(Math.cos(angle), Math.sin(angle));
    }

    /** Each part of the row's wave that runs aslant sees the same sheet over a longer wave, and keeps its power around the row. */
    private double around(double ahead, double down) {
        double slant = Math.max(1e-6, Math.hypot(ahead, down));
        double field = (1 + ahead / slant) / 2 * towards(ahead, down).norm();
        return 2 * Math.PI * (field * field * slant / wave + past(Math.atan2(down, ahead))) / all;
    }

    /**
     * What it sends with a row of a length, told from where its beam points; the row along the H plane, or along the E plane.
     *
     * @param row how the row is lit along its length
     */
    public FarField field(double length, RectangularOpening.Side row, boolean rowInE) {
        double peak = peak();
        double c = Math.cos(peak);
        double s = Math.sin(peak);
        double most = around(peak);
        double k = 2 * Math.PI / wave;
        double even = RectangularOpening.sum(row, length, 0).norm();
        return (theta, phi) -> {
            double inE = Math.sin(theta) * Math.cos(phi);
            double inH = Math.sin(theta) * Math.sin(phi);
            double along = rowInE ? inE : inH;
            double across = rowInE ? inH : inE;
            double ahead = Math.cos(theta) * c - across * s;
            double down = across * c + Math.cos(theta) * s;
            double one = RectangularOpening.sum(row, length, k * along).norm() / even;
            return around(ahead, down) / most * one * one;
        };
    }

    /** Of the sheet alone at an angle, as {@link #around}. */
    public double beam(double angle) {
        double field = (1 + Math.cos(angle))
                / 2
                * towards(Math.cos(angle), Math.sin(angle)).norm();
        return 2 * Math.PI * field * field / (wave * all);
    }

    /** What the row itself sends past the rim, as {@link #power}; nothing where the sheet stands in between. */
    private double past(double angle) {
        // The row looks back: what goes on past the sheet's rim is its light at that angle from its own axis.
        double own = Math.PI - Math.abs(Math.IEEEremainder(angle, 2 * Math.PI));
        return own > half ? power(own) : 0;
    }

    /** Where the beam has its peak, radians down from the axis. */
    public double peak() {
        double best = 0;
        double fine = wave / (20 * height());
        for (double a = -8 * fine; a < 0.5; a += fine) {
            if (around(a) > around(best)) {
                best = a;
            }
        }
        for (double step = fine / 2; step > 1e-6; step /= 2) {
            if (around(best + step) > around(best)) {
                best += step;
            } else if (around(best - step) > around(best)) {
                best -= step;
            }
        }
        return best;
    }

    /** The same sheet with or without its fan and its shadow. */
    public BentSheet with(Fan fan, double shade) {
        return new BentSheet(focus, half, n, wave, fan, shade);
    }

    public double shadow() {
        return shadow;
    }
}
