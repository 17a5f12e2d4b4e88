package veldline.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Pieces laid into bars of stock so that little is left: the longest first, each into the first bar that still holds it. That takes
 * at most 11/9 of the fewest bars and one (Johnson, 1973), and for the few pieces of an antenna nearly always the fewest.
 *
 * @param bars with what is cut from each
 * @param tooLong pieces that no bar is long enough for
 */
public record Nesting(List<Bar> bars, List<Piece> tooLong) {
    public Nesting {
        bars = List.copyOf(bars);
        tooLong = List.copyOf(tooLong);
    }

    /** One piece. @param length metres */
    public record Piece(String name, double length) {}

    /**
     * One bar.
     *
     * @param size diameter or width of what it is, metres
     * @param length of the stock, metres
     * @param left what remains of it
     */
    public record Bar(double size, double length, List<Piece> pieces, double left) {
        public Bar {
            pieces = List.copyOf(pieces);
        }
    }

    /** Both, one after the other: of different stock, so that nothing of one is cut from the other. */
    Nesting and(Nesting other) {
        return new Nesting(
                Stream.concat(bars.stream(), other.bars.stream()).toList(),
                Stream.concat(tooLong.stream(), other.tooLong.stream()).toList());
    }

    /**
     * @param size diameter or width of all of it, metres
     * @param pieces to cut
     * @param stock lengths that lie ready, each once, metres; the first to be used up come first
     * @param usual length of bars that are bought beyond those
     * @param kerf what the saw takes with every cut
     */
    public static Nesting of(double size, List<Piece> pieces, List<Double> stock, double usual, double kerf) {
        List<Double> ready = new ArrayList<>(stock.stream().sorted().toList());
        List<Double> lengths = new ArrayList<>();
        List<Double> left = new ArrayList<>();
        List<List<Piece>> cut = new ArrayList<>();
        List<Piece> tooLong = new ArrayList<>();
        for (Piece p : pieces.stream()
                .sorted(Comparator.comparingDouble(Piece::length).reversed())
                .toList()) {
            int bar = 0;
            while (bar < left.size() && left.get(bar) < p.length - 1e-9) {
                bar++;
            }
            if (bar == left.size()) {
                // The shortest that holds it, so that long ones stay for long pieces.
                Double next = ready.stream()
                        .filter(l -> l >= p.length - 1e-9)
                        .findFirst()
                        .orElse(usual);
                if (next < p.length - 1e-9) {
                    tooLong.add(p);
                    continue;
                }
                ready.remove(next);
                lengths.add(next);
                left.add(next);
                cut.add(new ArrayList<>());
            }
            cut.get(bar).add(p);
            left.set(bar, Math.max(0, left.get(bar) - p.length - kerf));
        }
        List<Bar> bars = new ArrayList<>();
        for (int i = 0; i < cut.size(); i++) {
            bars.add(new Bar(size, lengths.get(i), cut.get(i), left.get(i)));
        }
        return new Nesting(bars, tooLong);
    }
}
