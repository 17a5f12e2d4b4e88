package veldline.field.aperture;

import veldline.field.wire.Phasors;

/**
 * A bent sheet and the row that lights it: its currents are those of the wave that meets it, summed with their own way (physical optics in
 * the plane across the row).
 *
 * <p>The beam goes along x; y is up; the row stands at the origin, the sheet at x under zero.
 */
public final class BentSheet {
    /** Pieces of the row's angle for each wave of the sheet; each has as many places as the rule of {@link Quadrature} has. */
    private static final double PER_WAVE = 0.5;

    private final BentProfile profile;
    private final double wave;
    private final double[] x;
    private final double[] y;
    private final double[] ray;
    private final double[] weight;

    /** @param shadow of the row, metres across; nothing is sent from behind it */
    public BentSheet(BentProfile profile, double wave, double shadow) {
        this.profile = profile;
        this.wave = wave;
        double half = profile.half();
        double reach = profile.rho(0) * Math.tan(half / 2) * 2;
        double[][] nodes = Quadrature.nodes(2 + (int) (PER_WAVE * 2 * reach / wave));
        int places = nodes[0].length;
        x = new double[places];
        y = new double[places];
        ray = new double[places];
        weight = new double[places];
        for (int i = 0; i < places; i++) {
            double angle = half * nodes[0][i];
            double rho = profile.rho(angle);
            x[i] = -rho * Math.cos(angle);
            y[i] = rho * Math.sin(angle);
            ray[i] = rho;
            weight[i] = Math.abs(y[i]) < shadow / 2 ? 0 : half * nodes[1][i] * Math.sqrt(profile.power(angle) * rho);
        }
    }

    /** Power an even, endless row gives towards an angle down from the beam over what it would give if all went around alike, a ratio. */
    public double around(double angle) {
        return around(Math.cos(angle), Math.sin(angle));
    }

    private double around(double ahead, double down) {
        return lit(ahead, down) + 2 * Math.PI * past(Math.atan2(down, ahead)) / profile.all();
    }

    /** Of the sheet alone at an angle, as {@link #around}. */
    public double beam(double angle) {
        return lit(Math.cos(angle), Math.sin(angle));
    }

    /**
     * Of the sheet alone towards a direction of which so much goes along x and so much down. Each part of the row's wave that runs aslant
     * sees the same sheet over a longer wave, and keeps its power around the row.
     */
    private double lit(double ahead, double down) {
        double k = 2 * Math.PI / wave;
        double slant = Math.max(1e-6, Math.hypot(ahead, down));
        int n = x.length;
        double[] phase = new double[n];
        double[] cosine = new double[n];
        double[] sine = new double[n];
        for (int i = 0; i < n; i++) {
            phase[i] = k * (x[i] * ahead - y[i] * down - ray[i] * slant);
        }
        Phasors.of(phase, cosine, sine, n);
        double re = 0;
        double im = 0;
        for (int i = 0; i < n; i++) {
            re += weight[i] * cosine[i];
            im += weight[i] * sine[i];
        }
        double lean = (1 + ahead / slant) / 2;
        return 2 * Math.PI * lean * lean * (re * re + im * im) * slant / (wave * profile.all());
    }

    /** What the row itself sends past the rim, as {@link BentProfile#power}; nothing where the sheet stands in between. */
    private double past(double angle) {
        // The row looks back: what goes on past the sheet's rim is its light at that angle from its own axis.
        double own = Math.PI - Math.abs(Math.IEEEremainder(angle, 2 * Math.PI));
        return own > profile.half() ? profile.power(own) : 0;
    }

    /** Where the beam has its peak, radians down from the axis: on it where there is no fan. */
    public double peak() {
        if (!profile.fanned()) {
            return 0;
        }
        double fine = wave / (20 * profile.height());
        double at = 0;
        double most = 0;
        for (double a = -8 * fine; a < 0.5; a += fine) {
            double here = around(a);
            if (here > most) {
                at = a;
                most = here;
            }
        }
        for (double step = fine / 2; step > 1e-6; step /= 2) {
            for (double way : new double[] {step, -step}) {
                double here = around(at + way);
                if (here > most) {
                    at += way;
                    most = here;
                }
            }
        }
        return at;
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
}
