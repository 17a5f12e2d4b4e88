package veldline.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A {@link Strip} of a recording that still goes on. However long that is, it takes no more room: once its steps are used up, two of them
 * become one. For one thread.
 */
public final class GrowingStrip {
    private final int most;
    private final List<Bin> bins = new ArrayList<>();
    private double width;

    /** One step of time while it is gathered. */
    private static final class Bin {
        private int asked;
        private int heard;
        private int tides;
        private double sum;
        private double tide;
        private double low = Double.POSITIVE_INFINITY;
        private double high = Double.NEGATIVE_INFINITY;

        void add(Reading r) {
            asked++;
            if (r.levelDbm().isPresent()) {
                double level = r.levelDbm().get();
                heard++;
                sum += level;
                low = Math.min(low, level);
                high = Math.max(high, level);
            }
            if (r.tide().isPresent()) {
                tides++;
                tide += r.tide().get();
            }
        }

        void join(Bin b) {
            asked += b.asked;
            heard += b.heard;
            tides += b.tides;
            sum += b.sum;
            tide += b.tide;
            low = Math.min(low, b.low);
            high = Math.max(high, b.high);
        }

        Strip.Bin told() {
            return new Strip.Bin(
                    asked,
                    heard,
                    heard == 0 ? Double.NaN : sum / heard,
                    heard == 0 ? 0 : low,
                    heard == 0 ? 0 : high,
                    tides == 0 ? Optional.empty() : Optional.of(tide / tides));
        }
    }

    /**
     * @param most steps, an even number
     * @param width seconds of one at first
     */
    public GrowingStrip(int most, double width) {
        if (most < 2 || most % 2 != 0 || !(width > 0)) {
            throw new IllegalArgumentException("A strip of " + most + " steps of " + width
                    + " s cannot grow; give an even number of steps and a width over nothing");
        }
        this.most = most;
        this.width = width;
    }

    /** Readings come in the order they were made; one from before the beginning counts for nothing. */
    public void add(Reading r) {
        if (r.seconds() < 0) {
            return;
        }
        while (r.seconds() >= most * width) {
            halve();
        }
        int i = (int) (r.seconds() / width);
        while (bins.size() <= i) {
            bins.add(new Bin());
        }
        bins.get(i).add(r);
    }

    private void halve() {
        List<Bin> next = new ArrayList<>();
        for (int i = 0; i < bins.size(); i += 2) {
            Bin b = bins.get(i);
            if (i + 1 < bins.size()) {
                b.join(bins.get(i + 1));
            }
            next.add(b);
        }
        bins.clear();
        bins.addAll(next);
        width *= 2;
    }

    /** As far as it has come; empty before the first reading. */
    public Optional<Strip> strip() {
        return bins.isEmpty()
                ? Optional.empty()
                : Optional.of(new Strip(
                        width * bins.size(), bins.stream().map(Bin::told).toList()));
    }
}
