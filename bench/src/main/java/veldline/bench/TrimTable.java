package veldline.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Made;
import veldline.antenna.Yagi;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.line.Mismatch;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.trim.Between;
import veldline.trim.SweepPoint;
import veldline.trim.Suspect;
import veldline.trim.TrimAdvice;
import veldline.trim.TrimAdviser;
import veldline.trim.TrimMeasure;

/**
 * The trimming adviser on a hundred seeds for each measure: a hundredth of a wave too long or too short, 11 points of SWR with a noise of
 * 0.05, the truth on a finer mesh than any it uses.
 */
final class TrimTable {
    private static final double C = 299_792_458.0;
    private static final double OFF = 0.01;
    private static final double NOISE = 0.05;
    private static final int SEEDS = 100;
    private static final int POINTS = 11;
    private static final double SPAN = 0.04;
    private static final double FINER = 2.6;

    private TrimTable() {}

    private record Case(Made made, double frequency) {}

    private static List<Case> cases() {
        Metal metal = Metal.ALUMINIUM;
        Made quad = Families.wires("quad").design(new Family.Wish(150.1e6, 1.0, 0.003, Metal.COPPER, true));
        return List.of(
                new Case(Yagi.forCount(150.1e6, 3, Quantity.of("6", Unit.MM), metal, true), 150.1e6),
                new Case(Yagi.forCount(433e6, 5, Quantity.of("6", Unit.MM), metal, true), 433e6),
                new Case(quads((veldline.antenna.Design) quad, "2"), 150.1e6),
                new Case(quads((veldline.antenna.Design) quad, "3"), 150.1e6),
                new Case(Yagi.forCount(2437e6, 11, Quantity.of("1.6", Unit.MM), metal, true), 2437e6));
    }

    private static Made quads(veldline.antenna.Design one, String loops) {
        return one.withSize(0, Quantity.of(loops, Unit.ONE)).tuned(150.1e6);
    }

    static void print() {
        System.out.println("| antenna | measure | off, mm | bound, of it | named rightly | and within a fifth | wrong and sure"
                + " | cannot tell |");
        System.out.println("|---|---|---|---|---|---|---|---|");
        for (Case c : cases()) {
            List<Double> swept = IntStream.range(0, POINTS)
                    .mapToObj(i -> c.frequency * (1 - SPAN + 2 * SPAN * i / (POINTS - 1)))
                    .toList();
            long begun = System.nanoTime();
            TrimAdviser adviser = new TrimAdviser(c.made, swept, new Between.Straight(), 50, () -> true);
            double set = (System.nanoTime() - begun) / 1e9;
            double first = 0;
            for (int m = 0; m < adviser.measures().size(); m++) {
                for (double side : new double[] {-1, 1}) {
                    double seconds = row(c, adviser, swept, m, side * OFF * C / c.frequency);
                    first = first == 0 ? seconds : first;
                }
            }
            System.out.printf(
                    Locale.ROOT, "| %s | set up %.1f s, first answer %.1f s | | | | | | |%n", c.made.title(), set, first);
        }
    }

    /** @return seconds its first answer took */
    private static double row(Case c, TrimAdviser adviser, List<Double> swept, int measure, double by) {
        TrimMeasure of = adviser.measures().get(measure);
        FieldSolver solver = new FieldSolver(
                of.varied(by), MeshRule.standard(c.frequency).finer(FINER), () -> true);
        double[] truth = swept.stream()
                .mapToDouble(f -> Mismatch.swr(solver.at(f).impedances().get(0), 50))
                .toArray();
        int[] count = new int[4];
        double bound = 0;
        double seconds = 0;
        for (int seed = 0; seed < SEEDS; seed++) {
            List<SweepPoint> sweep = noisy(swept, truth, new Random(7919L * measure + seed));
            long begun = System.nanoTime();
            TrimAdvice a = adviser.advice(sweep, NOISE);
            seconds = seconds == 0 ? (System.nanoTime() - begun) / 1e9 : seconds;
            bound += adviser.bounds(sweep, NOISE).get(measure) / SEEDS;
            Suspect found = a.suspects().get(0);
            if (a.verdict() != TrimAdvice.Verdict.ONE) {
                count[3]++;
            } else if (found.measure().equals(of)) {
                count[0]++;
                count[1] += Math.abs(found.offBy() - by) < Math.abs(by) / 5 ? 1 : 0;
            } else {
                count[2]++;
            }
        }
        System.out.printf(
                Locale.ROOT,
                "| %s | %s | %+.1f | %.2f | %d | %d | %d | %d |%n",
                c.made.title(),
                of.name(),
                1000 * by,
                bound / Math.abs(by),
                count[0],
                count[1],
                count[2],
                count[3]);
        return seconds;
    }

    private static List<SweepPoint> noisy(List<Double> swept, double[] truth, Random random) {
        List<SweepPoint> points = new ArrayList<>();
        Arrays.stream(truth)
                .forEach(swr -> points.add(SweepPoint.of(
                        Quantity.shown(swept.get(points.size()), Unit.MHZ, 4),
                        Quantity.shown(Math.max(1, swr + NOISE * random.nextGaussian()), Unit.ONE, 3))));
        return points;
    }
}
