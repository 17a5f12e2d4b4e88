package veldline.line;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * What a sweep into one end of a cable tells of its length: the reflections at each frequency, weighted by a Blackman window and summed with
 * the phase a place would have there and back, {@code h(d) = Σ w·Γ·exp(j4πfd ÷ vc) ÷ Σ w}. What throws back by ρ at a place stands there
 * with ρ, less what the way there and back takes. It is summed once, over the time there and back; a velocity only lays it out in metres.
 */
public final class CableSweep {
    /** Cells of a sweep that an echo is wide, at half its height. */
    private static final double WIDE = 1.2;

    static final Formula PLACE = new Formula(
            "Distance to a fault",
            "Where the reflections of all frequencies come in step: time there and back, t in ns, with the wave at v of its speed in the open.",
            "d",
            "0.299792458·v·t ÷ 2",
            "Inverse transform of the windowed reflection; IEEE Std 1785 waves",
            "Half a cell of the sweep, and as good as the velocity factor: 1 % of it is 1 % of the distance");

    static final Formula BACK = new Formula(
            "Return loss of a fault",
            "What comes back from there, of what was sent in; r is its share of the voltage.",
            "R",
            "−20·log10(r)",
            "Inverse transform of the windowed reflection",
            "±1 dB; behind another fault it looks smaller than it is");

    static final Formula FROM_OPEN = new Formula(
            "Loss from an open end",
            "What comes back from an open end has gone the cable twice.",
            "L",
            "−10·log10(r)",
            "All is thrown back at an open end",
            "±0.3 dB, in the middle of the sweep; a fault on the way adds to it");

    static final Formula REACH = new Formula(
            "How far a sweep looks",
            "Beyond that its steps are too wide: what is further looks nearer.",
            "r",
            "299.792458·v ÷ (2·s)",
            "Sampling in frequency",
            "As good as the velocity factor");

    static final Formula RESOLUTION = new Formula(
            "How near a sweep tells apart",
            "The wider it is, the finer it looks.",
            "r",
            WIDE + "·299.792458·v ÷ b",
            "Width at half height of a Blackman window (Harris, Proc. IEEE 66, 1978)",
            "A tenth");

    private static final double C = 299_792_458.0;
    private static final int PLACES = 1024;
    /** Of the strongest; weaker ones may be the window's own. */
    private static final double LEAST_SHARE = 0.005;
    /** And under this, noise. */
    private static final double LEAST = 0.003;
    /** Frequencies may stand so far from even, of their step. */
    private static final double EVEN = 0.02;

    private static final int FEWEST = 16;
    private static final int MOST_ECHOES = 6;

    private final double low;
    private final double step;
    private final int count;
    private final double[] along;

    /**
     * Something that throws back.
     *
     * @param metres from the end that is measured into
     * @param share of the voltage that comes back
     * @param place how that was worked out
     * @param back its return loss
     */
    public record Echo(double metres, double share, Worked place, Worked back) {}

    private CableSweep(double low, double step, Complex[] waves) {
        this.low = low;
        this.step = step;
        this.count = waves.length;
        double[] window = IntStream.range(0, count)
                .mapToDouble(i -> window((i + 0.5) / count))
                .toArray();
        double all = Arrays.stream(window).sum();
        this.along = IntStream.range(0, PLACES)
                .parallel()
                .mapToDouble(p -> at(waves, window, 2 * Math.PI * p / PLACES) / all)
                .toArray();
    }

    /**
     * @param into one end of the cable, the other open, shorted or on its antenna
     * @param z0 of the cable, ohms
     * @throws IllegalArgumentException where the frequencies are few or do not stand evenly
     */
    public static CableSweep of(PortData into, double z0) {
        PortData s = into.as(PortData.Kind.S);
        List<PortData.Row> rows = s.rows();
        if (rows.size() < FEWEST) {
            throw new IllegalArgumentException(
                    rows.size() + " frequencies say little of a length; give " + FEWEST + " or more");
        }
        double low = rows.get(0).frequency();
        double step = (rows.get(rows.size() - 1).frequency() - low) / (rows.size() - 1);
        for (int i = 0; i < rows.size(); i++) {
            if (Math.abs(rows.get(i).frequency() - low - i * step) > EVEN * step) {
                throw new IllegalArgumentException("The frequencies do not stand evenly at "
                        + rows.get(i).frequency() / 1e6 + " MHz; sweep by equal steps");
            }
        }
        double reference = s.references().get(0);
        return new CableSweep(
                low,
                step,
                rows.stream()
                        .map(r -> counted(r.values().get(0).get(0), reference, z0))
                        .toArray(Complex[]::new));
    }

    /** A wave counted on one impedance, counted on another. */
    private static Complex counted(Complex wave, double on, double other) {
        double k = (on - other) / (on + other);
        return wave.add(k).divide(wave.multiply(k).add(1));
    }

    /** By Horner's rule, the turn from one frequency to the next being the same all along. */
    private static double at(Complex[] waves, double[] window, double turn) {
        double c = Math.cos(turn);
        double s = Math.sin(turn);
        double re = 0;
        double im = 0;
        for (int i = waves.length - 1; i >= 0; i--) {
            double next = re * c - im * s + window[i] * waves[i].getReal();
            im = re * s + im * c + window[i] * waves[i].getImaginary();
            re = next;
        }
        return Math.hypot(re, im);
    }

    /** Blackman's: what is beside a strong echo stays under a thousandth of it. */
    private static double window(double at) {
        return 0.42 - 0.5 * Math.cos(2 * Math.PI * at) + 0.08 * Math.cos(4 * Math.PI * at);
    }

    private double cell(double velocity) {
        return reach(velocity).value() / PLACES;
    }

    /** So far away something still stands where it is; what is further looks nearer. */
    public Worked reach(double velocity) {
        return Worked.of(REACH)
                .typed("v", "velocity factor", velocity, "", 4)
                .computed("s", "step of the sweep", step / 1e6, "MHz", 6)
                .gives(velocity * C / (2 * step), "m", 0);
    }

    /** So near two things are told apart. */
    public Worked resolution(double velocity) {
        return Worked.of(RESOLUTION)
                .typed("v", "velocity factor", velocity, "", 4)
                .computed("b", "width of the sweep", step * count / 1e6, "MHz", 4)
                .gives(WIDE * velocity * C / (step * count), "m", 2);
    }

    /** In the middle of the sweep, hertz. */
    public double middle() {
        return low + step * (count - 1) / 2;
    }

    /** What comes back from each place, of the voltage; evenly from the beginning to the {@link #reach}. */
    public double[] along() {
        return along.clone();
    }

    /**
     * What throws back most, the nearest first; what stands in the first cell is the connector that is measured into.
     *
     * @param velocity of a wave on it, over that in the open
     */
    public List<Echo> echoes(double velocity) {
        return peaks().map(i -> echo(i, velocity)).toList();
    }

    private IntStream candidates() {
        double most = Arrays.stream(along).max().orElse(0);
        return IntStream.range(1, PLACES - 1)
                .filter(i -> along[i] >= along[i - 1]
                        && along[i] > along[i + 1]
                        && along[i] > LEAST_SHARE * most
                        && along[i] > LEAST);
    }

    private Stream<Integer> peaks() {
        return candidates()
                .boxed()
                .sorted(Comparator.comparingDouble(i -> -along[i]))
                .limit(MOST_ECHOES)
                .sorted();
    }

    /** Between the places by the parabola through the top three. */
    private Echo echo(int i, double velocity) {
        double bend = along[i - 1] - 2 * along[i] + along[i + 1];
        double off = bend == 0 ? 0 : 0.5 * (along[i - 1] - along[i + 1]) / bend;
        double share = along[i] - 0.25 * (along[i - 1] - along[i + 1]) * off;
        double metres = (i + off) * cell(velocity);
        double ns = 2e9 * metres / (velocity * C);
        return new Echo(
                metres,
                share,
                Worked.of(PLACE)
                        .typed("v", "velocity factor", velocity, "", 3)
                        .computed("t", "there and back", ns, "ns", 3)
                        .gives(metres, "m", 2, resolution(velocity).value() / 2),
                Worked.of(BACK).computed("r", "comes back", share, "", 5).gives(-20 * Math.log10(share), "dB", 1, 1));
    }

    /** What the cable takes one way in the middle of the sweep, its far end being open or shorted; empty where nothing comes back. */
    Optional<Worked> lossFromEnd() {
        // A share needs no velocity.
        return echoes(1).stream()
                .max(Comparator.comparingDouble(Echo::share))
                .map(e -> Worked.of(FROM_OPEN)
                        .computed("r", "comes back", e.share, "", 5)
                        .gives(-10 * Math.log10(e.share), "dB", 2, 0.3));
    }
}
