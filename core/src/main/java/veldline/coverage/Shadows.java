package veldline.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.path.FreeSpace;
import veldline.path.KnifeEdge;
import veldline.path.Material;

/**
 * What the obstacles of a site take from a ray: at each it goes through or over the top, whichever takes less
 * (ITU-R P.2040 and P.526 §4.1); under a roof there is no way over the top. Held as plain arrays; one place is worked out in
 * some tens of nanoseconds.
 */
final class Shadows {
    private final double[] ax;
    private final double[] ay;
    private final double[] bx;
    private final double[] by;
    private final double[] height;
    private final double[] through;
    private final int[] roof;
    private final Roofs roofs;
    private final boolean open;
    private final Site site;
    private final double wave;

    /** @param roof which roof it stands under, −1 for none */
    private record Piece(Point a, Point b, double height, double through, int roof) {}

    Shadows(Site site, double frequency) {
        this.site = site;
        this.wave = FreeSpace.wavelength(frequency);
        this.roofs = new Roofs(site, frequency);
        this.open = roofs.none();
        List<Piece> pieces = new ArrayList<>();
        for (Site.Obstacle o : site.obstacles()) {
            Optional<Material> m = o.material();
            double loss = m.map(x -> through(x, o.thickness(), frequency)).orElse(Double.POSITIVE_INFINITY);
            int n = o.line().size();
            for (int i = 0; i < (o.closed() ? n : n - 1); i++) {
                pieces.add(new Piece(o.line().get(i), o.line().get((i + 1) % n), o.height(), loss, roofs.of(o)));
            }
        }
        int n = pieces.size();
        ax = new double[n];
        ay = new double[n];
        bx = new double[n];
        by = new double[n];
        height = new double[n];
        through = new double[n];
        roof = new int[n];
        for (int i = 0; i < n; i++) {
            Piece p = pieces.get(i);
            ax[i] = p.a.x();
            ay[i] = p.a.y();
            bx[i] = p.b.x() - p.a.x();
            by[i] = p.b.y() - p.a.y();
            height[i] = p.height;
            through[i] = p.through;
            roof[i] = p.roof;
        }
    }

    /** What a wall takes, by its own thickness or the usual one; nothing where that is not known. */
    static double through(Material of, double thickness, double frequency) {
        return Material.holds(frequency) ? of.lossDb(frequency, thickness > 0 ? thickness : of.usualThickness()) : 0;
    }

    /** From one antenna: what does not change from place to place is worked out once. */
    From from(double x, double y, double z) {
        return new From(x, y, z);
    }

    final class From {
        private final double x;
        private final double y;
        private final double z;
        private final double[] cross = new double[ax.length];
        private final long under;
        private final int[] all = java.util.stream.IntStream.range(0, ax.length).toArray();

        private From(double x, double y, double z) {
            this.x = x;
            this.y = y;
            this.z = z;
            this.under = roofs.under(x, y, z);
            for (int i = 0; i < cross.length; i++) {
                cross[i] = (ax[i] - x) * by[i] - (ay[i] - y) * bx[i];
            }
        }

        /**
         * What is taken on the way to a place, dB.
         *
         * @param east of the antenna, metres
         * @param north of it
         * @param toZ its height over the corner of the plan, metres
         */
        double lossDb(double east, double north, double toZ) {
            return lossDb(east, north, toZ, all, all.length);
        }

        int pieces() {
            return cross.length;
        }

        /** Which pieces a ray to anywhere on a line from west to east can meet, at the front of {@code into}. */
        int meeting(double toY, int[] into) {
            double low = Math.min(y, toY);
            double high = Math.max(y, toY);
            int n = 0;
            for (int i = 0; i < cross.length; i++) {
                if (Math.min(ay[i], ay[i] + by[i]) <= high && Math.max(ay[i], ay[i] + by[i]) >= low) {
                    into[n++] = i;
                }
            }
            return n;
        }

        /** The same of those pieces alone. */
        double lossDb(double east, double north, double toZ, int[] pieces, int count) {
            long under = open ? 0 : roofs.under(x + east, y + north, toZ) ^ this.under;
            double loss = open ? 0 : roofs.lossDb(x, y, z, east, north, toZ);
            for (int k = 0; k < count; k++) {
                int i = pieces[k];
                double den = east * by[i] - north * bx[i];
                double size = Math.abs(den);
                double along = den < 0 ? -cross[i] : cross[i];
                if (along > 0 && along < size) {
                    double onWall = (ax[i] - x) * north - (ay[i] - y) * east;
                    double share = den < 0 ? -onWall : onWall;
                    if (share >= 0 && share <= size) {
                        loss += over(i, along / size, east, north, toZ, under);
                    }
                }
            }
            return loss;
        }

        private double over(int i, double t, double east, double north, double toZ, long under) {
            double distance = Math.sqrt(east * east + north * north);
            double px = x + t * east;
            double py = y + t * north;
            double stands = site.ground(px, py) + height[i] - (z + t * (toZ - z));
            if (under != 0 && roof[i] >= 0 && (under >> roof[i] & 1) == 1) {
                // Under the eaves it is the wall; over them the way in is the roof, which is counted already.
                return stands < 0 ? 0 : through[i];
            }
            double d1 = Math.max(t * distance, 0.1);
            double d2 = Math.max((1 - t) * distance, 0.1);
            double top = KnifeEdge.lossDb(KnifeEdge.v(stands, d1, d2, wave));
            return stands < 0 ? top : Math.min(through[i], top);
        }
    }
}
