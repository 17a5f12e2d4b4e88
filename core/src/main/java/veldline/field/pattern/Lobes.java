package veldline.field.pattern;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;

/**
 * What a pattern does off its beam (IEEE Std 145).
 *
 * @param sideLobeDb how far the highest other lobe lies under the boresight; empty where there is none
 * @param rearDb boresight over the greatest gain of the rear, the half sphere behind; empty over ground
 */
public record Lobes(Optional<Double> sideLobeDb, Optional<Double> rearDb) {
    private static final double STEP = 2;

    /** @param boresight the direction of the beam */
    public static Lobes of(RadiatedField field, Direction boresight) {
        double most = field.intensity(boresight);
        double rear = 0;
        double side = 0;
        int rings = (int) (180 / STEP);
        int spokes = (int) (360 / STEP);
        double[][] grid = new double[rings + 1][spokes];
        Vec ahead = boresight.vector();
        Vec across = boresight.thetaHat();
        Vec up = boresight.phiHat();
        for (int i = 0; i <= rings; i++) {
            double off = Math.toRadians(i * STEP);
            for (int j = 0; j < spokes; j++) {
                double turn = Math.toRadians(j * STEP);
                Vec d = ahead.times(Math.cos(off))
                        .plus(across.times(Math.sin(off) * Math.cos(turn)))
                        .plus(up.times(Math.sin(off) * Math.sin(turn)));
                grid[i][j] = field.intensity(Direction.of(d));
                rear = i * STEP >= 90 ? Math.max(rear, grid[i][j]) : rear;
            }
        }
        for (int i = 1; i <= rings; i++) {
            for (int j = 0; j < spokes; j++) {
                if (peak(grid, i, j) && leaves(grid, i, j)) {
                    side = Math.max(side, grid[i][j]);
                }
            }
        }
        Optional<Double> lobe = side > most * 1e-6 ? Optional.of(10 * Math.log10(most / side)) : Optional.empty();
        return new Lobes(
                lobe, field.overGround() || rear == 0 ? Optional.empty() : Optional.of(10 * Math.log10(most / rear)));
    }

    /** Whether no neighbour is stronger. */
    private static boolean peak(double[][] grid, int i, int j) {
        int spokes = grid[0].length;
        double here = grid[i][j];
        for (int di = -1; di <= 1; di++) {
            int ring = i + di;
            if (ring < 0 || ring >= grid.length) {
                continue;
            }
            for (int dj = -1; dj <= 1; dj++) {
                if (grid[ring][(j + dj + spokes) % spokes] > here * (1 + 1e-9)) {
                    return false;
                }
            }
        }
        return here > 0;
    }

    /** Whether every way to the boresight leads through a place a tenth of a decibel lower: else it is the beam itself. */
    private static boolean leaves(double[][] grid, int i, int j) {
        int spokes = grid[0].length;
        double least = grid[i][j] * 0.977;
        boolean[][] seen = new boolean[grid.length][spokes];
        Deque<int[]> open = new ArrayDeque<>(List.of(new int[] {i, j}));
        seen[i][j] = true;
        while (!open.isEmpty()) {
            int[] at = open.pop();
            if (at[0] == 0) {
                return false;
            }
            boolean last = at[0] == grid.length - 1;
            for (int[] by : new int[][] {{-1, 0}, {1, 0}, {0, -1}, {0, 1}}) {
                int ring = Math.min(at[0] + by[0], grid.length - 1);
                int spoke = (at[1] + by[1] + spokes) % spokes;
                // The last ring is one point, straight back.
                if (!seen[ring][spoke] && (grid[ring][spoke] >= least || last && ring == at[0])) {
                    seen[ring][spoke] = true;
                    open.push(new int[] {ring, spoke});
                }
            }
        }
        return true;
    }
}
