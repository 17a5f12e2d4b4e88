package veldline.field.aperture;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;

/**
 * A dish with a feed near its focus, by the field over its opening (Balanis, Antenna Theory, 3rd ed., §15.4; Silver, §12).
 *
 * @param frequency hertz
 * @param shadow diameter of what stands before the dish, metres
 * @param aside by how much the feed stands off the axis in the E plane, metres
 * @param ahead by how much it stands beyond the focus, towards the dish under zero, metres
 * @param rim round, or what is left of it where it is cut
 */
public record LitDish(
        Paraboloid dish, FeedPattern feed, double frequency, double shadow, double aside, double ahead, Rim rim) {
    private static final double C = 299_792_458.0;
    private static final int PIECES = 6;
    private static final int RADII = 1024;
    /** Planes lie so far apart where the beam is, in wavelengths over the diameter. */
    private static final double FINE = 0.2;
    /** No feed is known to better than this behind itself, and no edge throws less round it. */
    private static final double LEAST = 1e-6;

    /** With its whole rim. */
    public LitDish(Paraboloid dish, FeedPattern feed, double frequency, double shadow, double aside, double ahead) {
        this(dish, feed, frequency, shadow, aside, ahead, Rim.round(dish.diameter() / 2));
    }

    public LitDish {
        if (!(shadow >= 0 && shadow < dish.diameter())) {
            throw new IllegalArgumentException(
                    "A shadow of " + shadow + " m hides a dish of " + dish.diameter() + " m; give less than that");
        }
    }

    private double wave() {
        return C / frequency;
    }

    private double square(double angle) {
        return (feed.e(angle) * feed.e(angle) + feed.h(angle) * feed.h(angle)) / 2;
    }

    private double power(double from, double to) {
        return Quadrature.of(t -> square(t) * Math.sin(t), from, to, PIECES);
    }

    /** All that the feed sends, in the measure of {@link #power}. */
    private double sent() {
        return 2 / feed.directivity();
    }

    /** The rim against the middle, feed and longer way together, the mean of both planes, dB under zero. */
    public double edgeDb() {
        double edge = dish.halfAngle();
        return 10 * Math.log10(Math.max(LEAST, square(edge))) - dish.spaceAttenuation();
    }

    /** The share of the feed's power that meets the dish. */
    public double spillover() {
        return rim.cut()
                ? rim.sum((x, y) -> lit(x, y, true)) / (2 * Math.PI * Math.pow(dish.focalLength(), 2) * sent())
                : power(0, dish.halfAngle()) / sent();
    }

    /** Of what meets it, what unevenness leaves, cross polarization with it. */
    public double taper() {
        if (rim.cut()) {
            double sum = rim.sum((x, y) -> lit(x, y, false));
            return sum * sum / (rim.area() * rim.sum((x, y) -> lit(x, y, true)));
        }
        double edge = dish.halfAngle();
        double sum = Quadrature.of(t -> (feed.e(t) + feed.h(t)) / 2 * Math.tan(t / 2), 0, edge, PIECES);
        return 2 * sum * sum / (power(0, edge) * Math.pow(Math.tan(edge / 2), 2));
    }

    /** At a place of the opening: its field along the polarization, or its power whatever way it is turned. */
    private double lit(double x, double y, boolean power) {
        double square = x * x + y * y;
        double t = Math.sqrt(square) / (2 * dish.focalLength());
        double cos = square > 0 ? x * x / square : 1;
        double e = feed.e(2 * Math.atan(t));
        double h = feed.h(2 * Math.atan(t));
        double near = 1 / (1 + t * t);
        return power ? (e * e * cos + h * h * (1 - cos)) * near * near : (e * cos + h * (1 - cos)) * near;
    }

    /** What the shadow leaves of the gain, its own field counted as missing. */
    public double shadowed() {
        return shadow == 0 ? 1 : against(shadow, 0);
    }

    /** What a feed ahead of the focus, or behind it, leaves. */
    public double focused() {
        return ahead == 0 ? 1 : against(0, ahead);
    }

    /** Straight ahead with a shadow or a feed ahead over the same without. */
    private double against(double hidden, double before) {
        return Math.pow(axis(hidden, before) / axis(0, 0), 2);
    }

    private double axis(double hidden, double before) {
        return rim.cut()
                ? new LitDish(dish, feed, frequency, hidden, 0, before, rim)
                        .opening()
                        .cut(0)
                        .towards(0)
                        .norm()
                : onAxis(hidden, before).norm();
    }

    private Complex onAxis(double hidden, double before) {
        double from = hidden == 0 ? 0 : 2 * Math.atan(hidden / 4 / dish.focalLength());
        double k = 2 * Math.PI / wave();
        int pieces = PIECES + (int) Math.abs(k * before);
        return Quadrature.turning(
                t -> (feed.e(t) + feed.h(t)) / 2 * Math.tan(t / 2),
                t -> -k * before * Math.cos(t),
                from,
                dish.halfAngle(),
                pieces);
    }

    /** The evenly lit opening, as a plain ratio. */
    public double uniform() {
        return 4 * Math.PI * rim.area() / (wave() * wave());
    }

    /** Of feed and dish by what meets the dish and how evenly, its shadow and its focus, before surface and metal. */
    public double gain() {
        return uniform() * spillover() * taper() * shadowed() * focused();
    }

    /** The opening as it is lit. */
    public RoundOpening opening() {
        double k = 2 * Math.PI / wave();
        double radius = dish.diameter() / 2;
        // The feed is asked at so many radii; between them its pattern is straight to a millionth.
        double[] inE = new double[RADII + 2];
        double[] inH = new double[RADII + 2];
        for (int i = 0; i < inE.length; i++) {
            double angle = 2 * Math.atan(radius * i / RADII / (2 * dish.focalLength()));
            inE[i] = feed.e(angle);
            inH[i] = feed.h(angle);
        }
        boolean inStep = aside == 0 && ahead == 0;
        return new RoundOpening(rim, shadow / 2, wave(), (x, y) -> {
            double rho = Math.sqrt(x * x + y * y);
            // Half the feed's angle by its tangent: all that is asked of the angle follows without another one.
            double t = rho / (2 * dish.focalLength());
            double near = 1 / (1 + t * t);
            double place = Math.min(RADII, rho / radius * RADII);
            int i = (int) place;
            double e = inE[i] + (place - i) * (inE[i + 1] - inE[i]);
            double h = inH[i] + (place - i) * (inH[i + 1] - inH[i]);
            double cos = rho > 0 ? x / rho : 1;
            double lit = (e * cos * cos + h * (1 - cos * cos)) * near;
            if (inStep) {
                return new Complex(lit, 0);
            }
            double lead = k * near * (aside * 2 * t * cos + ahead * (1 - t * t));
            return new Complex(lit * Math.cos(lead), lit * Math.sin(lead));
        });
    }

    /** What it sends, told from where its beam points, the feed's light past the rim with it. */
    public FarField field() {
        RoundOpening.Cut e = opening().cut(0);
        double peak = peak(e);
        double strongest = Math.pow(e.towards(peak).norm(), 2);
        FarField lit = aside == 0 && !rim.cut() ? between(e, opening().cut(Math.PI / 2)) : around(peak);
        double own = feed.directivity() / gain();
        FarField fromAxis = (theta, phi) -> {
            double past = Math.PI - theta > 2 * Math.atan(rim.edge(phi) / (2 * dish.focalLength()))
                    ? square(Math.PI - theta) * own
                    : 0;
            return Math.max(LEAST * LEAST, oblique(theta) / oblique(peak) * lit.power(theta, phi) / strongest + past);
        };
        return fromAxis.about(peak);
    }

    /** What an opening sends aslant of its axis over what it would send there straight ahead (Balanis §12.3, both planes' mean). */
    private static double oblique(double theta) {
        return Math.pow((1 + Math.cos(theta)) / 2, 2);
    }

    /** With the feed on the axis two planes tell all. */
    private static FarField between(RoundOpening.Cut e, RoundOpening.Cut h) {
        return (theta, phi) -> RoundOpening.power(e.towards(theta), h.towards(theta), phi);
    }

    /** With the feed aside or a cut rim planes all around are cut, as close as the beam is narrow, and what lies between two is read from both. */
    private FarField around(double peak) {
        int planes = Math.max(
                rim.cut() ? 48 : 12, (int) Math.ceil(Math.PI * Math.abs(peak) * dish.diameter() / (FINE * wave())));
        RoundOpening opening = opening();
        // What lies above the E plane and below it is alike; with the feed on the axis so is what lies to either side.
        int told = aside == 0 ? (planes + 1) / 2 : planes;
        double whole = aside == 0 ? Math.PI / 2 : Math.PI;
        List<RoundOpening.Cut> cuts = IntStream.rangeClosed(0, told)
                .mapToObj(i -> opening.cut(whole * i / told))
                .toList();
        return (theta, phi) -> {
            double from = Math.abs(Math.IEEEremainder(phi, 2 * Math.PI));
            double turn = (from > whole ? Math.PI - from : from) / whole * told;
            int i = (int) Math.min(told - 1, turn);
            double share = turn - i;
            return (1 - share) * Math.pow(cuts.get(i).towards(theta).norm(), 2)
                    + share * Math.pow(cuts.get(i + 1).towards(theta).norm(), 2);
        };
    }

    /** Where its beam points in the E plane, radians from the axis: away from a feed that stands aside. */
    public double squint() {
        return aside == 0 ? 0 : peak(opening().cut(0));
    }

    /** By climbing in ever smaller steps from where a mirror would send it. */
    private double peak(RoundOpening.Cut cut) {
        if (aside == 0) {
            return 0;
        }
        double at = -Math.atan(aside / dish.focalLength());
        for (double step = 0.2 * wave() / dish.diameter(); step > 1e-7; step /= 2) {
            while (cut.towards(at + step).norm() > cut.towards(at).norm()) {
                at += step;
            }
            while (cut.towards(at - step).norm() > cut.towards(at).norm()) {
                at -= step;
            }
        }
        return at;
    }

    /** What standing aside costs straight ahead of where it then points, as a plain ratio. */
    public double aimed() {
        if (aside == 0) {
            return 1;
        }
        RoundOpening.Cut off = opening().cut(0);
        RoundOpening.Cut on = new LitDish(dish, feed, frequency, shadow, 0, ahead, rim)
                .opening()
                .cut(0);
        double peak = peak(off);
        return oblique(peak) * Math.pow(off.towards(peak).norm() / on.towards(0).norm(), 2);
    }
}
