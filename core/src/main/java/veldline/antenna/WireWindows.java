package veldline.antenna;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Lengths of an end-fed wire that keep clear of every half wave of every wanted band, where its end is at thousands of ohms. Each
 * half wave of each band forbids a stretch; what is left are the windows.
 *
 * @param bands lowest and highest of each, MHz
 * @param constant half a wave times its frequency, m·MHz: 149.896 in free space, 142.65 as wire is remembered
 * @param guard share kept clear on each side, 0.02 for two per cent
 * @param least shortest length wanted, metres
 * @param most longest
 */
public record WireWindows(List<Band> bands, double constant, double guard, double least, double most) {
    /** MHz. */
    public record Band(double low, double high) {
        public Band {
            if (!(low > 0 && high >= low)) {
                throw new IllegalArgumentException(
                        "A band from " + low + " to " + high + " MHz; give its lower end first, over zero");
            }
        }
    }

    /** A stretch of lengths, metres. */
    public record Window(double from, double to) {
        public double width() {
            return to - from;
        }

        public double middle() {
            return (from + to) / 2;
        }

        boolean holds(double length) {
            return length >= from && length <= to;
        }
    }

    public WireWindows {
        bands = List.copyOf(bands);
        if (bands.isEmpty() || !(constant > 0) || !(guard >= 0 && guard < 0.5) || !(least > 0 && most > least)) {
            throw new IllegalArgumentException(
                    "Give at least one band, a half wave over zero, a guard from 0 to under 50 % and a"
                            + " least length under the greatest, not " + least + " to " + most + " m");
        }
    }

    /** Lengths to stay away from because of one band. */
    public List<Window> forbidden(Band band) {
        List<Window> all = new ArrayList<>();
        for (int n = 1; n * constant / band.high * (1 - guard) < most; n++) {
            all.add(new Window(n * constant / band.high * (1 - guard), n * constant / band.low * (1 + guard)));
        }
        return all;
    }

    /** What is left between the shortest and the longest, by growing length. */
    public List<Window> open() {
        List<Window> shut = bands.stream()
                .flatMap(b -> forbidden(b).stream())
                .sorted(Comparator.comparingDouble(Window::from))
                .toList();
        List<Window> open = new ArrayList<>();
        double at = least;
        for (Window w : shut) {
            if (w.from > at) {
                open.add(new Window(at, Math.min(w.from, most)));
            }
            at = Math.max(at, w.to);
        }
        if (at < most) {
            open.add(new Window(at, most));
        }
        return open.stream().filter(w -> w.width() > 0).toList();
    }

    public boolean allows(double length) {
        return open().stream().anyMatch(w -> w.holds(length));
    }

    public Optional<Window> widest() {
        return open().stream().max(Comparator.comparingDouble(Window::width));
    }
}
