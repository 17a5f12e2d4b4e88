package veldline.assess;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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

    private static final Formula FRONT_TO_BACK = new Formula(
            "Front to back",
            "Gain straight ahead less gain straight back. No opening throws less behind itself than its edges and stays do, about −8 dBi,"
                    + " which is taken where the sum over it says less.",
            "F",
            "a − b",
            METHOD,
            GOOD_TO);
    private static final Formula WIDTH = new Formula(
            "Width to half power",
            "Between the two directions where the level is down to half.",
            "W",
            "a + b",
            METHOD,
            "±3 % of it");
    private static final Formula AIM = new Formula(
            "Aim error that costs 1 dB", "The smaller of the two sides of the beam.", "A", "a", METHOD, "±3 % of it");

    /** What decides the figures. */
    record Input(ApertureDesign design, double frequency) {}

    /** Half planes from the axis over a whole turn: a fan is not alike above and below. */
    private static final int TURN = 72;

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
        double level = in.design.upright() ? 90 : 0;
        return new AntennaFigures(
                r.gain(),
                Worked.of(FRONT_TO_BACK)
                        .computed("a", "straight ahead", ahead, "dBi", 2)
                        .computed("b", "straight back", back, "dBi", 2)
                        .gives(ahead - back, "dB", 0, 6),
                width(r, 0),
                width(r, 90),
                r.feed().resistance(),
                r.feed().reactance(),
                Mismatch.workedSwr(r.feed().impedance(), 50, "the antenna"),
                cut(r, 0),
                cut(r, 90),
                Stream.of(r.edge(1, level), r.edge(1, level + 180))
                        .flatMapToDouble(OptionalDouble::stream)
                        .boxed()
                        .min(Double::compare)
                        .map(a -> Worked.of(AIM)
                                .computed("a", "where 1 dB is lost", a, "°", 3)
                                .gives(a, "°", 1, 0.03 * a)),
                List.of(),
                0);
    }

    /** Of the plane at an angle around the axis; empty where it never falls so far before it is square to the axis. */
    private static Optional<Worked> width(Radiation r, double around) {
        double half = 10 * Math.log10(2);
        OptionalDouble one = r.edge(half, around);
        OptionalDouble other = r.edge(half, around + 180);
        if (one.isEmpty() || other.isEmpty() || Math.max(one.getAsDouble(), other.getAsDouble()) >= 90) {
            return Optional.empty();
        }
        double whole = one.getAsDouble() + other.getAsDouble();
        return Optional.of(Worked.of(WIDTH)
                .computed("a", "to one side", one.getAsDouble(), "°", 3)
                .computed("b", "to the other", other.getAsDouble(), "°", 3)
                .gives(whole, "°", whole < 10 ? 1 : 0, 0.03 * whole));
    }

    private static List<Double> cut(Radiation r, double around) {
        return IntStream.rangeClosed(0, 180).mapToObj(deg -> r.dbi(deg, around)).toList();
    }

    /** Gain all round, its axis along the azimuth 0 and level. */
    static Pattern pattern(Input in) {
        OpeningField field = new OpeningField(in.design, in.frequency);
        Radiation r = field.radiation();
        double gain = r.gain().value();
        double[][] falls = new double[181][];
        for (int theta = 0; theta <= 180; theta++) {
            falls[theta] = new double[TURN];
            for (int k = 0; k < TURN; k++) {
                falls[theta][k] = r.fall(theta, 360.0 * k / TURN);
            }
        }
        return Pattern.of((azimuth, elevation) -> {
            double a = Math.toRadians(azimuth);
            double e = Math.toRadians(elevation);
            OpeningField.Off off = field.off(Math.cos(e) * Math.cos(a), Math.cos(e) * Math.sin(a), Math.sin(e));
            double theta = off.theta();
            double phi = off.phi();
            int t = (int) Math.min(179, theta);
            double share = theta - t;
            int k = Math.floorMod((int) Math.round(phi / 360 * TURN), TURN);
            return gain + falls[t][k] * (1 - share) + falls[t + 1][k] * share;
        });
    }
}
