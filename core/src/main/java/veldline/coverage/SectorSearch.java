package veldline.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import org.hipparchus.random.HaltonSequenceGenerator;
import veldline.path.LogDistance;

/**
 * Looks for how many antennas, where, turned and tilted how, and how high, so that the worst place to be served hears most.
 * What lies between is worked out once for every mast and height; turning only reads the pattern anew. Antennas are then
 * changed one at a time until none gains any more, from several beginnings.
 *
 * @param site with the ground to be served; its antennas are where one may begin
 * @param kind an antenna as it would stand at the first mast, with what a split costs left out
 * @param frequency hertz
 * @param masts where antennas may stand
 * @param choices what may be turned to
 */
public record SectorSearch(
        Site site, Emitter kind, double frequency, Optional<LogDistance> place, List<Point> masts, Choices choices) {
    /** Of the ground to be served, this share may lie under the worst place that counts. */
    private static final double LEFT_OUT = 0.05;

    private static final int BEGINNINGS = 16;

    /** So many of them are settled on every cell. */
    private static final int KEPT = 2;

    /** As many cells as these are looked at from the first. */
    private static final int FEW = 1200;

    /** Beginnings look at every third cell each way; the best of them is then settled on all. */
    private static final int THIN = 3;

    /**
     * What an antenna may be set to.
     *
     * @param azimuths bearings, degrees
     * @param tilts under the horizontal, degrees
     * @param heights over the ground, metres
     * @param cells of the plan from west to east
     */
    public record Choices(List<Double> azimuths, List<Double> tilts, List<Double> heights, int cells) {
        /** Every ten degrees, four tilts, the heights given. */
        public static Choices usual(List<Double> heights, int cells) {
            return new Choices(
                    IntStream.range(0, 36).mapToObj(i -> 10.0 * i).toList(),
                    List.of(0.0, 4.0, 8.0, 12.0),
                    heights,
                    cells);
        }

        public Choices {
            azimuths = List.copyOf(azimuths);
            tilts = List.copyOf(tilts);
            heights = List.copyOf(heights);
        }
    }

    /** One way to set an antenna up. */
    public record Set(Point at, double height, double azimuth, double tilt) {}

    /**
     * What a number of antennas comes to.
     *
     * @param sets how they stand
     * @param worst level that 95 in 100 of the ground to be served have, dBm
     * @param mean of the levels there, dBm: what decides between equals
     */
    public record Found(List<Set> sets, double worst, double mean) {
        public Found {
            sets = List.copyOf(sets);
        }
    }

    /** On half as many cells each way, every 15°, with three tilts: many times as fast, and within a decibel or so. */
    public SectorSearch coarser() {
        return new SectorSearch(
                site,
                kind,
                frequency,
                place,
                masts,
                new Choices(
                        IntStream.range(0, 24).mapToObj(i -> 15.0 * i).toList(),
                        List.of(0.0, 6.0, 12.0),
                        choices.heights,
                        Math.max(20, choices.cells / 2)));
    }

    public SectorSearch {
        masts = List.copyOf(masts);
        if (masts.isEmpty()) {
            throw new IllegalArgumentException(
                    "There is no mast to put an antenna on; give at least one place for one");
        }
    }

    /** Cells to be served, and for every way to set one antenna up the level in each. */
    private record Table(List<Set> sets, float[][] levels, int cells) {
        /** With one cell in nine. */
        Table thinned() {
            int few = Math.max(Math.min(cells, FEW), cells / (THIN * THIN));
            if (few == cells) {
                return this;
            }
            float[][] kept = new float[levels.length][few];
            for (int s = 0; s < kept.length; s++) {
                for (int i = 0; i < few; i++) {
                    // Steps that have no factor in common with a row walk over all of the plan.
                    kept[s][i] = levels[s][(int) ((long) i * STRIDE % cells)];
                }
            }
            return new Table(sets, kept, few);
        }
    }

    private static final int STRIDE = 7919;

    /**
     * @param count of antennas that share one radio
     * @param watcher asked often; false calls it off, and the best so far is kept
     */
    public Found of(int count, LevelMap.Watcher watcher) {
        Table all = table(watcher, split(count));
        Table few = all.thinned();
        List<Settled> settled = new ArrayList<>();
        settled.add(settled(few, greedy(few, count), watcher));
        HaltonSequenceGenerator spread = new HaltonSequenceGenerator(count);
        for (int b = 1; b < BEGINNINGS && watcher.done(b, BEGINNINGS); b++) {
            int[] at = Arrays.stream(spread.nextVector())
                    .mapToInt(u -> (int) (u * all.sets.size()))
                    .toArray();
            settled.add(settled(few, at, watcher));
        }
        settled.sort((x, y) -> better(x.score, y.score) ? -1 : better(y.score, x.score) ? 1 : 0);
        Settled best = settled.stream()
                .limit(KEPT)
                .map(s -> settled(all, s.at, watcher))
                .reduce((x, y) -> better(y.score, x.score) ? y : x)
                .orElseThrow();
        return new Found(Arrays.stream(best.at).mapToObj(all.sets::get).toList(), best.score.worst, best.score.mean);
    }

    /** Where a beginning came to rest. */
    private record Settled(int[] at, Score score) {}

    private static Settled settled(Table t, int[] at, LevelMap.Watcher watcher) {
        return new Settled(at, settle(t, at, watcher));
    }

    private double split(int count) {
        return site.oneRadio() ? 10 * Math.log10(count) : 0;
    }

    /** Every way there is, tried: for small plans, to hold the search against. */
    public Found exhaustive(int count) {
        Table table = table((done, of) -> true, split(count));
        int n = table.sets.size();
        int[] at = new int[count];
        Score best = new Score(Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY);
        int[] kept = at.clone();
        do {
            Score s = score(table, at);
            if (better(s, best)) {
                best = s;
                kept = at.clone();
            }
        } while (next(at, n));
        return new Found(Arrays.stream(kept).mapToObj(table.sets::get).toList(), best.worst, best.mean);
    }

    private static boolean next(int[] at, int n) {
        for (int i = 0; i < at.length; i++) {
            if (++at[i] < n) {
                return true;
            }
            at[i] = 0;
        }
        return false;
    }

    private Table table(LevelMap.Watcher watcher, double split) {
        int columns = choices.cells;
        int rows = (int) Math.max(2, Math.round(columns * site.depth() / site.width()));
        List<double[]> cells = new ArrayList<>();
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                double x = (c + 0.5) * site.width() / columns;
                double y = (r + 0.5) * site.depth() / rows;
                if (site.serves(x, y)) {
                    cells.add(
                            new double[] {x, y, site.ground(x, y) + site.held().value()});
                }
            }
        }
        if (cells.isEmpty()) {
            throw new IllegalArgumentException(
                    "No ground of the plan is to be served; draw a zone to serve, or take out one that is not");
        }
        List<Set> sets = new ArrayList<>();
        for (Point mast : masts) {
            for (double h : choices.heights) {
                for (double a : choices.azimuths) {
                    choices.tilts.forEach(t -> sets.add(new Set(mast, h, a, t)));
                }
            }
        }
        PathRule rule = new PathRule(frequency, place);
        Shadows shadows = new Shadows(site, frequency);
        int turns = choices.azimuths.size() * choices.tilts.size();
        float[][] levels = new float[sets.size()][];
        IntStream.range(0, sets.size() / turns).parallel().forEach(g -> {
            Set first = sets.get(g * turns);
            double feeder = site.feeder().value() * site.cable(first.at, first.height);
            Emitter there = new Emitter(
                    first.at.x(), first.at.y(), first.height, 0, 0, kind.power() - split - feeder, kind.pattern());
            LevelMap.Source between = new LevelMap.Source(there, site, rule, shadows);
            double[] loss = cells.stream()
                    .mapToDouble(c -> between.loss(c[0], c[1], c[2]))
                    .toArray();
            for (int i = 0; i < turns; i++) {
                Set s = sets.get(g * turns + i);
                LevelMap.Source turned = new LevelMap.Source(there.turned(s.azimuth, s.tilt), site, rule, shadows);
                float[] level = new float[loss.length];
                for (int k = 0; k < level.length; k++) {
                    double[] c = cells.get(k);
                    level[k] = (float) (there.power() + turned.gain(c[0], c[1], c[2]) - loss[k]);
                }
                levels[g * turns + i] = level;
            }
            if (!watcher.done(0, BEGINNINGS)) {
                throw new CancellationException("Stopped before there was anything to show");
            }
        });
        return new Table(sets, levels, cells.size());
    }

    private record Score(double worst, double mean) {}

    private static boolean better(Score a, Score b) {
        return a.worst > b.worst + 1e-4 || a.worst > b.worst - 1e-4 && a.mean > b.mean + 1e-6;
    }

    /** Each antenna put where it helps most beside those before it. */
    private static int[] greedy(Table t, int count) {
        int[] at = new int[count];
        for (int k = 0; k < count; k++) {
            int[] so = Arrays.copyOf(at, k + 1);
            at[k] = best(t, so, k).orElse(0);
        }
        return at;
    }

    private static Optional<Integer> best(Table t, int[] at, int index) {
        float[] others = strongest(t, at, index);
        Score[] scores = new Score[t.sets.size()];
        IntStream.range(0, scores.length).parallel().forEach(i -> scores[i] = score(t, others, i));
        return IntStream.range(0, scores.length)
                .boxed()
                .max(Comparator.comparingDouble((Integer i) -> scores[i].worst)
                        .thenComparingDouble(i -> scores[i].mean));
    }

    /** Changes one antenna at a time for the better until none can be. */
    private static Score settle(Table t, int[] at, LevelMap.Watcher watcher) {
        Score now = score(t, at);
        boolean moved = true;
        for (int round = 0; moved && round < 20; round++) {
            moved = false;
            for (int k = 0; k < at.length; k++) {
                int was = at[k];
                at[k] = best(t, at, k).orElse(was);
                Score s = score(t, at);
                if (better(s, now)) {
                    now = s;
                    moved = true;
                } else {
                    at[k] = was;
                }
                if (!watcher.done(0, BEGINNINGS)) {
                    return now;
                }
            }
        }
        return now;
    }

    private static float[] strongest(Table t, int[] at, int without) {
        float[] best = new float[t.cells];
        Arrays.fill(best, -1000);
        for (int k = 0; k < at.length; k++) {
            if (k != without) {
                float[] l = t.levels[at[k]];
                for (int i = 0; i < best.length; i++) {
                    best[i] = Math.max(best[i], l[i]);
                }
            }
        }
        return best;
    }

    private static Score score(Table t, int[] at) {
        return score(t, strongest(t, at, at.length - 1), at[at.length - 1]);
    }

    /**
     * The level that all but a twentieth of the cells have: found by counting levels in bins of a fiftieth of a decibel,
     * which is faster than sorting.
     */
    private static Score score(Table t, float[] others, int set) {
        float[] own = t.levels[set];
        int[] bins = new int[BINS];
        double sum = 0;
        for (int i = 0; i < own.length; i++) {
            float v = Math.max(own[i], others[i]);
            sum += v;
            bins[(int) Math.max(0, Math.min(BINS - 1, (v - LOWEST) * PER_DB))]++;
        }
        int left = (int) (LEFT_OUT * own.length);
        int bin = 0;
        while (bin < BINS - 1 && left >= bins[bin]) {
            left -= bins[bin++];
        }
        return new Score(LOWEST + (double) bin / PER_DB, sum / own.length);
    }

    private static final int PER_DB = 50;
    private static final double LOWEST = -160;
    private static final int BINS = 10_000;

    /** The levels of several found side by side, the fewest antennas first; more only where they earn their split. */
    public List<Found> upTo(int most, LevelMap.Watcher watcher) {
        List<Found> all = new ArrayList<>();
        for (int n = 1; n <= most; n++) {
            all.add(of(n, watcher));
        }
        return Collections.unmodifiableList(all);
    }
}
