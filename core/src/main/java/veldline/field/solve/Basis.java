package veldline.field.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import veldline.field.solve.Mesh.Arm;

/** The current functions that are even in some planes of symmetry and odd in others, and where in a matrix they belong. */
final class Basis {
    private static final int SEVERAL = -1;
    private static final double NOTHING = 1e-9;

    /** Which planes the currents are odd in, one bit for each. */
    final int odd;

    final int size;
    /** On the whole mesh. */
    private final List<List<Arm>> functions;

    private final int images;
    /** For each end of each segment solved for (2·segment + end) the functions that are there, and their values. */
    private final int[][] functionAt;

    private final double[][] signAt;
    /** The function of each end that has just one, as most have, or {@link #SEVERAL}. */
    private final int[] onlyFunction;

    private final double[] onlySign;

    Basis(Mesh mesh, Symmetry symmetry, int odd) {
        this.odd = odd;
        this.images = symmetry.images();
        this.functions = symmetry.planes() == 0 ? mesh.functions() : reduced(mesh, symmetry, odd);
        this.size = functions.size();
        int[] part = symmetry.part();
        int[] place = new int[mesh.segments().size()];
        Arrays.fill(place, -1);
        for (int a = 0; a < part.length; a++) {
            place[part[a]] = a;
        }
        List<List<Integer>> owners = new ArrayList<>();
        List<List<Double>> signs = new ArrayList<>();
        for (int e = 0; e < 2 * part.length; e++) {
            owners.add(new ArrayList<>());
            signs.add(new ArrayList<>());
        }
        for (int n = 0; n < size; n++) {
            for (Arm arm : functions.get(n)) {
                if (place[arm.segment()] >= 0) {
                    owners.get(2 * place[arm.segment()] + arm.end()).add(n);
                    signs.get(2 * place[arm.segment()] + arm.end()).add(arm.sign());
                }
            }
        }
        this.functionAt =
                owners.stream().map(l -> l.stream().mapToInt(i -> i).toArray()).toArray(int[][]::new);
        this.signAt = signs.stream()
                .map(l -> l.stream().mapToDouble(d -> d).toArray())
                .toArray(double[][]::new);
        this.onlyFunction = Arrays.stream(functionAt)
                .mapToInt(f -> f.length == 1 ? f[0] : SEVERAL)
                .toArray();
        this.onlySign =
                Arrays.stream(signAt).mapToDouble(f -> f.length == 1 ? f[0] : 0).toArray();
    }

    /** Every function with its images, each set once: what is left of the others is taken out until nothing is. */
    private static List<List<Arm>> reduced(Mesh mesh, Symmetry symmetry, int odd) {
        Map<Integer, TreeMap<Integer, Double>> byFirst = new HashMap<>();
        List<List<Arm>> kept = new ArrayList<>();
        for (List<Arm> function : mesh.functions()) {
            TreeMap<Integer, Double> sum = new TreeMap<>();
            for (int g = 0; g < symmetry.images(); g++) {
                for (Arm arm : function) {
                    Arm there = symmetry.image(arm, g);
                    add(sum, 2 * there.segment() + there.end(), Symmetry.sign(g, odd) * there.sign());
                }
            }
            while (!sum.isEmpty() && byFirst.containsKey(sum.firstKey())) {
                TreeMap<Integer, Double> known = byFirst.get(sum.firstKey());
                double share = sum.firstEntry().getValue() / known.firstEntry().getValue();
                known.forEach((end, sign) -> add(sum, end, -share * sign));
            }
            if (!sum.isEmpty()) {
                double most = sum.values().stream().mapToDouble(Math::abs).max().orElseThrow();
                sum.replaceAll((end, sign) -> sign / most);
                byFirst.put(sum.firstKey(), sum);
                kept.add(sum.entrySet().stream()
                        .map(e -> new Arm(e.getKey() / 2, e.getKey() % 2, e.getValue()))
                        .toList());
            }
        }
        return List.copyOf(kept);
    }

    private static void add(Map<Integer, Double> sum, int end, double sign) {
        double now = sum.getOrDefault(end, 0.0) + sign;
        if (Math.abs(now) < NOTHING) {
            sum.remove(end);
        } else {
            sum.put(end, now);
        }
    }

    /** The sign an image takes. */
    double sign(int image) {
        return Symmetry.sign(image, odd);
    }

    /** What counts at ends of segments (2·segment + end) carried over to functions; the share of one image set. */
    double[] tested(double[] atEnds) {
        double[] sums = new double[size];
        for (int n = 0; n < size; n++) {
            for (Arm arm : functions.get(n)) {
                sums[n] += arm.sign() * atEnds[2 * arm.segment() + arm.end()] / images;
            }
        }
        return sums;
    }

    /** Adds currents by function to those at ends of segments. */
    void spread(double[] byFunction, double[] atEnds) {
        for (int n = 0; n < size; n++) {
            for (Arm arm : functions.get(n)) {
                atEnds[2 * arm.segment() + arm.end()] += arm.sign() * byFunction[n];
            }
        }
    }

    /**
     * Adds one value to every pair of functions that meet at two ends of segments solved for, on one side of the diagonal
     * only; what a segment does to itself is given by half. Columns are walked along, which is what the cache likes.
     */
    void place(ComplexMatrix z, int end, int other, double re, double im) {
        int row = onlyFunction[end];
        int column = onlyFunction[other];
        if (row >= 0 && column >= 0) {
            double sign = onlySign[end] * onlySign[other];
            z.re[row][column] += sign * re;
            z.im[row][column] += sign * im;
            return;
        }
        placeAll(z, end, other, re, im);
    }

    private void placeAll(ComplexMatrix z, int end, int other, double re, double im) {
        int[] rows = functionAt[end];
        int[] columns = functionAt[other];
        for (int m = 0; m < rows.length; m++) {
            for (int n = 0; n < columns.length; n++) {
                double sign = signAt[end][m] * signAt[other][n];
                z.add(columns[n], rows[m], sign * re, sign * im);
            }
        }
    }
}
