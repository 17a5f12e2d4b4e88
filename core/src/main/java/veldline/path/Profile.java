package veldline.path;

import java.util.ArrayList;
import java.util.List;

/**
 * The ground along the way, from the near end to the far one, both ends among its points.
 *
 * @param source where it is from, in words
 * @param along metres from the near end, rising from zero
 * @param heights of the ground there, metres over the zero all heights are counted from
 */
public record Profile(String source, List<Double> along, List<Double> heights) {
    /** More points than any way needs, and few enough to be drawn and kept. */
    public static final int MOST = 20_000;

    public Profile {
        along = List.copyOf(along);
        heights = List.copyOf(heights);
        if (along.size() != heights.size() || along.size() < 2 || along.size() > MOST) {
            throw new IllegalArgumentException("A profile has " + along.size() + " places and " + heights.size()
                    + " heights; give as many of one as of the other, from 2 to " + MOST);
        }
        for (int i = 0; i < along.size(); i++) {
            check(i, along.get(i), i == 0 ? -1 : along.get(i - 1), heights.get(i));
        }
        if (along.get(0) != 0) {
            throw new IllegalArgumentException(
                    "The profile begins at " + along.get(0) + " m; its first point is the near end, at 0 m");
        }
    }

    private static void check(int i, double place, double before, double height) {
        if (!(place > before) || !(place <= 1e6)) {
            throw new IllegalArgumentException("Point " + (i + 1) + " of the profile lies at " + place + " m after "
                    + before + " m; distances rise from point to point, to 1000 km");
        }
        if (!(Math.abs(height) <= 9000)) {
            throw new IllegalArgumentException("Point " + (i + 1) + " of the profile is " + height
                    + " m high; the ground lies between −9000 and 9000 m");
        }
    }

    public int size() {
        return along.size();
    }

    /** Metres from end to end. */
    public double length() {
        return along.get(along.size() - 1);
    }

    public double near() {
        return heights.get(0);
    }

    public double far() {
        return heights.get(heights.size() - 1);
    }

    /** The ground at a distance, on the straight line between its neighbours. */
    public double at(double distance) {
        int low = 0;
        int high = size() - 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (along.get(middle) <= distance) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double share = (distance - along.get(low)) / (along.get(high) - along.get(low));
        return heights.get(low) + Math.max(0, Math.min(1, share)) * (heights.get(high) - heights.get(low));
    }

    /** The same seen from the other end. */
    public Profile turned() {
        List<Double> places = new ArrayList<>(size());
        List<Double> ground = new ArrayList<>(size());
        for (int i = size() - 1; i >= 0; i--) {
            places.add(length() - along.get(i));
            ground.add(heights.get(i));
        }
        return new Profile(source, places, ground);
    }

    /** The same stretched to another length, for a way that was measured more exactly. */
    public Profile stretched(double length) {
        double by = length / length();
        List<Double> places = new ArrayList<>(along.stream().map(d -> d * by).toList());
        places.set(size() - 1, length);
        return new Profile(source, places, heights);
    }

    /**
     * With another height at a place; a point that stands within a hundredth of the length is moved there instead.
     *
     * @param place metres from the near end, within the length
     */
    public Profile withPoint(double place, double height) {
        List<Double> places = new ArrayList<>(along);
        List<Double> ground = new ArrayList<>(heights);
        double close = length() / 100;
        for (int i = 0; i < size(); i++) {
            if (Math.abs(along.get(i) - place) <= close) {
                ground.set(i, height);
                return new Profile(source, places, ground);
            }
            if (along.get(i) > place) {
                places.add(i, place);
                ground.add(i, height);
                break;
            }
        }
        return new Profile(source, places, ground);
    }
}
