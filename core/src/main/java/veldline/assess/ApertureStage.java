package veldline.assess;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Radiation;
import veldline.coverage.Pattern;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.line.Mismatch;

/** What an antenna with an opening does, by the field over it. */
final class ApertureStage {
    private static final String METHOD = "Field over the opening (Balanis, Antenna Theory, 3rd ed., §12 to §15)";
    private static final String GOOD_TO =
            "The beam and its first lobes to 1 dB; to the sides and behind, where edges and stays decide, ±6 dB";

    private static final Formula FRONT_TO_BACK =
            new Formula("Front to back", "Gain straight ahead less gain straight back.", "F", "a − b", METHOD, GOOD_TO);
    private static final Formula WIDTH = new Formula(
            "Width to half power", "Both sides of the beam, down to half power.", "W", "2·a", METHOD, "±3 % of it");
    private static final Formula AIM = new Formula(
            "Aim error that costs 1 dB", "Off the beam in the level plane.", "A", "a", METHOD, "±3 % of it");
    private static final Formula PART = new Formula(
            "At its socket",
            "By its return loss as typed, whose phase nobody knows, or by a patch's own resonance.",
            "Z",
            "z",
            "IEEE Std 145, input impedance",
            "A gate only: what is typed is measured or claimed");

    /** What decides the figures. */
    record Input(ApertureDesign design, double frequency) {}

    private ApertureStage() {}

    /** @throws IllegalArgumentException where its measures make nothing that sends */
    static OpeningLook look(Input in) {
        Radiation r = in.design.radiation(in.frequency);
        return new OpeningLook(
                figures(in, r),
                r.ceiling(),
                r.losses(),
                in.design.of().schools(in.design, in.frequency),
                in.design.of().watch(in.design, in.frequency));
    }

    private static AntennaFigures figures(Input in, Radiation r) {
        double ahead = r.gain().value();
        double back = r.dbi(180, 0);
        Complex z = r.feed();
        double level = in.design.upright() ? 90 : 0;
        return new AntennaFigures(
                r.gain(),
                Worked.of(FRONT_TO_BACK)
                        .computed("a", "straight ahead", ahead, "dBi", 2)
                        .computed("b", "straight back", back, "dBi", 2)
                        .gives(ahead - back, "dB", 0, 6),
                width(r.edge(10 * Math.log10(2), 0)),
                width(r.edge(10 * Math.log10(2), 90)),
                Worked.of(PART).computed("z", "resistance", z.getReal(), "Ω", 2).gives(z.getReal(), "Ω", 0),
                Worked.of(PART)
                        .computed("z", "reactance", z.getImaginary(), "Ω", 2)
                        .gives(z.getImaginary(), "Ω", 0),
                Mismatch.workedSwr(z, 50, "the antenna"),
                cut(r, 0),
                cut(r, 90),
                r.edge(1, level).stream()
                        .mapToObj(a -> Worked.of(AIM)
                                .computed("a", "where 1 dB is lost", a, "°", 3)
                                .gives(a, "°", 1, 0.03 * a))
                        .findFirst(),
                List.of(),
                0);
    }

    private static Optional<Worked> width(OptionalDouble edge) {
        return edge.stream()
                .filter(a -> a < 90)
                .mapToObj(a -> Worked.of(WIDTH)
                        .computed("a", "to one side", a, "°", 3)
                        .gives(2 * a, "°", a < 5 ? 1 : 0, 0.06 * a))
                .findFirst();
    }

    private static List<Double> cut(Radiation r, double around) {
        return IntStream.rangeClosed(0, 180).mapToObj(deg -> r.dbi(deg, around)).toList();
    }

    /** Gain all round, its beam along the azimuth 0. */
    static Pattern pattern(Input in) {
        Radiation r = in.design.radiation(in.frequency);
        double gain = r.gain().value();
        double[][] falls = new double[181][];
        // Between the four quarters the pattern is the same, so one is told and the rest are read from it.
        for (int theta = 0; theta <= 180; theta++) {
            falls[theta] = new double[19];
            for (int k = 0; k <= 18; k++) {
                falls[theta][k] = r.fall(theta, 5.0 * k);
            }
        }
        return Pattern.of((azimuth, elevation) -> {
            double a = Math.toRadians(azimuth);
            double e = Math.toRadians(elevation);
            double ahead = Math.cos(e) * Math.cos(a);
            double side = Math.abs(Math.cos(e) * Math.sin(a));
            double up = Math.abs(Math.sin(e));
            double along = in.design.upright() ? up : side;
            double across = in.design.upright() ? side : up;
            double theta = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, ahead))));
            double phi = Math.toDegrees(Math.atan2(across, along));
            int t = (int) Math.min(179, theta);
            double share = theta - t;
            int k = (int) Math.round(phi / 5);
            return gain + falls[t][k] * (1 - share) + falls[t + 1][k] * share;
        });
    }
}
