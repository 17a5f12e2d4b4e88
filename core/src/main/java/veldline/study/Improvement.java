package veldline.study;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import veldline.antenna.Yagi;
import veldline.antenna.YagiDimension;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.wire.WireModel;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * What a Yagi of as many elements on no longer a boom could be: the front between two measures over a band, each antenna
 * on it as good in the one as anything found that is as good in the other. Elements stay square to the boom and centred on
 * it, and no closer than a twentieth of a wave.
 */
public final class Improvement {
    private static final double C = 299_792_458.0;
    private static final String SOURCE = "Thin-wire currents by the method of moments, solved at three frequencies";
    static final Formula WORST = new Formula(
            "Worst over the band",
            "The least that is had anywhere in the band, or the most of what should be small: of its ends and its middle.",
            "W",
            "a",
            SOURCE,
            "Between the three it may be a little worse; cutting and the boom add the rest");
    static final Formula BOOM = new Formula(
            "Boom",
            "From the reflector to the last element.",
            "L",
            "a",
            "As it would be drilled",
            "As good as the drill");
    /** How far lengths may go from what they are, as a share. */
    private static final double LENGTHS = 0.12;
    /** Gaps from a half of what they are to one and a half times as much. */
    private static final double GAPS = 0.5;

    private static final double LEAST_GAP_WAVES = 0.05;
    /** Decimals of millimetres while looking: slopes are taken over a hundredth of a radius. */
    private static final int FINE = 9;

    /** A quick mesh serves while looking; what is kept is solved again in full. */
    private static final double QUICK = 0.6;

    /** Tries of each polish: a few steps down the slopes are worth hundreds of others. */
    private static final int POLISH = 40;
    /** How far the first tries go, as a share of a dimension's room: at first, and beside what is good already. */
    private static final double WIDE = 0.06;

    private static final double CLOSE = 0.01;
    /** Weights of the first measure, the rest being the second's. */
    private static final double[] SHARES = {0.7, 0.85, 1, 0.3, 0.15, 0};
    /** Of the tries, those for both measures alike, from where the others start. */
    private static final double FIRST = 0.4;

    /**
     * What is asked.
     *
     * @param from the Yagi as it is
     * @param frequency middle of the band, hertz
     * @param span of the band, as a share of the frequency
     * @param mostBoom metres
     * @param mostSwr on 50 Ω over the band, with a straight driven element
     * @param across one of the two measures, and the other
     * @param chosen what may change
     * @param tries antennas tried in all, slopes not counted
     */
    public record Ask(
            YagiShape from,
            double frequency,
            double span,
            double mostBoom,
            double mostSwr,
            Measure across,
            Measure up,
            Chosen chosen,
            int tries) {
        double[] frequencies() {
            return new double[] {frequency * (1 - span / 2), frequency, frequency * (1 + span / 2)};
        }
    }

    /** Which dimensions may change. */
    public enum Chosen {
        ALL("lengths and gaps"),
        LENGTHS("lengths alone"),
        GAPS("gaps alone");

        private final String words;

        Chosen(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        boolean has(YagiDimension d) {
            return this == ALL || d.length() == (this == LENGTHS);
        }
    }

    /** An antenna and what it does. */
    public record Design(YagiShape yagi, AcrossBand reached) {
        /** The worst over the band, explained. */
        public Worked worked(Measure m, Ask ask) {
            double value = reached.worst(m);
            return Worked.of(m == Measure.LENGTH ? BOOM : WORST)
                    .computed(
                            "a",
                            m == Measure.LENGTH
                                    ? "from the reflector to the last element"
                                    : m.words().toLowerCase(java.util.Locale.ROOT) + " where it is worst, of "
                                            + NumberText.shown(ask.frequencies()[0] / 1e6, 1) + ", "
                                            + NumberText.shown(ask.frequencies()[1] / 1e6, 1) + " and "
                                            + NumberText.shown(ask.frequencies()[2] / 1e6, 1) + " MHz",
                            value,
                            m.unit(),
                            m.decimals())
                    .gives(value, m.unit(), m.decimals());
        }
    }

    /**
     * What came of it.
     *
     * @param now the Yagi as it is
     * @param front in the order of the first measure
     * @param tried antennas solved
     */
    public record Result(Ask ask, Design now, List<Design> front, int tried) {
        /** The most antennas on a front. */
        public static final int MOST = 9;

        public Result {
            front = List.copyOf(front);
        }
    }

    private final Ask ask;
    private final Progress progress;
    private final Subject subject;
    private final Front<double[]> front;
    private int tried;
    private String best = "";

    private Improvement(Ask ask, Progress progress) {
        this.ask = ask;
        this.progress = progress;
        this.subject = subject(ask);
        this.front = new Front<>(ask.across, ask.up);
    }

    /** What was found also stands when it is called off. */
    public static Result of(Ask ask, Progress progress) {
        return new Improvement(ask, progress).result();
    }

    private Result result() {
        Search search = new Search(subject, ask.frequencies(), QUICK, this::tried);
        try {
            double[] start = start(search);
            // Slopes from where it is lead to good antennas at once; the wide search then looks for better ones.
            for (double share : new double[] {1, 0.5, 0}) {
                search.polished(goals(share), start, POLISH);
            }
            double[] middle = search.wide(goals(0.5), best(0.5, start), WIDE, (int) (ask.tries * FIRST));
            search.polished(goals(0.5), middle, POLISH);
            int each = (int) (ask.tries * (1 - FIRST) / SHARES.length);
            for (double share : SHARES) {
                double[] from = search.polished(goals(share), best(share, middle), POLISH);
                from = search.wide(goals(share), from, CLOSE, Math.max(1, each - 2 * POLISH));
                search.polished(goals(share), from, POLISH);
            }
        } catch (CancellationException e) {
            // Called off: the front as far as it got.
            best = "";
        }
        Goals plain = goals(0.5);
        List<Design> found = front.spread(3 * Result.MOST).stream()
                .map(v -> design(yagi(ask, v)))
                .filter(d -> plain.kept(d.reached))
                .toList();
        Front<Design> again = new Front<>(ask.across, ask.up);
        found.forEach(d -> again.hear(d, d.reached));
        return new Result(ask, design(ask.from), again.spread(Result.MOST), tried);
    }

    /** Of all that keeps the limits so far, the best by these weights; else what is given. */
    private double[] best(double share, double[] otherwise) {
        return front.best(goals(share)).orElse(otherwise);
    }

    /** The Yagi as it is, or by the rule where that is the better start. */
    private double[] start(Search search) {
        Goals goals = goals(0.5);
        YagiShape rule = Yagi.forCount(
                ask.frequency, ask.from.elements().size(), ask.from.diameter(), ask.from.metal(), ask.from.upright());
        List<double[]> starts = List.of(subject.start(), subject.within(part(ask, values(rule))));
        double[] best = subject.start();
        double most = Double.NEGATIVE_INFINITY;
        for (double[] each : starts) {
            double score =
                    search.reached(each, goals.wantsLobes()).map(goals::score).orElse(Double.NEGATIVE_INFINITY);
            if (score > most) {
                most = score;
                best = each;
            }
        }
        return best;
    }

    private boolean tried(double[] values, AcrossBand reached) {
        tried++;
        if (goals(0.5).kept(reached)) {
            front.hear(values.clone(), reached);
            best = words(ask.across, reached) + ", " + words(ask.up, reached);
        }
        return progress.step(Math.min(tried, ask.tries), ask.tries, best);
    }

    private static String words(Measure m, AcrossBand reached) {
        return NumberText.shown(reached.worst(m), m.decimals()) + (m.unit().isEmpty() ? "" : " " + m.unit());
    }

    private Goals goals(double share) {
        Map<Measure, Double> weights = new EnumMap<>(Measure.class);
        // The other never counts for nothing at all: of two alike in the first the better in it is wanted.
        weights.put(ask.across, Math.max(0.02, share));
        weights.put(ask.up, Math.max(0.02, 1 - share));
        Map<Measure, Double> limits = new EnumMap<>(Measure.class);
        limits.put(Measure.LENGTH, ask.mostBoom * 1000);
        if (ask.across != Measure.SWR && ask.up != Measure.SWR) {
            limits.put(Measure.SWR, ask.mostSwr);
        }
        return new Goals(weights, limits);
    }

    private Design design(YagiShape yagi) {
        YagiShape straight = bare(yagi);
        boolean lobes = goals(0.5).wantsLobes();
        return new Design(
                yagi, AcrossBand.of(straight.model(), straight.boomLength(), ask.frequencies(), 1, lobes, () -> true));
    }

    /** Fed straight and without its cable, as every antenna here is compared. */
    private static YagiShape bare(YagiShape yagi) {
        return yagi.withFeed(YagiShape.Feed.STRAIGHT).withOutside(Optional.empty());
    }

    /** Every length, then every gap. */
    private static double[] values(YagiShape yagi) {
        int n = yagi.elements().size();
        double[] values = new double[2 * n - 1];
        for (int i = 0; i < n; i++) {
            values[i] = yagi.elements().get(i).length().value();
            if (i > 0) {
                values[n + i - 1] = yagi.elements().get(i).position().value()
                        - yagi.elements().get(i - 1).position().value();
            }
        }
        return values;
    }

    /** Where each dimension stands among {@link #values}, of those that may change. */
    private static int[] places(Ask ask) {
        int n = ask.from.elements().size();
        return YagiDimension.of(ask.from).stream()
                .filter(ask.chosen::has)
                .filter(d -> !d.length() || !ask.from.locked().contains(d.element()))
                .mapToInt(d -> d.length() ? d.element() : n + d.element() - 1)
                .toArray();
    }

    private static double[] part(Ask ask, double[] all) {
        return Arrays.stream(places(ask)).mapToDouble(i -> all[i]).toArray();
    }

    /** With those that may change as given. */
    private static double[] whole(double[] all, int[] places, double[] part) {
        double[] next = all.clone();
        for (int i = 0; i < places.length; i++) {
            next[places[i]] = part[i];
        }
        return next;
    }

    /** To a tenth of a millimetre, as it would be cut. */
    private static YagiShape yagi(Ask ask, double[] part) {
        return shaped(ask.from, whole(values(ask.from), places(ask), part), 1);
    }

    /** @param decimals of millimetres that are kept */
    private static YagiShape shaped(YagiShape of, double[] values, int decimals) {
        int n = of.elements().size();
        List<YagiShape.Element> elements = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < n; i++) {
            at += i > 0 ? values[n + i - 1] : 0;
            elements.add(new YagiShape.Element(
                    Quantity.shown(at, Unit.MM, decimals), Quantity.shown(values[i], Unit.MM, decimals)));
        }
        return of.withElements(elements);
    }

    private static Subject subject(Ask ask) {
        double[] now = values(ask.from);
        int n = ask.from.elements().size();
        double least = LEAST_GAP_WAVES * C / ask.frequency;
        List<Subject.Free> free = new ArrayList<>();
        for (YagiDimension d : YagiDimension.of(ask.from)) {
            if (ask.chosen.has(d)) {
                double is = now[d.length() ? d.element() : n + d.element() - 1];
                double low = d.length() ? is * (1 - LENGTHS) : Math.min(is, Math.max(least, is * (1 - GAPS)));
                double high = is * (1 + (d.length() ? LENGTHS : GAPS));
                String name = YagiShape.nameOf(d.element()) + (d.length() ? ", length" : ", gap before it");
                free.add(new Subject.Free(name, low, high, is));
            }
        }
        double[] lengthSlopes = YagiDimension.of(ask.from).stream()
                .filter(ask.chosen::has)
                .mapToDouble(d -> d.length() ? 0 : 1)
                .toArray();
        YagiShape straight = bare(ask.from);
        int[] places = places(ask);
        return new Subject(free, new Subject.Shape() {
            @Override
            public WireModel model(double[] part) {
                return shaped(straight, whole(now, places, part), FINE).model();
            }

            @Override
            public double length(double[] part) {
                return Arrays.stream(whole(now, places, part)).skip(n).sum();
            }

            @Override
            public double[] lengthSlopes() {
                return lengthSlopes.clone();
            }
        });
    }
}
