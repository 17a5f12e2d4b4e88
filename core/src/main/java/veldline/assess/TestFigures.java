package veldline.assess;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.Polarized;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.path.FreeSpace;
import veldline.path.HeightSearch;
import veldline.path.Passage;
import veldline.prove.Heard;
import veldline.prove.HeightTurn;
import veldline.prove.PatternTurn;
import veldline.prove.PolarTurn;
import veldline.prove.SideBySide;
import veldline.prove.Substitution;
import veldline.prove.Survey;
import veldline.prove.Turn;
import veldline.prove.TurnReading;
import veldline.prove.Turned;
import veldline.raise.Aim;

/**
 * What follows from the tests at the place, beside what was worked out.
 *
 * @param pattern of a turn about its mast; empty where it was not made or the antenna is not solved
 * @param height of a search by height
 * @param polarization of a turn about its beam
 * @param laid what was worked out over each setting, as high as the readings lie
 * @param farField distance from which on its pattern is formed; empty where nobody knows how large it is
 * @param sides gain beside a known antenna
 * @param survey who is heard
 */
public record TestFigures(
        Optional<PatternTurn> pattern,
        Optional<HeightTurn> height,
        Optional<PolarTurn> polarization,
        Map<Turned, List<Laid>> laid,
        Optional<Worked> farField,
        Optional<Substitution> sides,
        Optional<Survey> survey) {
    static final Formula FAR = new Formula(
            "Far field from",
            "Twice the square of the greatest measure over the wavelength: nearer, its sides are not equally far away.",
            "R",
            "2·d^2 ÷ l",
            "IEEE Std 149-2021, far-field criterion",
            "Phase within 22.5° across the antenna; low side lobes want twice as far");

    private static final double LEAST = 0.5;
    private static final int HEIGHTS = 160;

    /** A place of what was worked out: setting and level, dBm. */
    public record Laid(double at, double level) {}

    /** All that the figures follow from. */
    record Input(
            List<Turn> turns,
            List<Heard> survey,
            SideBySide sides,
            double confidence,
            Optional<Beam> beam,
            Passage passage,
            double height,
            double longest,
            double frequency) {
        static Input of(Job job, Optional<AntennaFigures> antenna, PathFigures path) {
            boolean upright = job.antenna(job.madeNear())
                    .polarized()
                    .filter(Polarized::upright)
                    .isPresent();
            return new Input(
                    job.prove().turns(),
                    job.prove().survey(),
                    job.prove().sides(),
                    job.prove().confidence().value() / 100,
                    antenna.flatMap(f -> f.levelWidth(upright).map(w -> new Beam(f.levelCut(upright), w.value()))),
                    path.passage(),
                    job.brief().near().height().value(),
                    job.antenna(job.madeNear()).longest(),
                    job.brief().frequency().value());
        }

        private List<TurnReading> turned(Turned what) {
            return turns.stream()
                    .filter(t -> t.what() == what)
                    .findFirst()
                    .map(Turn::readings)
                    .orElse(List.of());
        }

        TestFigures figures() {
            Optional<PatternTurn> pattern = beam.flatMap(b -> PatternTurn.of(turned(Turned.BEARING), b.cut, b.width));
            Optional<PolarTurn> polar = PolarTurn.of(turned(Turned.POLARIZATION));
            double wavelength = FreeSpace.wavelength(frequency);
            return new TestFigures(
                    pattern,
                    HeightTurn.of(turned(Turned.HEIGHT), height),
                    polar,
                    Map.of(
                            Turned.BEARING, bearing(pattern),
                            Turned.HEIGHT, heights(),
                            Turned.POLARIZATION, polar.map(Input::angles).orElse(List.of())),
                    longest > 0
                            ? Optional.of(Worked.of(FAR)
                                    .computed("d", "greatest measure", longest, "m", 4)
                                    .computed("l", "wavelength", wavelength, "m", 6)
                                    .gives(2 * longest * longest / wavelength, "m", 1))
                            : Optional.empty(),
                    Substitution.of(sides, confidence),
                    Survey.of(survey, confidence));
        }

        private List<Laid> bearing(Optional<PatternTurn> pattern) {
            return pattern.flatMap(p -> beam.map(b -> IntStream.rangeClosed(0, 360)
                            .mapToObj(deg -> new Laid(
                                    deg,
                                    p.aim().top()
                                            + Aim.relative(
                                                    b.cut,
                                                    Aim.off(deg, p.aim().mark().value()))))
                            .toList()))
                    .orElse(List.of());
        }

        private static List<Laid> angles(PolarTurn p) {
            return IntStream.rangeClosed(0, 180)
                    .mapToObj(d -> new Laid(d, p.law().level(d)))
                    .toList();
        }

        /** By what the ground gives at every height, as high as the readings lie in their middle; over water that has run out. */
        private List<Laid> heights() {
            List<TurnReading> readings = turned(Turned.HEIGHT);
            if (readings.isEmpty()) {
                return List.of();
            }
            double zero = passage.way().standing(true, 0);
            double top =
                    readings.stream().mapToDouble(r -> r.at().value()).max().orElseThrow();
            List<HeightSearch.Found> curve =
                    HeightSearch.curve(passage.withRange(0), zero + LEAST, zero + Math.max(top, height) + 1, HEIGHTS);
            double[] apart = readings.stream()
                    .mapToDouble(r -> r.level().value() - at(curve, zero + r.at().value()))
                    .sorted()
                    .toArray();
            double lift = apart[apart.length / 2];
            return curve.stream()
                    .map(c -> new Laid(c.height() - zero, c.worstDb() + lift))
                    .toList();
        }

        private static double at(List<HeightSearch.Found> curve, double height) {
            double step = curve.get(1).height() - curve.get(0).height();
            int i = (int) Math.round((height - curve.get(0).height()) / step);
            return curve.get(Math.max(0, Math.min(i, curve.size() - 1))).worstDb();
        }
    }

    /** A solved beam in the level plane. */
    record Beam(List<Double> cut, double width) {}
}
