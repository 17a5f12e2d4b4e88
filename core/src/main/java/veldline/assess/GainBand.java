package veldline.assess;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Radiation;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.field.solve.SolveFailure;

/**
 * What an antenna with an opening does over a band: the same metal at one frequency after the other.
 *
 * @param points where it sends anything, from low to high
 * @param centre which of them is nearest to the frequency it is for
 */
public record GainBand(List<Point> points, int centre) {
    private static final int POINTS = 41;
    private static final double MHZ = 1e6;
    private static final double NARROW = 10e6;

    private static final Formula WITHIN = new Formula(
            "Band of its gain",
            "From the lowest to the highest frequency around the one it is for at which its gain is within so many decibels of the gain there, as"
                    + " far as it was looked at.",
            "B",
            "b − a",
            "The sums over its opening at one frequency after the other",
            "As good as the sums: the metal stays, and what is typed of it is taken to hold over the band");

    public GainBand {
        points = List.copyOf(points);
    }

    /**
     * @param frequency hertz
     * @param gain straight ahead
     * @param back straight back, dBi
     * @param feed what it is at its socket
     */
    public record Point(double frequency, Worked gain, double back, Radiation.Feed feed) {}

    /** Impedance at its socket over the band, where that follows from its measures; empty where a return loss was typed. */
    public Optional<Sweep> fed() {
        return points.size() > 1 && points.stream().allMatch(p -> p.feed.told())
                ? Optional.of(new Sweep(
                        points.stream()
                                .map(p -> new Sweep.Point(p.frequency, p.feed.impedance(), p.gain.value(), p.back))
                                .toList(),
                        points.size(),
                        0,
                        0))
                : Optional.empty();
    }

    /** Around the frequency it is for, the part in which the gain stays within so many decibels of the gain there, megahertz. */
    public Optional<Worked> within(double decibels) {
        if (points.size() < 2) {
            return Optional.empty();
        }
        double low = points.get(edge(decibels, -1)).frequency / MHZ;
        double high = points.get(edge(decibels, 1)).frequency / MHZ;
        return Optional.of(Worked.of(WITHIN)
                .computed("a", "lowest", low, "MHz", 1)
                .computed("b", "highest", high, "MHz", 1)
                .gives(high - low, "MHz", (high - low) * MHZ < NARROW ? 1 : 0));
    }

    /** Whether that reaches an end of what was looked at, and may be wider. */
    public boolean goesOn(double decibels) {
        return edge(decibels, -1) == 0 || edge(decibels, 1) == points.size() - 1;
    }

    private int edge(double decibels, int step) {
        int i = centre;
        double there = points.get(i).gain.value();
        while (i + step >= 0
                && i + step < points.size()
                && Math.abs(points.get(i + step).gain.value() - there) <= decibels) {
            i += step;
        }
        return i;
    }

    /** Around the frequency it is for, as far as its family is looked at. */
    static GainBand of(ApertureStage.Input in, BooleanSupplier goOn) {
        double half = in.design().of().span() / 2;
        List<Point> points = IntStream.range(0, POINTS)
                .parallel()
                .mapToObj(i -> in.frequency() * (1 - half + 2 * half * i / (POINTS - 1)))
                .flatMap(f -> at(in.design(), f, goOn).stream())
                .toList();
        int centre = IntStream.range(0, points.size())
                .boxed()
                .min(Comparator.comparingDouble(i -> Math.abs(points.get(i).frequency - in.frequency())))
                .orElse(0);
        return new GainBand(points, centre);
    }

    /** Empty where it lets nothing out, as a guide does under its cut-off. */
    private static Optional<Point> at(ApertureDesign d, double frequency, BooleanSupplier goOn) {
        if (!goOn.getAsBoolean()) {
            throw new SolveFailure("Called off before it was done; ask again to start anew");
        }
        try {
            Radiation r = d.radiation(frequency);
            return Optional.of(new Point(frequency, r.gain(), r.dbi(180, 0), r.feed()));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
