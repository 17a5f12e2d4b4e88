package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.antenna.YagiDimension;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Sensitivity;
import veldline.field.pattern.Yield;
import veldline.field.solve.MeshRule;
import veldline.line.Mismatch;

/**
 * How exactly a Yagi has to be cut and drilled.
 *
 * @param swr what is to be kept; the least of a few that the antenna itself is under
 * @param lengths by how much each element may be longer or shorter, all else being right, millimetres
 * @param places likewise along the boom; the reflector, from which they are counted, has none
 * @param kept of a hundred cut with rule and file, how many keep it
 */
public record ToleranceFigures(double swr, List<Worked> lengths, List<Optional<Worked>> places, Worked kept) {
    /** What a rule, a saw and a file come to, metres either way. */
    public static final double BY_HAND = 0.5e-3;

    private static final double[] SWR = {1.5, 2, 3};
    /** From so many millimetres on, whole ones will do. */
    private static final double COARSE = 9.95;

    private static final String SOURCE = "Slopes of the impedance by the adjoint of the solved currents (Georgieva and"
            + " others, IEEE Trans. MTT 50, 2002); a limit of SWR is a circle of impedances";

    static final Formula TOLERANCE = new Formula(
            "How far it may be off",
            "How much longer or shorter, or out of place, this one may be with all others right until the SWR at the feed"
                    + " reaches the limit; the worse of the two ways.",
            "T",
            "(sqrt(e^2 + s^2·(q^2 − d^2)) − e) ÷ s^2",
            SOURCE,
            "A straight line: to a fifth up to a hundredth of a wavelength, beyond that it bends");
    static final Formula KEPT = new Formula(
            "Kept of a hundred",
            "Antennas drawn by chance, every length and place off by up to so much either way, all at once; how many stay"
                    + " under the SWR.",
            "K",
            "100·n ÷ m",
            SOURCE + "; a Monte Carlo count that comes out the same every time",
            "±2 by chance; all errors alike in one direction, as from a rule read wrongly, are worse");

    public ToleranceFigures {
        lengths = List.copyOf(lengths);
        places = List.copyOf(places);
    }

    /**
     * What decides them.
     *
     * @param z0 of the line SWR is counted on, ohms
     */
    record Input(YagiShape yagi, double frequency, double z0) {}

    /** Empty where the SWR is over every limit as it is, so that there is nothing to keep. */
    static Optional<ToleranceFigures> of(Input in, BooleanSupplier keepGoing) {
        YagiShape yagi = in.yagi;
        List<YagiDimension> dimensions = YagiDimension.of(yagi);
        Sensitivity about = Sensitivity.of(
                yagi.model(),
                MeshRule.standard(in.frequency),
                in.frequency,
                dimensions.stream().map(d -> d.varied(yagi)).toList(),
                keepGoing,
                false);
        double now = Mismatch.swr(about.impedance(), in.z0);
        for (double limit : SWR) {
            if (now < limit) {
                return Optional.of(of(yagi, dimensions, about, limit, in.z0));
            }
        }
        return Optional.empty();
    }

    private static ToleranceFigures of(
            YagiShape yagi, List<YagiDimension> dimensions, Sensitivity about, double limit, double z0) {
        List<Worked> lengths = new ArrayList<>();
        List<Optional<Worked>> places = new ArrayList<>(List.of(Optional.empty()));
        for (int d = 0; d < dimensions.size(); d++) {
            Worked off =
                    off(about.impedance(), about.slopes().get(d).impedance().multiply(1e-3), limit, z0);
            if (dimensions.get(d).length()) {
                lengths.add(off);
            } else {
                places.add(Optional.of(off));
            }
        }
        int kept = Yield.keeping(about, BY_HAND, limit, z0);
        return new ToleranceFigures(
                limit,
                lengths,
                places,
                Worked.of(KEPT)
                        .computed("n", "that stay under SWR " + limit, kept, "", 0)
                        .computed("m", "drawn, each measure off by up to " + BY_HAND * 1000 + " mm", Yield.DRAWN, "", 0)
                        .gives(100.0 * kept / Yield.DRAWN, "", 0, 2));
    }

    /** @param slope ohms a millimetre */
    private static Worked off(Complex z, Complex slope, double limit, double z0) {
        double rho = (limit - 1) / (limit + 1);
        double middle = z0 * (1 + rho * rho) / (1 - rho * rho);
        double radius = 2 * rho * z0 / (1 - rho * rho);
        Complex from = z.subtract(middle);
        double outwards = Math.abs(from.getReal() * slope.getReal() + from.getImaginary() * slope.getImaginary());
        double size = Math.max(1e-9, slope.norm());
        double room = radius * radius - from.norm() * from.norm();
        double millimetres = (Math.sqrt(outwards * outwards + size * size * room) - outwards) / (size * size);
        return Worked.of(TOLERANCE)
                .computed("e", "how it moves outwards, times d", outwards, "Ω²/mm", 4)
                .computed("s", "how fast the impedance moves", size, "Ω/mm", 5)
                .computed("q", "radius of the circle of SWR " + limit, radius, "Ω", 4)
                .computed("d", "where the impedance is from its middle", from.norm(), "Ω", 4)
                .gives(millimetres, "mm", millimetres < COARSE ? 1 : 0);
    }
}
