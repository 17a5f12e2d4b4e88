package veldline.field.aperture;

import java.util.stream.IntStream;

/**
 * How a sheet is bent before a row: a parabola, or one whose upper part is bent on so that each ray goes where its share of the power
 * belongs (Silver, Microwave Antenna Theory and Design, §13.6 to §13.8). The row stands at the origin, the beam goes along x, y is up.
 */
public final class BentProfile {
    /** Steps in which power and bend are carried along; half as many move nothing by a ten-thousandth of a wave. */
    private static final int STEPS = 1000;

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

    private final double focus;
    private final double half;
    private final double n;
    private final Fan fan;
    /** What the row sends all around, in the measure of {@link #power}. */
    private final double all;
    /** In even steps of the row's angle: logarithm of the way from the row over the focus. */
    private final double[] way = new double[STEPS + 1];

    /**
     * @param focus from the row to the sheet on the axis, metres
     * @param half angle from the axis to the rim as the row sees it, radians
     * @param n the row's power falls as cosⁿ of the angle around it
     */
    public BentProfile(double focus, double half, double n, Fan fan) {
        this.focus = focus;
        this.half = half;
        this.n = n;
        this.fan = fan;
        this.all = 2 * Quadrature.of(this::power, 0, Math.PI / 2, 8);
        bend();
    }

    /** The same without its fan. */
    public BentProfile pencil() {
        return fan.none() ? this : new BentProfile(focus, half, n, Fan.NONE);
    }

    /** Each ray goes where its share of the power belongs: d ln ρ / dφ = tan((φ − τ)/2), τ down from the axis. */
    private void bend() {
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

    /** Of the row at an angle from its own axis, over that on it. */
    double power(double angle) {
        return Math.abs(angle) >= Math.PI / 2 ? 0 : Math.pow(Math.cos(angle), n);
    }

    double all() {
        return all;
    }

    double half() {
        return half;
    }

    boolean fanned() {
        return !fan.none();
    }

    /** From the row to the sheet, metres. */
    double rho(double angle) {
        double place = (angle / half + 1) / 2 * STEPS;
        int i = (int) Math.max(0, Math.min(STEPS - 1, place));
        return focus * Math.exp(way[i] + (place - i) * (way[i + 1] - way[i]));
    }

    /** A place of the sheet from the row, x under zero; the angle under zero for what lies below. */
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
}
