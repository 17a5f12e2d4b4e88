package veldline.coverage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import veldline.path.LogDistance;

/** The strongest level at every cell of a plan, and which antenna it comes from. */
public final class LevelMap {
    private final Site site;
    private final int columns;
    private final int rows;
    private final float[] level;
    private final byte[] server;

    private LevelMap(Site site, int columns, int rows) {
        this.site = site;
        this.columns = columns;
        this.rows = rows;
        this.level = new float[columns * rows];
        this.server = new byte[columns * rows];
    }

    /** Hears which rows are done; false calls the work off. */
    public interface Watcher {
        boolean done(int rows, int of);
    }

    /**
     * @param columns west to east, up to 4000
     * @param rows south to north
     * @param watcher asked after every row
     * @throws CancellationException when it is called off
     */
    public static LevelMap of(
            Site site,
            List<Emitter> emitters,
            double frequency,
            Optional<LogDistance> place,
            int columns,
            int rows,
            Watcher watcher) {
        if (columns < 2 || rows < 2 || columns > 4000 || rows > 4000 || emitters.size() > 100) {
            throw new IllegalArgumentException("A map of " + columns + " by " + rows + " cells from " + emitters.size()
                    + " antennas cannot be drawn; give 2 to 4000 cells each way and up to 100 antennas");
        }
        LevelMap map = new LevelMap(site, columns, rows);
        PathRule rule = new PathRule(frequency, place);
        Shadows shadows = new Shadows(site, frequency);
        List<Source> sources = new ArrayList<>();
        emitters.forEach(e -> sources.add(new Source(e, site, rule, shadows)));
        AtomicInteger done = new AtomicInteger();
        BooleanSupplier goOn = () -> watcher.done(done.incrementAndGet(), rows);
        IntStream.range(0, rows).parallel().forEach(r -> {
            map.row(r, sources);
            if (!goOn.getAsBoolean()) {
                throw new CancellationException("Stopped; what was drawn is kept");
            }
        });
        return map;
    }

    private void row(int r, List<Source> sources) {
        double y = y(r);
        double held = site.held().value();
        Arrays.fill(level, r * columns, (r + 1) * columns, Float.NEGATIVE_INFINITY);
        for (int k = 0; k < sources.size(); k++) {
            Source source = sources.get(k);
            int[] pieces = new int[source.pieces()];
            int count = source.meeting(y, pieces);
            for (int c = 0; c < columns; c++) {
                double x = x(c);
                double here = source.level(x, y, site.ground(x, y) + held, pieces, count);
                int cell = r * columns + c;
                if (here > level[cell]) {
                    level[cell] = (float) here;
                    server[cell] = (byte) k;
                }
            }
        }
    }

    /** One antenna with all that does not change from place to place. */
    static final class Source {
        private final Emitter e;
        private final double z;
        private final PathRule.Law law;
        private final Shadows.From shadows;
        private final double sinA;
        private final double cosA;
        private final double sinT;
        private final double cosT;

        Source(Emitter e, Site site, PathRule rule, Shadows shadows) {
            this.e = e;
            this.z = site.ground(e.x(), e.y()) + e.height();
            this.law = rule.law(e.height(), site.held().value());
            this.shadows = shadows.from(e.x(), e.y(), z);
            this.sinA = Math.sin(Math.toRadians(e.azimuth()));
            this.cosA = Math.cos(Math.toRadians(e.azimuth()));
            this.sinT = Math.sin(Math.toRadians(e.tilt()));
            this.cosT = Math.cos(Math.toRadians(e.tilt()));
        }

        /** Level at a place, dBm. */
        double level(double x, double y, double toZ) {
            return e.power() + gain(x, y, toZ) - loss(x, y, toZ);
        }

        int pieces() {
            return shadows.pieces();
        }

        /** Which obstacles can stand between it and anywhere on a line from west to east. */
        int meeting(double y, int[] into) {
            return shadows.meeting(y, into);
        }

        /** The same level, looking at some obstacles only. */
        double level(double x, double y, double toZ, int[] pieces, int count) {
            double east = x - e.x();
            double north = y - e.y();
            double up = toZ - z;
            double distance = Math.sqrt(east * east + north * north + up * up);
            return e.power()
                    + e.gain(east, north, up, Math.max(0.1, distance), sinA, cosA, sinT, cosT)
                    - law.lossDb(distance)
                    - shadows.lossDb(east, north, toZ, pieces, count);
        }

        double gain(double x, double y, double toZ) {
            double east = x - e.x();
            double north = y - e.y();
            double up = toZ - z;
            double distance = Math.max(0.1, Math.sqrt(east * east + north * north + up * up));
            return e.gain(east, north, up, distance, sinA, cosA, sinT, cosT);
        }

        /** What lies between takes, dB: everything but the pattern. */
        double loss(double x, double y, double toZ) {
            double east = x - e.x();
            double north = y - e.y();
            double up = toZ - z;
            return law.lossDb(Math.sqrt(east * east + north * north + up * up)) + shadows.lossDb(east, north, toZ);
        }
    }

    public int columns() {
        return columns;
    }

    public int rows() {
        return rows;
    }

    /** Middle of a column, metres from the west. */
    public double x(int column) {
        return (column + 0.5) * site.width() / columns;
    }

    /** Middle of a row, metres from the south. */
    public double y(int row) {
        return (row + 0.5) * site.depth() / rows;
    }

    /** Strongest level in a cell, dBm. */
    public double level(int column, int row) {
        return level[row * columns + column];
    }

    /** Which antenna it comes from. */
    public int server(int column, int row) {
        return server[row * columns + column];
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof LevelMap m && Arrays.equals(level, m.level) && Arrays.equals(server, m.server);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(level);
    }
}
